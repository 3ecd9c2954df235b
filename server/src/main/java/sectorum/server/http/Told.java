package sectorum.server.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem where no controller is asked: filters, and whatever the connector itself refuses. */
@Component
class Told {
    private final JsonMapper json;

    Told(JsonMapper json) {
        this.json = json;
    }

    void answer(HttpServletResponse response, HttpStatus status, String type, String title, String detail)
            throws IOException {
        answer(response, Problems.problem(status, type, title, detail));
    }

    void answer(HttpServletResponse response, ProblemDetail problem) throws IOException {
        response.setStatus(problem.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsString(problem).getBytes(StandardCharsets.UTF_8));
    }

    /** Too many at the same moment: it may be asked again soon. */
    void busy(HttpServletResponse response) throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        answer(
                response,
                HttpStatus.SERVICE_UNAVAILABLE,
                "busy",
                "Too much at once",
                "Too many ask for this at the same moment. Nothing was changed; it is tried again in a moment.");
    }
}
