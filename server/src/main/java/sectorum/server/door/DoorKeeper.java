package sectorum.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import sectorum.server.turntable.Passes;

/**
 * Stands at the door: whoever comes through it needs a link, and then reaches one plan's turntable and what it asks, nothing
 * else. Who comes from this machine itself never meets it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class DoorKeeper extends OncePerRequestFilter {
    static final String COOKIE = "sectorum-bench";
    /** Questions that know nothing but what they carry. */
    private static final Set<String> ASKED = Set.of(
            "/api/workup",
            "/api/next-tier",
            "/api/rescue",
            "/api/ways",
            "/api/tray",
            "/api/build",
            "/api/pieces",
            "/api/pieces/tray");

    private static final Set<String> READ =
            Set.of("/api/preferences", "/api/bench", "/api/catalogue", "/api/length", "/api/names", "/api/here");
    /** What is the same for everybody: scripts, styles, letters, pictures of the page itself. */
    private static final Pattern SHARED = Pattern.compile("/(assets/[^/]+|[a-z0-9-]+\\.(svg|png|js|webmanifest))");

    private static final Pattern SECRET = Pattern.compile("[A-Za-z0-9_-]{20,64}");

    private final DoorSettings door;
    private final Passes passes;

    DoorKeeper(DoorSettings door, Passes passes) {
        this.door = door;
        this.passes = passes;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !door.stands() || request.getLocalPort() != door.port();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (path.equals(Door.AUTHORITY)) {
            response.setContentType("application/x-x509-ca-cert");
            response.getOutputStream().write(Files.readAllBytes(door.keys().resolve("authority.crt")));
            return;
        }
        if (path.startsWith(Door.LINK)) {
            enter(path.substring(Door.LINK.length()), response);
            return;
        }
        Optional<Long> plan = secret(request).flatMap(passes::plan);
        if (plan.isEmpty()) {
            refuse(response, 401, "Look at the code on the bench's screen again: this link is used up or too old.");
        } else if (isOpen(request.getMethod(), path, plan.get())) {
            chain.doFilter(request, response);
        } else {
            refuse(response, 403, "From here only the turntable of one plan is open.");
        }
    }

    private void enter(String secret, HttpServletResponse response) throws IOException {
        Optional<Passes.Used> used = SECRET.matcher(secret).matches() ? passes.use(secret) : Optional.empty();
        if (used.isEmpty()) {
            refuse(response, 401, "Look at the code on the bench's screen again: this link is used up or too old.");
            return;
        }
        response.addHeader(
                "Set-Cookie",
                COOKIE + "=" + used.get().secret() + "; Max-Age=" + Passes.DAY.toSeconds()
                        + "; Path=/; Secure; HttpOnly; SameSite=Lax");
        response.sendRedirect("/plan/" + used.get().plan() + "/turntable");
    }

    private static Optional<String> secret(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Optional.empty()
                : Arrays.stream(cookies)
                        .filter(c -> c.getName().equals(COOKIE))
                        .map(Cookie::getValue)
                        .filter(v -> SECRET.matcher(v).matches())
                        .findFirst();
    }

    /** Whether the turntable of a plan asks this. */
    static boolean isOpen(String method, String path, long plan) {
        boolean reads = method.equals("GET") || method.equals("HEAD");
        String api = "/api/plans/" + plan;
        List<String> own = List.of(api + "/opened", api + "/journal", api + "/live", api + "/pictures", api);
        if (path.equals(api)) {
            return reads || method.equals("PUT");
        }
        if (own.contains(path)) {
            return reads || (method.equals("POST") && !path.endsWith("/opened"));
        }
        if (path.startsWith("/api/turntable/") || ASKED.contains(path)) {
            return method.equals("POST");
        }
        // The bare page is the same for everybody, and a device keeps it for a time without a connection.
        boolean page = path.equals("/") || path.equals("/plan/" + plan + "/turntable");
        return reads && (page || READ.contains(path) || SHARED.matcher(path).matches());
    }

    private static void refuse(HttpServletResponse response, int status, String words) throws IOException {
        response.setStatus(status);
        response.setContentType("text/plain;charset=utf-8");
        response.setHeader("Cache-Control", "no-store");
        response.getOutputStream().write(words.getBytes(StandardCharsets.UTF_8));
    }
}
