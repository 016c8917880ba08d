package grimygasket.server.calls;

import grimygasket.pack.Check;
import grimygasket.pack.Code;
import grimygasket.pack.Outcome;
import grimygasket.server.calls.CallView.Judged;
import grimygasket.server.knowhow.Knowhow;
import grimygasket.visit.Condition;
import grimygasket.visit.Note;
import grimygasket.visit.PartCount.OldPart;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.util.StringUtils;

/** What is on file about a call, in words that a customer understands. */
final class Wording {
    private static final Map<String, String> SIGN_ANSWERS = Map.of("yes", "", "no", "No", "unknown", "Not known");
    private static final Map<String, String> REMEDY_ANSWERS = Map.of(
            "done", "done, not proved yet",
            "cured", "proved",
            "kept-up", "done",
            "partly", "works now, another complaint stays",
            "still-failing", "did not cure");

    private final Knowhow knowhow;
    private final String maker;
    private final Map<UUID, Judged> readings;

    /** @param readings entry id to what its reading means */
    Wording(Knowhow knowhow, String maker, Map<UUID, Judged> readings) {
        this.knowhow = knowhow;
        this.maker = maker;
        this.readings = readings;
    }

    /**
     * @param what it is
     * @param result what came of it; blank where that says nothing more
     */
    record Said(String what, String result) {
        String inOneLine() {
            return result.isBlank() ? what : what + ": " + StringUtils.uncapitalize(result);
        }
    }

    Said of(Entry entry) {
        var pack = knowhow.pack();
        var answer = entry.answer();
        return switch (entry.kind()) {
            case SIGN -> {
                var sign = pack.sign(entry.subject());
                yield new Said(answer.equals("yes") ? sign.name() : sign.ask(), SIGN_ANSWERS.get(answer));
            }
            case FACT -> {
                var fact = pack.fact(entry.subject());
                yield new Said(
                        fact.name(),
                        fact.choices().stream()
                                .filter(choice -> choice.id().equals(answer))
                                .findFirst()
                                .orElseThrow()
                                .name());
            }
            case CODE -> code(entry.subject());
            case CHECK -> {
                var check = pack.check(entry.subject());
                var reading = readings.get(entry.id());
                yield new Said(
                        check.name(), reading == null ? outcome(check, answer).name() : reading.says());
            }
            case REMEDY -> new Said(pack.remedy(entry.subject()).name(), REMEDY_ANSWERS.get(answer));
        };
    }

    private static Outcome outcome(Check check, String id) {
        return check.outcomes().get(check.outcomeIndex(id));
    }

    private Said code(String shown) {
        return knowhow.codes().stream()
                .filter(code ->
                        code.maker().equalsIgnoreCase(maker) && code.code().equalsIgnoreCase(shown))
                .findFirst()
                .map(code -> new Said(
                        code.display() == Code.Display.LIGHTS ? code.code() : "Code " + code.code(), code.meaning()))
                .orElse(new Said("Code " + shown, "not in the tables"));
    }

    /** For example "food, 20% open before, 100% after, only dirty". */
    static String of(Condition condition) {
        var words = new StringBuilder(
                switch (condition.stuff()) {
                    case NOTHING -> "nothing in the way";
                    case OBJECT -> "an object";
                    default -> condition.stuff().name().toLowerCase();
                });
        if (condition.before() != null) {
            words.append(", ").append(share(condition.before())).append(" open before");
        }
        if (condition.after() != null) {
            words.append(", ").append(share(condition.after())).append(condition.before() == null ? " open" : " after");
        }
        return words.append(", ").append(wear(condition)).toString();
    }

    private static String wear(Condition condition) {
        return switch (condition.wear()) {
            case SOUND -> "sound";
            case DIRTY_ONLY -> "only dirty";
            case WORN -> "worn";
            case CRACKED -> "cracked";
            case HOLED -> "holed";
            case BENT -> "bent";
        };
    }

    /** Where the old part went; blank while nobody has said. */
    static String of(OldPart oldPart) {
        return switch (oldPart) {
            case UNSAID -> "";
            case KEPT_BY_CUSTOMER -> "the old one stays with you";
            case TAKEN_ALONG -> "we took the old one along";
            case BINNED -> "the old one is disposed of";
        };
    }

    /** Never a certainty that is none. */
    static String percent(double chance) {
        if (chance >= 0.995 && chance < 1) {
            return "over 99%";
        }
        return chance > 0 && chance < 0.005 ? "under 1%" : share(chance);
    }

    static String joined(List<String> parts) {
        return String.join(" · ", parts.stream().filter(part -> !part.isBlank()).toList());
    }

    private static String share(double share) {
        return Math.round(100 * share) + "%";
    }

    static String of(Note note) {
        return switch (note.about()) {
            case NOTE -> "";
            case SEEN -> "seen";
            case DONE -> note.proved() ? "done, and seen to work" : "done";
        };
    }
}
