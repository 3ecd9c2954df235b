package sectorum.server.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import sectorum.server.door.Door;
import sectorum.server.shares.Shares;

/** Where a link leads: its secret goes into a cookie that no script reads, and out of the address line. */
@Controller
class LinkController {
    static final String PATH = "/share/";
    private static final Pattern SECRET = Pattern.compile("[A-Za-z0-9_-]{20,64}");

    private final Shares shares;

    LinkController(Shares shares) {
        this.shares = shares;
    }

    @GetMapping({PATH + "{secret}", Door.LINK + "{secret}"})
    void open(@PathVariable String secret, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        Optional<Shares.Opened> opened = SECRET.matcher(secret).matches() ? shares.open(secret) : Optional.empty();
        if (opened.isEmpty()) {
            // The page says so, with a way on.
            response.sendRedirect("/shared");
            return;
        }
        ResponseCookie cookie = ResponseCookie.from(
                        SessionPeople.LINK_COOKIE, opened.get().secret())
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .path("/")
                .maxAge(opened.get().lasts())
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
        response.setStatus(HttpStatus.FOUND.value());
        response.setHeader(
                HttpHeaders.LOCATION,
                opened.get().kind() == Shares.Kind.TURNTABLE
                        ? "/plan/" + opened.get().plan() + "/turntable"
                        : "/shared");
    }
}
