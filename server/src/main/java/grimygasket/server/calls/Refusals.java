package grimygasket.server.calls;

import grimygasket.call.Outcome;
import grimygasket.call.Outcome.Conflict;
import grimygasket.call.Outcome.Refused;
import grimygasket.call.Reason;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.wording.Gaps;
import grimygasket.wording.Reasons;
import org.springframework.http.ProblemDetail;

/** Why a command was not taken, as a problem document. */
final class Refusals {
    private Refusals() {}

    /** @param outcome of a command that changed nothing, and should have */
    static ProblemDetail of(Outcome outcome) {
        if (outcome instanceof Conflict conflict) {
            var body = Problem.body(Kind.STALE, Reasons.say(conflict.reason()));
            if (conflict.theirs() != null) {
                body.setProperty("theirs", conflict.theirs());
            }
            return body;
        }
        var refused = (Refused) outcome;
        var body = Problem.body(kind(refused.reason().kind()), sentence(refused));
        if (!refused.fields().isEmpty()) {
            body.setProperty("fields", Reasons.say(refused.fields()));
        }
        if (!refused.gaps().isEmpty()) {
            body.setProperty("gaps", Gaps.say(refused.gaps()));
        }
        return body;
    }

    private static String sentence(Refused refused) {
        if (!refused.fields().isEmpty()) {
            return String.join(" ", Reasons.say(refused.fields()).values());
        }
        var said = Reasons.say(refused.reason());
        return refused.reason().kind() == Reason.Kind.BEYOND
                ? said + " " + String.join(" ", Gaps.say(refused.gaps()))
                : said;
    }

    private static Kind kind(Reason.Kind kind) {
        return switch (kind) {
            case CLOSED -> Kind.CLOSED;
            case LICENSED -> Kind.LICENSED;
            case BEYOND, GAPS -> Kind.GAPS;
            case TAKEN_BACK, ANSWERED, CHANGED, FEATURES_CHANGED, MOVED_ON -> Kind.STALE;
            case NO_CAUTION -> Kind.NOT_FOUND;
            case UNFIT,
                    NOT_KNOWN,
                    NO_ANSWER,
                    EXCLUDED,
                    BORROWED_ID,
                    MISREAD,
                    INCOMPLETE,
                    NO_DAY,
                    NO_TIME,
                    NO_NAME,
                    NO_STREET,
                    NO_MAKER,
                    ABOUT_ELSE,
                    NO_COMPLAINT,
                    TOO_LONG,
                    LAST_COMPLAINT,
                    FEATURES,
                    RATINGS,
                    READING -> Kind.INVALID;
        };
    }
}
