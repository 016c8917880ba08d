package grimygasket.server.calls.records;

import grimygasket.call.change.CommandResult;
import grimygasket.server.web.Problem;
import grimygasket.wording.Refusal;
import org.springframework.http.ProblemDetail;

/** Why a command was not taken, as a problem document. */
public final class Refusals {
    private Refusals() {}

    /** @param outcome of a command that changed nothing, and should have */
    public static ProblemDetail of(CommandResult outcome) {
        var refusal = Refusal.of(outcome);
        var body = Problem.body(kind(refusal.kind()), refusal.sentence());
        if (refusal.theirs() != null) {
            body.setProperty("theirs", refusal.theirs());
        }
        if (!refusal.fields().isEmpty()) {
            body.setProperty("fields", refusal.fields());
        }
        if (!refusal.gaps().isEmpty()) {
            body.setProperty("gaps", refusal.gaps());
        }
        return body;
    }

    private static Problem.Kind kind(Refusal.Kind kind) {
        return switch (kind) {
            case CLOSED -> Problem.Kind.CLOSED;
            case LICENSED -> Problem.Kind.LICENSED;
            case GAPS -> Problem.Kind.GAPS;
            case STALE -> Problem.Kind.STALE;
            case NOT_FOUND -> Problem.Kind.NOT_FOUND;
            case INVALID -> Problem.Kind.INVALID;
        };
    }
}
