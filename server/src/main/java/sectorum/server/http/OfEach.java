package sectorum.server.http;

import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/** So many at once of each who asks, by whatever tells them apart; who comes after waits for a while, and only so many wait. */
final class OfEach {
    private final ConcurrentHashMap<String, Semaphore> gates = new ConcurrentHashMap<>();
    private final int atOnce;
    private final int waiting;
    private final long patienceMs;

    OfEach(int atOnce, int waiting, long patienceMs) {
        this.atOnce = atOnce;
        this.waiting = waiting;
        this.patienceMs = patienceMs;
    }

    /** Whether it may begin; who may tells when it is over with {@link #leave}. */
    boolean enter(String who) {
        return isLetIn(gates.computeIfAbsent(who, w -> new Semaphore(atOnce, true)), 1, waiting, patienceMs);
    }

    void leave(String who) {
        gates.computeIfPresent(who, (w, gate) -> {
            gate.release();
            // Forgotten when nobody of theirs is inside or waits.
            return gate.availablePermits() == atOnce && !gate.hasQueuedThreads() ? null : gate;
        });
    }

    /** Whether a gate lets so much in within a time, where not too many wait for it already. */
    static boolean isLetIn(Semaphore gate, int many, int waiting, long patienceMs) {
        if (gate.getQueueLength() >= waiting) {
            return false;
        }
        try {
            return gate.tryAcquire(many, patienceMs, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
