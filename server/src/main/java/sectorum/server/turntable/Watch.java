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
    private final Map<Long, Set<Watcher>> watching = new ConcurrentHashMap<>();
    private ScheduledExecutorService clockwork;
    private int rounds;

    Watch(LineRepository rows, Presence presence) {
        this.rows = rows;
        this.presence = presence;
    }

    /** How far a plan and its journal are, and who is at it. */
    public record News(long plan, int revision, long place, List<Presence.Present> people) {}

    /** One open stream, and what it was told last: nothing is told twice, and what came while it was opened is told next. */
    private static final class Watcher {
        private final SseEmitter stream = new SseEmitter(OPEN_MS);
        private News last;

        private synchronized void tell(News far) {
            if (!far.equals(last)) {
                last = far;
                send(SseEmitter.event().data(far));
            }
        }

        private void send(SseEmitter.SseEventBuilder event) {
            try {
                stream.send(event);
            } catch (IOException | IllegalStateException gone) {
                stream.complete();
            }
        }
    }

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
        Watcher watcher = new Watcher();
        Runnable gone = () -> watching.computeIfPresent(plan, (id, all) -> {
            all.remove(watcher);
            return all.isEmpty() ? null : all;
        });
        watcher.stream.onCompletion(gone);
        watcher.stream.onTimeout(watcher.stream::complete);
        watcher.stream.onError(thrown -> gone.run());
        // Watching before it is told where it is: what comes in between is told by the next round.
        watching.computeIfAbsent(plan, id -> new CopyOnWriteArraySet<>()).add(watcher);
        try {
            news(List.of(plan)).forEach(watcher::tell);
        } catch (RuntimeException away) {
            gone.run();
            throw away;
        }
        return watcher.stream;
    }

    private void look() {
        try {
            for (News far : news(new HashSet<>(watching.keySet()))) {
                watching.getOrDefault(far.plan(), Set.of()).forEach(watcher -> watcher.tell(far));
            }
            if (++rounds % SILENT_ROUNDS == 0) {
                watching.values()
                        .forEach(all -> all.forEach(
                                watcher -> watcher.send(SseEmitter.event().comment("here"))));
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
        watching.values().forEach(all -> all.forEach(watcher -> watcher.stream.complete()));
        watching.clear();
    }

    @Override
    public synchronized boolean isRunning() {
        return clockwork != null;
    }
}
