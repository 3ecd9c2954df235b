package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** What every answer says to the browser. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Headers extends OncePerRequestFilter {
    static final String POLICY = "Content-Security-Policy";

    private final Ahead ahead;

    Headers(Ahead ahead) {
        this.ahead = ahead;
    }

    static String policy(String styles) {
        return "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src " + styles
                + "; font-src 'self'; img-src 'self' blob:;"
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
        if (request.isSecure()) {
            // Who came encrypted once comes so for a year. A door at a bare address is not meant: browsers hold names
            // alone to it.
            response.setHeader("Strict-Transport-Security", "max-age=31536000");
        }
        if (request.getRequestURI().startsWith("/api/")) {
            // Whoever goes back to a page would otherwise be shown the plan as it was; pictures say for themselves.
            response.setHeader("Cache-Control", "no-store");
        }
        // Screens that carry another core than these would reckon by other rules: they hear it and ask the server
        // alone.
        if (ahead.craft() != null) {
            response.setHeader("Sectorum-Craft", ahead.craft());
        }
        chain.doFilter(request, response);
    }
}
