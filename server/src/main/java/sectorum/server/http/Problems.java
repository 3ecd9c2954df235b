package sectorum.server.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.util.Map;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import sectorum.history.Merge;
import sectorum.measure.Refused;
import sectorum.server.json.Unread;
import sectorum.server.people.Denied;
import sectorum.server.pictures.NoSuchPicture;
import sectorum.server.plans.NoSuchPlan;
import sectorum.server.plans.Stale;
import tools.jackson.core.JacksonException;

/** Every error as a problem (RFC 9457) that names the field, the value, what is allowed and what to do. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    @ExceptionHandler(Refused.class)
    ResponseEntity<Object> refused(Refused refused) {
        return answer(refused(refused, refused.field()));
    }

    /** The database does not answer or has no room: told so that it is tried again. */
    private ResponseEntity<Object> of(Database trouble, Exception thrown) {
        logger.warn(trouble + ": " + thrown.getMessage());
        ResponseEntity<Object> answer = answer(trouble.problem());
        return ResponseEntity.status(answer.getStatusCode())
                .headers(answer.getHeaders())
                .header(HttpHeaders.RETRY_AFTER, Database.COME_AGAIN_S)
                .body(answer.getBody());
    }

    /** Others were at the same thing again and again: told, never half done. */
    @ExceptionHandler(ConcurrencyFailureException.class)
    ResponseEntity<Object> raced(ConcurrencyFailureException raced) {
        if (Database.of(raced) != Database.WELL) {
            return of(Database.AWAY, raced);
        }
        return answer(problem(
                HttpStatus.CONFLICT,
                "raced",
                "Changed at the same moment",
                "Somebody else changed this at the same moment, and your change was not made. Try again."));
    }

    /** A broken escape in an address, say. */
    @ExceptionHandler(InvalidParameterException.class)
    ResponseEntity<Object> parameters(InvalidParameterException broken) {
        return answer(problem(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "Not understood",
                "The address holds signs that cannot be read."));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMediaTypeNotAcceptable(
            HttpMediaTypeNotAcceptableException other, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return answer(problem(
                HttpStatus.NOT_ACCEPTABLE,
                "refused",
                "Not in that form",
                "This is given as " + other.getSupportedMediaTypes() + ". Ask for that."));
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException nowhere, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (request instanceof ServletWebRequest web
                && web.getResponse() != null
                && wantsPage(web.getRequest(), web.getRequest().getRequestURI())) {
            try {
                ResponseEntity<String> page = Screens.page(web.getResponse(), status);
                return ResponseEntity.status(status).headers(page.getHeaders()).body(page.getBody());
            } catch (IOException gone) {
                throw new UncheckedIOException("The page is not in the jar", gone);
            }
        }
        return answer(problem(
                HttpStatus.NOT_FOUND,
                "missing",
                "Not there",
                "There is nothing at \"" + shortened("" + nowhere.getResourcePath()) + "\"."));
    }

    /** Whether a person asks, in a browser's address line: programs and the page's own calls ask for no page. */
    static boolean wantsPage(HttpServletRequest request, String path) {
        String accepts = request.getHeader(HttpHeaders.ACCEPT);
        return accepts != null && accepts.contains(MediaType.TEXT_HTML_VALUE) && !path.startsWith("/assets/");
    }

    @ExceptionHandler({NoSuchPlan.class, NoSuchPicture.class})
    ResponseEntity<Object> missing(RuntimeException missing) {
        return answer(problem(HttpStatus.NOT_FOUND, "missing", "Not there", missing.getMessage()));
    }

    /** Not let in, or not theirs. */
    @ExceptionHandler(Denied.class)
    ResponseEntity<Object> denied(Denied denied) {
        return switch (denied.why()) {
            case UNKNOWN -> answer(problem(HttpStatus.UNAUTHORIZED, "wrong", "Not signed in", denied.getMessage()));
            case NOT_YOURS ->
                answer(problem(HttpStatus.FORBIDDEN, "not-yours", "Not yours to do", denied.getMessage()));
            case TOO_OFTEN ->
                answer(problem(HttpStatus.TOO_MANY_REQUESTS, "often", "Tried too often", denied.getMessage()));
            case GONE -> answer(problem(HttpStatus.NOT_FOUND, "missing", "Not there", denied.getMessage()));
        };
    }

    @ExceptionHandler(Stale.class)
    ResponseEntity<Object> stale(Stale stale) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                "stale",
                "Changed meanwhile",
                "This plan was changed elsewhere: you started from save " + stale.base() + ", the newest is "
                        + stale.theirs().revision() + ". Choose which to keep; nothing is lost.");
        problem.setProperty("yours", stale.yours());
        problem.setProperty("theirs", stale.theirs());
        problem.setProperty(
                "clashes", stale.clashes().stream().map(Merge.Clash::path).toList());
        return answer(problem);
    }

    /** What nobody foresaw: told as such, and written down for whoever looks after it. */
    @ExceptionHandler(Exception.class)
    ResponseEntity<Object> unforeseen(Exception fault) {
        Database trouble = Database.of(fault);
        if (trouble != Database.WELL) {
            return of(trouble, fault);
        }
        logger.error("Unforeseen", fault);
        return answer(problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unforeseen",
                "It went wrong here",
                "Sectorum failed at this, and nothing was changed. Try again; what you typed is kept."));
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ResponseEntity<Object> parameter(MethodArgumentTypeMismatchException wrong) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "Not understood",
                ("\"" + wrong.getName() + "\" cannot be \"" + shortened("" + wrong.getValue()) + "\". "
                                + Unread.allowed(wrong.getRequiredType()))
                        .strip());
        problem.setProperty("field", wrong.getName());
        return answer(problem);
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException lacking,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "Not understood",
                "\"" + lacking.getParameterName() + "\" is missing in the address. Add it after a question mark, as ?"
                        + lacking.getParameterName() + "=…");
        problem.setProperty("field", lacking.getParameterName());
        return answer(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unread, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = unread; cause != null; cause = cause.getCause()) {
            if (cause instanceof JacksonException json) {
                return answer(document(json));
            }
        }
        return answer(problem(
                HttpStatus.BAD_REQUEST, "unreadable", "Not understood", "The request has no body that can be read."));
    }

    private static ProblemDetail document(JacksonException json) {
        Unread unread = Unread.of(json);
        if (unread.refused() != null) {
            return refused(
                    unread.refused(),
                    unread.field().isEmpty() ? unread.refused().field() : unread.field());
        }
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "unreadable", "Not understood", unread.why());
        problem.setProperty("field", unread.field());
        return problem;
    }

    private static ProblemDetail refused(Refused refused, String field) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "refused",
                "Not possible",
                refused.phrase().toString());
        problem.setProperty("field", field);
        problem.setProperty("phrase", refused.phrase());
        return problem;
    }

    static ProblemDetail problem(HttpStatus status, String type, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create("urn:sectorum:problem:" + type));
        problem.setTitle(title);
        return problem;
    }

    static ResponseEntity<Object> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .headers(h -> h.setAll(Map.of(HttpHeaders.CONTENT_TYPE, "application/problem+json")))
                .body(problem);
    }

    private static String shortened(String text) {
        return text.length() > 120 ? text.substring(0, 120) + "…" : text;
    }
}
