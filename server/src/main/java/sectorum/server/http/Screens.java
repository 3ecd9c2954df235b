package sectorum.server.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.http.CacheControl;
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

    @GetMapping({"/", "/plan/**", "/cupboard"})
    ResponseEntity<String> page(HttpServletResponse response) throws IOException {
        byte[] once = new byte[16];
        RANDOM.nextBytes(once);
        String nonce = Base64.getUrlEncoder().withoutPadding().encodeToString(once);
        response.setHeader(Headers.POLICY, Headers.policy("'self' 'nonce-" + nonce + "'"));
        try (InputStream in = Screens.class.getResourceAsStream("/static/index.html")) {
            String page = new String(in.readAllBytes(), StandardCharsets.UTF_8).replace("__NONCE__", nonce);
            return ResponseEntity.ok()
                    .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                    .cacheControl(CacheControl.noStore())
                    .body(page);
        }
    }
}
