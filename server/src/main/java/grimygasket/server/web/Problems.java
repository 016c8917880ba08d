package grimygasket.server.web;

import grimygasket.gauge.UnfitReadings;
import grimygasket.pack.PackException;
import grimygasket.server.web.Problem.Kind;
import java.util.LinkedHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Says of a request that cannot be taken what is wrong with it; all its bad fields at once. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var fields = new LinkedHashMap<String, String>();
        e.getFieldErrors().forEach(error -> fields.putIfAbsent(error.getField(), error.getDefaultMessage()));
        var body = Problem.body(Kind.INVALID, String.join(" ", fields.values()));
        body.setProperty("fields", fields);
        return handleExceptionInternal(e, body, headers, status, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var sentence = OwnWords.of(e)
                .orElse("A number, day or time is missing or not readable. Look at what you entered, and try again.");
        var body = Problem.body(Kind.INVALID, sentence);
        return handleExceptionInternal(e, body, headers, status, request);
    }

    /** Readings that cannot be judged: each bad one with its sentence. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unfit(UnfitReadings e) {
        var body = Problem.body(Kind.INVALID, e.getMessage());
        body.setProperty("fields", e.problems());
        return ResponseEntity.badRequest().body(body);
    }

    /** Know-how that does not hold together: all that is wrong with it. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unsound(PackException e) {
        var body =
                Problem.body(Kind.INVALID, "The know-how contradicts itself, and what is in use stays: mend it first.");
        body.setProperty("problems", e.problems());
        return ResponseEntity.badRequest().body(body);
    }

    /**
     * The database is away at the begin or the end of a transaction. Said before the framework's own resolver is asked: it takes a
     * connection that the database has closed for one that the client has closed, and would answer with an empty success.
     */
    @ExceptionHandler({CannotCreateTransactionException.class, TransactionSystemException.class})
    ResponseEntity<ProblemDetail> away(RuntimeException e) {
        var body = DatabaseAway.problem(e);
        return ResponseEntity.status(body.getStatus()).body(body);
    }

    /** A mistake of ours: what it was stands in the log. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> mistake(RuntimeException e) {
        if (DatabaseAway.isAway(e)) {
            return away(e);
        }
        LOG.error("Mistake {}", RequestLog.id(), e);
        return ResponseEntity.internalServerError()
                .body(Problem.body(
                        Kind.MISTAKE,
                        "The application has made a mistake, and has written it down as " + RequestLog.id()
                                + ". What you entered is kept on this screen."));
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var body = Problem.body(Kind.NOT_FOUND, "There is nothing at this address. Go on from the round.");
        return handleExceptionInternal(e, body, headers, Kind.NOT_FOUND.status(), request);
    }
}
