package strophos.server.problem;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;

/** Turns whatever went wrong into a problem document. */
@RestControllerAdvice
class ProblemAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ResponseEntity<ProblemDocument> expected(Problem problem) {
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDocument> malformedId(MethodArgumentTypeMismatchException e) {
        return answer(Problem.notFound());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDocument> invalid(MethodArgumentNotValidException e) {
        List<Issue> issues = e.getBindingResult().getFieldErrors().stream()
                .map(f -> new Issue(code(f), f.getField(), f.getDefaultMessage()))
                .toList();
        return answer(Problem.refused(issues));
    }

    /** Our codes, not the framework's names. */
    private static String code(FieldError f) {
        return Map.of(
                        "NotBlank", "missing",
                        "NotNull", "missing",
                        "Size", "length",
                        "Password", "length",
                        "HardToGuess", "weak",
                        "Min", "too_small",
                        "Max", "too_large",
                        "Pattern", "form")
                .getOrDefault(String.valueOf(f.getCode()), "invalid");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDocument> unreadable(HttpMessageNotReadableException e) {
        if (NameTwice.isIn(e.getCause())) {
            return answer(new Problem(
                    HttpStatus.BAD_REQUEST,
                    "name_twice",
                    "A name appears twice in one object of the body; send it once."));
        }
        List<Issue> issues =
                e.getCause() instanceof JacksonException j && !j.getPath().isEmpty()
                        ? List.of(new Issue("form", path(j), "a value of the documented form"))
                        : List.of();
        return answer(new Problem(
                HttpStatus.BAD_REQUEST, "unreadable", "The body is not the JSON that is expected here.", issues));
    }

    private static String path(JacksonException e) {
        return e.getPath().stream()
                .map(r -> r.getPropertyName() != null ? r.getPropertyName() : String.valueOf(r.getIndex()))
                .collect(Collectors.joining("."));
    }

    /** An address whose parameter is no text. */
    @ExceptionHandler
    ResponseEntity<ProblemDocument> noText(InvalidParameterException e) {
        return answer(new Problem(
                HttpStatus.BAD_REQUEST, "request", "A parameter of the address cannot be read; see openapi.json."));
    }

    /** Whoever asked has hung up: there is nobody to answer. */
    @ExceptionHandler
    void hungUp(AsyncRequestNotUsableException e) {
        LOG.debug("hung up", e);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDocument> unexpected(Exception e) {
        if (e instanceof ErrorResponse known) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return status == HttpStatus.NOT_FOUND
                    ? answer(Problem.notFound())
                    : answer(new Problem(status, "request", status.getReasonPhrase() + "; see openapi.json."));
        }
        if (DatabaseAway.isCauseOf(e)) {
            LOG.warn("The database cannot be reached: {}", e.getClass().getSimpleName());
            return answer(DatabaseAway.problem());
        }
        if (SecondTry.isCauseOf(e)) {
            return answer(
                    new Problem(
                            HttpStatus.CONFLICT,
                            "at_once",
                            "Somebody else changed this at the same moment; nothing of yours was changed. Read it again, then change it."));
        }
        LOG.error("Unexpected failure", e);
        return answer(Problem.failure());
    }

    private static ResponseEntity<ProblemDocument> answer(Problem problem) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(problem.status());
        answer.header(ProblemWriter.CODE, problem.code());
        problem.retryAfterS().ifPresent(s -> answer.header(HttpHeaders.RETRY_AFTER, String.valueOf(s)));
        return answer.contentType(MediaType.APPLICATION_PROBLEM_JSON).body(ProblemDocument.of(problem));
    }
}
