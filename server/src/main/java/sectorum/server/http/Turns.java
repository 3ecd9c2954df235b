package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.Semaphore;
import org.springframework.core.annotation.Order;
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
    private final OfEach ones = new OfEach(OF_ONE, WAITING, PATIENCE_MS);

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
        if (!ones.enter(who)) {
            told.busy(response);
            return;
        }
        try {
            if (!OfEach.isLetIn(all, 1, WAITING, PATIENCE_MS)) {
                told.busy(response);
                return;
            }
            try {
                chain.doFilter(request, response);
            } finally {
                all.release();
            }
        } finally {
            ones.leave(who);
        }
    }
}
