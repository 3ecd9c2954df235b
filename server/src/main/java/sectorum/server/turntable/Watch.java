package sectorum.server.turntable;

import java.io.IOException;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArraySet;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.apache.commons.logging.Log;
import org.apache.commons.logging.LogFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import sectorum.server.presence.Presence;

/**
 * Tells open turntables that their plan or its journal has gone on. One thread asks the database for all of them, so that it
 * does not matter which copy of the server somebody works at, and no watcher holds a connection.
 */
@Component
public class Watch implements SmartLifecycle {
    private static final Log log = LogFactory.getLog(Watch.class);
    /** Shorter than what intermediaries cut; the browser comes back by itself. */
    private static final long OPEN_MS = 55_000;

    private static final long EVERY_MS = 700;
    /** So many rounds without news, and a word is sent to learn who is gone. */
    private static final int SILENT_ROUNDS = 20;
    /** More than an atelier has; each holds a socket. */
    static final int MOST = 500;

    private final LineRepository rows;
    private final Presence presence;
    private final Map<Long, Set<SseEmitter>> watching = new ConcurrentHashMap<>();
    private final Map<Long, News> told = new ConcurrentHashMap<>();
    private ScheduledExecutorService clockwork;
    private int rounds;

    Watch(LineRepository rows, Presence presence) {
        this.rows = rows;
        this.presence = presence;
    }

    /** How far a plan and its journal are, and who is at it. */
    public record News(long plan, int revision, long place, List<Presence.Present> people) {}

    private List<News> news(Collection<Long> plans) {
        if (plans.isEmpty()) {
            return List.of();
        }
        Map<Long, List<Presence.Present>> people = presence.at(plans);
        return rows.far(plans).stream()
                .map(far ->
                        new News(far.plan(), far.revision(), far.place(), people.getOrDefault(far.plan(), List.of())))
                .toList();
    }

    /** How many watch now. */
    public int watchers() {
        return watching.values().stream().mapToInt(Set::size).sum();
    }

    /** Whether one more can. */
    public boolean isFull() {
        return watchers() >= MOST;
    }

    /** A stream of {@link News} of one plan: first where it is, then whenever it goes on. */
    public SseEmitter open(long plan) {
        SseEmitter stream = new SseEmitter(OPEN_MS);
        Runnable gone = () -> watching.computeIfPresent(plan, (id, all) -> {
            all.remove(stream);
            return all.isEmpty() ? null : all;
        });
        stream.onCompletion(gone);
        stream.onTimeout(stream::complete);
        stream.onError(thrown -> gone.run());
        news(List.of(plan)).forEach(far -> send(stream, SseEmitter.event().data(far)));
        watching.computeIfAbsent(plan, id -> new CopyOnWriteArraySet<>()).add(stream);
        // A round may have told the others of what came since this one was told: the next round tells all of them
        // again.
        told.remove(plan);
        return stream;
    }

    private static void send(SseEmitter stream, SseEmitter.SseEventBuilder event) {
        try {
            stream.send(event);
        } catch (IOException | IllegalStateException gone) {
            stream.complete();
        }
    }

    private void look() {
        try {
            Set<Long> plans = new HashSet<>(watching.keySet());
            told.keySet().retainAll(plans);
            for (News far : news(plans)) {
                if (!far.equals(told.put(far.plan(), far))) {
                    watching.getOrDefault(far.plan(), Set.of())
                            .forEach(stream -> send(stream, SseEmitter.event().data(far)));
                }
            }
            if (++rounds % SILENT_ROUNDS == 0) {
                watching.values()
                        .forEach(all -> all.forEach(
                                stream -> send(stream, SseEmitter.event().comment("here"))));
            }
        } catch (DataAccessException | TransactionException away) {
            log.debug("The database does not answer; asked again", away);
        } catch (RuntimeException unforeseen) {
            // A clockwork that throws is never wound again, and nobody would hear anything any more.
            log.warn("A round of what is new was left out; asked again", unforeseen);
        }
    }

    @Override
    public synchronized void start() {
        ScheduledThreadPoolExecutor one = new ScheduledThreadPoolExecutor(1, work -> {
            Thread thread = new Thread(work, "watch");
            thread.setDaemon(true);
            return thread;
        });
        one.scheduleWithFixedDelay(this::look, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
        clockwork = one;
    }

    /** Streams are ended before the connectors wait for what is under way. */
    @Override
    public synchronized void stop() {
        clockwork.shutdownNow();
        clockwork = null;
        watching.values().forEach(all -> all.forEach(SseEmitter::complete));
        watching.clear();
    }

    @Override
    public synchronized boolean isRunning() {
        return clockwork != null;
    }
}
