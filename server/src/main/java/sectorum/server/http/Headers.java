package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** What every answer says to the browser, and the size past which nothing is read. */
@Component
class Headers extends OncePerRequestFilter {
    static final String POLICY = "Content-Security-Policy";
    /** A plan of eight tiers is some 50 kB; a hundred times that is no plan. */
    private static final long MOST_BYTES = 4L * 1024 * 1024;
    /** A photograph as a telephone takes it. */
    private static final long MOST_PICTURE_BYTES = 24L * 1024 * 1024;

    static String policy(String styles) {
        return "default-src 'none'; script-src 'self'; style-src " + styles + "; font-src 'self'; img-src 'self' blob:;"
                + " connect-src 'self'; frame-src blob:; manifest-src 'self'; base-uri 'none'; form-action 'none';"
                + " frame-ancestors 'none'";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader(POLICY, policy("'self'"));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
        long most = request.getRequestURI().endsWith("/pictures") ? MOST_PICTURE_BYTES : MOST_BYTES;
        boolean unknown = request.getHeader("Transfer-Encoding") != null;
        if (unknown || request.getContentLengthLong() > most) {
            response.setStatus(unknown ? HttpServletResponse.SC_LENGTH_REQUIRED : 413);
            response.setContentType("application/problem+json");
            response.getOutputStream()
                    .print("{\"type\":\"urn:sectorum:problem:too-large\",\"title\":\"Too large\",\"status\":"
                            + response.getStatus() + ",\"detail\":\"What was sent is over " + most / 1024 / 1024
                            + " MB or of no stated size;"
                            + " choose a smaller file.\"}");
            return;
        }
        chain.doFilter(request, response);
    }
}
