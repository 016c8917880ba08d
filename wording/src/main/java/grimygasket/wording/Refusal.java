package grimygasket.wording;

import grimygasket.call.Entry;
import grimygasket.call.Reason;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.CommandResult.Conflict;
import grimygasket.call.change.CommandResult.Refused;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Why a command was not taken, in words.
 *
 * @param fields a sentence by the name of the field at fault; empty where no field is
 * @param gaps a sentence for each gap that stands in the way; empty where none does
 * @param theirs the entry that stands; null where it is not about an entry
 */
public record Refusal(
        Kind kind,
        String sentence,
        Map<String, String> fields,
        List<String> gaps,
        @Nullable Entry theirs) {
    /** What sort of obstacle it is. */
    public enum Kind {
        CLOSED,
        LICENSED,
        GAPS,
        /** Somebody else changed it meanwhile. */
        STALE,
        NOT_FOUND,
        INVALID
    }

    /** @param outcome of a command that changed nothing, and should have */
    public static Refusal of(CommandResult outcome) {
        if (outcome instanceof Conflict conflict) {
            return new Refusal(Kind.STALE, Reasons.say(conflict.reason()), Map.of(), List.of(), conflict.theirs());
        }
        var refused = (Refused) outcome;
        var fields = Reasons.say(refused.fields());
        var gaps = Gaps.say(refused.gaps());
        return new Refusal(kind(refused.reason().kind()), sentence(refused.reason(), fields, gaps), fields, gaps, null);
    }

    private static String sentence(Reason reason, Map<String, String> fields, List<String> gaps) {
        if (!fields.isEmpty()) {
            return String.join(" ", fields.values());
        }
        var said = Reasons.say(reason);
        return reason.kind() == Reason.Kind.BEYOND ? said + " " + String.join(" ", gaps) : said;
    }

    private static Kind kind(Reason.Kind kind) {
        return switch (kind) {
            case CLOSED, SIGNED_OFF -> Kind.CLOSED;
            case LICENSED, NOT_QUALIFIED -> Kind.LICENSED;
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
                    FAR_DAY,
                    NO_TIME,
                    NO_NAME,
                    NO_STREET,
                    NO_PART_NAME,
                    NO_PRICE,
                    NO_MAKER,
                    NO_REASON,
                    UNDER_WAY,
                    NOT_YOURS,
                    NOBODY,
                    ABOUT_ELSE,
                    NO_COMPLAINT,
                    TOO_LONG,
                    LAST_COMPLAINT,
                    FEATURES,
                    RATINGS,
                    READING,
                    NO_POWER,
                    IN_THE_WAY -> Kind.INVALID;
        };
    }
}
