package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Entry;
import grimygasket.call.Person;
import grimygasket.call.Reason;
import grimygasket.visit.ring.Gap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What became of a command. */
public sealed interface CommandResult {
    /** The call is another now. */
    record Applied(Call call) implements CommandResult {
        @Override
        public CommandResult counted(Person by) {
            return new Applied(call.changedBy(by));
        }
    }

    /** It was so already. */
    record Same() implements CommandResult {}

    /**
     * It cannot be.
     *
     * @param fields what is wrong, by the name of the field at fault; empty where no field is
     * @param gaps that stand in the way; empty where none does
     */
    record Refused(Reason reason, Map<String, Reason> fields, List<Gap> gaps) implements CommandResult {}

    /**
     * Somebody has said otherwise meanwhile, and what they said stands until a person has chosen.
     *
     * @param theirs the entry that stands; null where it is not about an entry
     */
    record Conflict(Reason reason, @Nullable Entry theirs) implements CommandResult {}

    /** The same, with a change counted. */
    default CommandResult counted(Person by) {
        return this;
    }

    static CommandResult refused(Reason.Kind kind, String... about) {
        return refused(Reason.of(kind, about));
    }

    static CommandResult refused(Reason reason) {
        return refused(reason, Map.of());
    }

    /** Refused for what stands in fields. */
    static CommandResult refused(Reason reason, Map<String, Reason> fields) {
        return new Refused(reason, fields, List.of());
    }

    /** Refused for gaps. */
    static CommandResult refused(Reason.Kind kind, List<Gap> gaps) {
        return new Refused(Reason.of(kind), Map.of(), gaps);
    }

    static CommandResult conflict(Reason.Kind kind) {
        return new Conflict(Reason.of(kind), null);
    }
}
