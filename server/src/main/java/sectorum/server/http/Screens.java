package sectorum.server.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * The one page behind all screens. Each time it carries a fresh number for the few style sheets that its controls write
 * at run time, so that the content-security policy can forbid all others.
 */
@Controller
class Screens {
    private static final SecureRandom RANDOM = new SecureRandom();

    private static final Pattern PLAN = Pattern.compile("/plan/(\\d{1,18})(?:/([a-z]+))?");

    private final Ahead ahead;

    Screens(Ahead ahead) {
        this.ahead = ahead;
    }

    @GetMapping({
        "/",
        "/cupboard",
        "/notebook",
        "/devices",
        "/rehearse",
        "/deleted",
        "/workshop",
        "/sign-in",
        "/join",
        "/shared"
    })
    ResponseEntity<String> page(HttpServletResponse response) throws IOException {
        return page(response, HttpStatus.OK, "");
    }

    /** The page of a plan names what it will ask for, so that a slow line carries it at once and not one after another. */
    @GetMapping("/plan/**")
    ResponseEntity<String> plan(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Matcher plan = PLAN.matcher(request.getRequestURI());
        String links =
                plan.matches() ? ahead.links(plan.group(1), plan.group(2) == null ? "measure" : plan.group(2)) : "";
        return page(response, HttpStatus.OK, links);
    }

    /** The worker that keeps the page is looked at anew each time: everything else of a build is found by its name. */
    @GetMapping({"/sw.js", "/manifest.webmanifest"})
    ResponseEntity<byte[]> looked(HttpServletRequest request) throws IOException {
        String path = request.getRequestURI();
        try (InputStream in = Screens.class.getResourceAsStream("/static" + path)) {
            if (in == null) {
                return ResponseEntity.notFound().build();
            }
            return ResponseEntity.ok()
                    .contentType(MediaType.parseMediaType(
                            path.endsWith(".js") ? "text/javascript" : "application/manifest+json"))
                    .cacheControl(CacheControl.noCache())
                    .body(in.readAllBytes());
        }
    }

    /** The page as it lies in the jar has no number of its own: it is only ever given out with one. */
    @GetMapping("/index.html")
    String bare() {
        return "redirect:/";
    }

    /** The page for an address that nobody knows: it says so, with a way on. */
    static ResponseEntity<String> page(HttpServletResponse response, HttpStatusCode status) throws IOException {
        return page(response, status, "");
    }

    private static ResponseEntity<String> page(HttpServletResponse response, HttpStatusCode status, String links)
            throws IOException {
        byte[] once = new byte[16];
        RANDOM.nextBytes(once);
        String nonce = Base64.getUrlEncoder().withoutPadding().encodeToString(once);
        response.setHeader(Headers.POLICY, Headers.policy("'self' 'nonce-" + nonce + "'"));
        try (InputStream in = Screens.class.getResourceAsStream("/static/index.html")) {
            String page = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replace("__NONCE__", nonce)
                    .replace("</head>", links + "</head>");
            return ResponseEntity.status(status)
                    .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                    .cacheControl(CacheControl.noStore())
                    .body(page);
        }
    }
}
