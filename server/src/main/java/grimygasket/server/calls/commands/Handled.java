package grimygasket.server.calls.commands;

import grimygasket.call.Call;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.ErrorResponseException;

/**
 * What became of a command.
 *
 * @param call as it is now; null if it was to begin, and was refused
 * @param refused why the command was not taken; empty if it was
 */
record Handled(@Nullable Call call, Optional<ProblemDetail> refused) {
    /** The call as it is now, if the command was taken; its problem is thrown if it was not. */
    Call taken() {
        refused.ifPresent(problem -> {
            throw new ErrorResponseException(HttpStatus.valueOf(problem.getStatus()), problem, null);
        });
        return call;
    }
}
