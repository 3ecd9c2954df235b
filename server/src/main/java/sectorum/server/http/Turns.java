package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What takes seconds is done a few at a time, and of one session fewer still, so that neither an impatient hand nor an abuser holds
 * the machine while others edit. Who comes while all are taken waits for a while; who comes when many wait is told to come again.
 */
@Component
@Order(20)
class Turns extends OncePerRequestFilter {
    /** What is drawn, tried in many ways or read out of a file. Packs tell how far they are and have a few threads of their own. */
    static final Set<String> SLOW = Set.of(
            "/api/templates/pdf",
            "/api/templates/sheets",
            "/api/client/pdf",
            "/api/handover/pdf",
            "/api/days/savings",
            "/api/quicker",
            "/api/art/traced",
            "/api/art/drawing",
            "/api/art/tracing-sheet");

    static final int AT_ONCE = 6;
    static final int OF_ONE = 3;
    /** So many wait at the most: each holds a thread meanwhile. */
    static final int WAITING = 24;

    private static final long PATIENCE_MS = 8000;

    private final Semaphore all = new Semaphore(AT_ONCE, true);
    /** By session; who has none was sent away before. */
    private final Map<String, Semaphore> ones = new ConcurrentHashMap<>();

    private final Told told;

    Turns(Told told) {
        this.told = told;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !SLOW.contains(request.getRequestURI()) || request.getSession(false) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String who = request.getSession(false).getId();
        Semaphore own = ones.computeIfAbsent(who, w -> new Semaphore(OF_ONE, true));
        boolean mine = false;
        boolean mayGo = false;
        try {
            mine = isLetIn(own);
            mayGo = mine && isLetIn(all);
            if (mayGo) {
                chain.doFilter(request, response);
            } else {
                response.setHeader(HttpHeaders.RETRY_AFTER, "2");
                told.answer(
                        response,
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "busy",
                        "Too much at once",
                        "Several of these are being made just now. Nothing was changed; try again in a moment.");
            }
        } finally {
            if (mayGo) {
                all.release();
            }
            if (mine) {
                own.release();
            }
            if (!own.hasQueuedThreads() && own.availablePermits() == OF_ONE) {
                ones.remove(who, own);
            }
        }
    }

    private static boolean isLetIn(Semaphore gate) {
        if (gate.getQueueLength() >= WAITING) {
            return false;
        }
        try {
            return gate.tryAcquire(PATIENCE_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
