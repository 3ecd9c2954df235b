package sectorum.server.http;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the container refuses before or behind the controllers: a problem for a program, a page for a person. */
@Controller
class Faults implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<?> error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        Object path = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
        HttpStatus status = code instanceof Integer given ? HttpStatus.resolve(given) : null;
        // Asked for by itself, it is an address like any other that nobody knows.
        HttpStatus said = status == null ? HttpStatus.NOT_FOUND : status;
        if (Problems.wantsPage(request, String.valueOf(path == null ? request.getRequestURI() : path))) {
            return Screens.page(response, said);
        }
        return Problems.answer(Problems.problem(
                said,
                said.is5xxServerError() ? "unforeseen" : "refused",
                said.is5xxServerError() ? "It went wrong here" : "Not possible",
                said.is5xxServerError()
                        ? "Sectorum failed at this, and nothing was changed. Try again; what you typed is kept."
                        : "Sectorum cannot answer this request (" + said.getReasonPhrase() + ")."));
    }
}
