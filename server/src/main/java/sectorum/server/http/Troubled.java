package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A database that is away is told as such also where it is asked before any controller: who asks is kept there, too. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class Troubled extends OncePerRequestFilter {
    private final Told told;

    Troubled(Told told) {
        this.told = told;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException thrown) {
            Database trouble = Database.of(thrown);
            if (trouble == Database.WELL || response.isCommitted()) {
                throw thrown;
            }
            logger.warn(trouble + ": " + thrown.getMessage());
            readToItsEnd(request);
            response.resetBuffer();
            response.setHeader(HttpHeaders.RETRY_AFTER, Database.COME_AGAIN_S);
            told.answer(response, trouble.problem());
        }
    }

    /** The connection is closed after this answer; what lies unread in it then would take the answer along. */
    private static void readToItsEnd(HttpServletRequest request) throws IOException {
        InputStream body = request.getInputStream();
        byte[] some = new byte[8192];
        long left = Bodies.MOST_BYTES;
        for (int got = body.read(some); got >= 0 && left > 0; got = body.read(some)) {
            left -= got;
        }
    }
}
