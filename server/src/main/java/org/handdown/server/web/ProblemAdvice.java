package org.handdown.server.web;

import java.util.List;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Errors as problem details (RFC 9457), each with the field and a sentence that says how to mend it. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail refused(RefusedValueException e) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_ENTITY, "That cannot be used", AskedIn.told(e.getMessage()));
        problem.setProperty("field", e.field());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThereException e) {
        return problem(HttpStatus.NOT_FOUND, "Not here", String.valueOf(e.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail stale(StaleVersionException e) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                "Changed meanwhile",
                Wording.fill(
                        "This project was changed elsewhere since you opened it (%s). Nothing of yours was stored; look at the new state and do it again.",
                        e.lastChange()));
        problem.setProperty("changed", List.of(e.lastChange()));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableException e) {
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_ENTITY,
                "It cannot be opened as it is",
                Wording.fill(
                        "What is stored cannot be read: %s Go back to an earlier state of it, or keep its file.",
                        e.getMessage()));
        problem.setProperty("unreadable", true);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail breaksRules(BreaksRulesException e) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_ENTITY, "It may not lie there", AskedIn.told(e.getMessage()));
        problem.setProperty("findings", e.findings());
        return problem;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(BusyException e) {
        return later(problem(HttpStatus.SERVICE_UNAVAILABLE, "Busy", String.valueOf(e.getMessage())));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(RuntimeException e) {
        if (DatabaseAway.is(e)) {
            LOG.warn("The database does not answer: {}", e.getMessage());
            return later(problem(HttpStatus.SERVICE_UNAVAILABLE, DatabaseAway.TITLE, DatabaseAway.DETAIL));
        }
        LOG.error("Unexpected failure", e);
        return ResponseEntity.internalServerError()
                .body(
                        problem(
                                HttpStatus.INTERNAL_SERVER_ERROR,
                                "Something broke",
                                "That is a fault of the program, not of what you entered. Nothing was stored; please try again."));
    }

    private static ResponseEntity<ProblemDetail> later(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(DatabaseAway.ASK_AGAIN_SECONDS))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    /** A form that is cut off or malformed. */
    @ExceptionHandler
    ProblemDetail badForm(MultipartException e) {
        return problem(
                HttpStatus.BAD_REQUEST,
                "Cannot be read",
                "The form with the file arrived damaged or cut off. Choose the file again and send it once more.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e,
            HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "Cannot be read",
                "The request is not JSON of the expected shape; see /api/openapi.");
        return handleExceptionInternal(e, problem, headers, status, request);
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e,
            HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        ProblemDetail problem = problem(
                HttpStatus.PAYLOAD_TOO_LARGE,
                "Too large",
                "A photo may be 25 MB at most, a drawing or project file 8 MB.");
        return handleExceptionInternal(e, problem, headers, status, request);
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
