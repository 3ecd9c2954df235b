package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import sectorum.measure.Absent;

/**
 * Only the names the service was started for are answered (a renamed address reaches nothing), and nothing is written that a page
 * of another site asks for, whatever cookies the browser sends along.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class Guard extends OncePerRequestFilter {
    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

    private final Set<String> names = new HashSet<>(Set.of("127.0.0.1", "localhost", "[::1]", "0:0:0:0:0:0:0:1"));
    private final Told told;

    /** @param more names beside this machine's own, from {@code sectorum.names} */
    Guard(@Value("${sectorum.names:}") List<String> more, @Value("${sectorum.door.address:}") String door, Told told) {
        Stream.concat(more.stream(), Stream.of(door))
                .map(n -> n.strip().toLowerCase(Locale.ROOT))
                .filter(n -> !n.isEmpty())
                .forEach(names::add);
        this.told = told;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!names.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            told.answer(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "name",
                    "Not this address",
                    "Sectorum was not started for the name \"" + shortened(request.getServerName())
                            + "\". Open it by the address it told when it started.");
            return;
        }
        if (!READS.contains(request.getMethod()) && isForeign(request)) {
            told.answer(
                    response,
                    HttpStatus.FORBIDDEN,
                    "foreign",
                    "Not from here",
                    "Another web site asked for this change, so nothing was changed. Make it in Sectorum itself.");
            return;
        }
        chain.doFilter(request, response);
    }

    /** Browsers say where a write comes from; who says nothing is no browser. */
    private static boolean isForeign(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return true;
        }
        String origin = request.getHeader("Origin");
        return origin != null && !isOwn(origin, request.getServerName(), request.getServerPort());
    }

    private static boolean isOwn(String origin, @Absent String name, int port) {
        try {
            URI from = URI.create(origin);
            int usual = "https".equals(from.getScheme()) ? 443 : 80;
            return from.getHost() != null
                    && from.getHost().equalsIgnoreCase(name)
                    && (from.getPort() < 0 ? usual : from.getPort()) == port;
        } catch (IllegalArgumentException odd) {
            return false;
        }
    }

    private static String shortened(String name) {
        return name.length() > 60 ? name.substring(0, 60) + "…" : name;
    }
}
