package grimygasket.server.web;

import java.net.URI;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;

/**
 * An answer that says in a sentence what is wrong and what to do about it (RFC 9457). The page tells the kinds apart by
 * their type.
 */
public final class Problem extends ErrorResponseException {
    public enum Kind {
        SIGN_IN_NEEDED(HttpStatus.UNAUTHORIZED),
        DEVICE_LOST(HttpStatus.UNAUTHORIZED),
        WRONG_SIGN_IN(HttpStatus.UNAUTHORIZED),
        TOO_MANY_TRIES(HttpStatus.TOO_MANY_REQUESTS),
        /** Who is signed in has to prove again who they are. */
        PROOF_NEEDED(HttpStatus.FORBIDDEN),
        PAGE_TOO_OLD(HttpStatus.FORBIDDEN),
        NOT_YOURS(HttpStatus.FORBIDDEN),
        NOT_FOUND(HttpStatus.NOT_FOUND),
        INVALID(HttpStatus.BAD_REQUEST),
        TOO_LARGE(HttpStatus.CONTENT_TOO_LARGE),
        NOT_READABLE(HttpStatus.UNSUPPORTED_MEDIA_TYPE),
        STALE(HttpStatus.CONFLICT),
        OUT_OF_STOCK(HttpStatus.CONFLICT),
        GAPS(HttpStatus.CONFLICT),
        CLOSED(HttpStatus.CONFLICT),
        LICENSED(HttpStatus.CONFLICT),
        UNKNOWN_CODE(HttpStatus.UNPROCESSABLE_CONTENT),
        /** It passes by itself. */
        BUSY(HttpStatus.SERVICE_UNAVAILABLE),
        DATABASE_AWAY(HttpStatus.SERVICE_UNAVAILABLE),
        DISK_FULL(HttpStatus.INSUFFICIENT_STORAGE),
        MISTAKE(HttpStatus.INTERNAL_SERVER_ERROR);

        private final HttpStatus status;

        Kind(HttpStatus status) {
            this.status = status;
        }

        public HttpStatus status() {
            return status;
        }

        URI type() {
            return URI.create("urn:grimy-gasket:" + name().toLowerCase().replace('_', '-'));
        }
    }

    public Problem(Kind kind, String sentence) {
        super(kind.status, body(kind, sentence), null);
    }

    /** Something is wrong with one field of a form. */
    public static Problem ofField(String field, String sentence) {
        return new Problem(Kind.INVALID, sentence).with("fields", Map.of(field, sentence));
    }

    /** Adds a member to the body, for example what stands there now. */
    public Problem with(String name, Object value) {
        getBody().setProperty(name, value);
        return this;
    }

    public static ProblemDetail body(Kind kind, String sentence) {
        var body = ProblemDetail.forStatusAndDetail(kind.status, sentence);
        body.setType(kind.type());
        return body;
    }
}
