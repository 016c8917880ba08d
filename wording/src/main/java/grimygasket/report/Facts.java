package grimygasket.report;

import static java.util.Locale.ROOT;

import grimygasket.call.Entry;
import grimygasket.call.Knowhow;
import grimygasket.call.PartUse;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.evidence.Code;
import grimygasket.state.FindSegment.Judged;
import grimygasket.visit.PartCount.OldPart;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.Note;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is on file about a call, in words that a customer understands. */
final class Facts {
    private final Knowhow knowhow;
    private final Map<UUID, Judged> readings;

    /** @param readings entry id to what its reading means */
    Facts(Knowhow knowhow, Map<UUID, Judged> readings) {
        this.knowhow = knowhow;
        this.readings = readings;
    }

    /**
     * @param what it is
     * @param result what came of it; blank where that says nothing more
     */
    record Said(String what, String result) {
        String inOneLine() {
            return result.isBlank()
                    ? what
                    : what + ": " + result.substring(0, 1).toLowerCase(ROOT) + result.substring(1);
        }
    }

    Said of(Entry entry) {
        return entry.finding().to(new Words(entry.id()));
    }

    /** An entry's finding, in words. */
    private final class Words implements Finding.Cases<Said> {
        private final UUID entry;

        Words(UUID entry) {
            this.entry = entry;
        }

        @Override
        public Said symptom(SymptomSettled said) {
            var symptom = knowhow.pack().symptom(said.symptom());
            return switch (said.answer()) {
                case YES -> new Said(symptom.name(), "");
                case NO -> new Said(symptom.ask(), "No");
                case UNKNOWN -> new Said(symptom.ask(), "Not known");
            };
        }

        @Override
        public Said fact(FactKnown said) {
            var fact = knowhow.pack().fact(said.fact());
            return new Said(
                    fact.name(),
                    fact.choices().get(fact.choiceIndex(said.choice())).name());
        }

        @Override
        public Said code(CodeShown said) {
            var code = said.code();
            return new Said(
                    code.display() == Code.Display.LIGHTS ? code.code() : "Code " + code.code(), code.meaning());
        }

        @Override
        public Said codeRead(CodeRead said) {
            return knowhow.code(said.shown())
                    .map(code -> code(new CodeShown(code)))
                    .orElse(new Said("Code " + said.shown(), "not in the tables"));
        }

        @Override
        public Said check(CheckMade said) {
            var check = knowhow.pack().check(said.check());
            return new Said(
                    check.name(),
                    check.outcomes().get(check.outcomeIndex(said.outcome())).name());
        }

        @Override
        public Said reading(ReadingTaken said) {
            return new Said(
                    knowhow.pack().check(said.check()).name(),
                    readings.get(entry).says());
        }

        @Override
        public Said remedy(RemedyTried said) {
            return new Said(
                    knowhow.pack().remedy(said.remedy()).name(),
                    switch (said.proved()) {
                        case PENDING -> "done, not proved yet";
                        case CURED -> "proved";
                        case KEPT_UP -> "done";
                        case PARTLY -> "works now, another complaint stays";
                        case STILL_FAILING -> "did not cure";
                    });
        }
    }

    /** For example "food, 20% open before, 100% after, only dirty". */
    static String of(Condition condition) {
        var words = new StringBuilder(
                switch (condition.stuff()) {
                    case NOTHING -> "nothing in the way";
                    case OBJECT -> "an object";
                    default -> condition.stuff().name().toLowerCase(ROOT);
                });
        if (condition.amount() != null) {
            words.append(", ").append(amount(condition.amount()));
        }
        if (condition.before() != null) {
            words.append(", ").append(share(condition.before())).append(" open before");
        }
        if (condition.after() != null) {
            words.append(", ").append(share(condition.after())).append(condition.before() == null ? " open" : " after");
        }
        return words.append(", ").append(wear(condition)).toString();
    }

    private static String amount(Condition.Amount amount) {
        return switch (amount) {
            case COIN -> "as much as a coin";
            case HANDFUL -> "a handful";
            case CUP -> "about a cup";
            case THREE_CUPS -> "about three cups";
            case BUCKET -> "a bucket or more";
        };
    }

    /** What a found thing is like; blank where nobody has said. */
    static String of(Found.@Nullable Shape shape) {
        if (shape == null) {
            return "";
        }
        return switch (shape) {
            case WHOLE -> "whole";
            case WORN -> "worn";
            case EATEN_AWAY -> "eaten away";
            case BROKEN -> "broken";
        };
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

    /** @param day on which it was fitted, since 1970 */
    static String of(PartUse use, long day) {
        var facts = new ArrayList<String>();
        if (!use.serial().isBlank()) {
            facts.add("serial " + use.serial());
        }
        if (use.warrantyMonths() != null) {
            facts.add("maker’s warranty until " + Dates.monthsAfter(day, use.warrantyMonths()));
        }
        return String.join(", ", facts);
    }
}
