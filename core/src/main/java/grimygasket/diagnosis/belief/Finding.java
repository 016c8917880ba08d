package grimygasket.diagnosis.belief;

import grimygasket.gauge.Source;
import grimygasket.pack.evidence.Code;
import grimygasket.units.Amount;
import grimygasket.util.Unfit;
import org.jspecify.annotations.Nullable;

/** One thing learnt on a call. */
public sealed interface Finding {

    /**
     * What it answers, for example "symptom smell": of two findings with one subject, between two changes of the machine only the
     * later one counts.
     */
    String subject();

    /** What this kind of finding comes to. */
    <T> T to(Cases<T> cases);

    /** Whether it changed the machine: what was seen before it may be looked at again. */
    default boolean changesTheMachine() {
        return false;
    }

    /** Whether it is work on the machine rather than something told or seen. */
    default boolean takesWork() {
        return false;
    }

    /** One answer for every kind of finding: a new kind is one that everybody who takes findings apart has to name. */
    interface Cases<T> {
        T symptom(SymptomSettled symptom);

        T fact(FactKnown fact);

        T code(CodeShown code);

        T codeRead(CodeRead code);

        T check(CheckMade check);

        T reading(ReadingTaken reading);

        T remedy(RemedyTried remedy);
    }

    /**
     * A symptom was looked or asked for.
     *
     * @param symptom its id
     * @param answer what came of it
     * @param complaint whether it is why somebody called, and not only noticed on the way
     */
    record SymptomSettled(String symptom, Answer answer, boolean complaint) implements Finding {
        /** One that was noticed, or asked for. */
        public SymptomSettled(String symptom, Answer answer) {
            this(symptom, answer, false);
        }

        public boolean isComplaint() {
            return complaint && answer == Answer.YES;
        }

        @Override
        public String subject() {
            return "symptom " + symptom;
        }

        @Override
        public <T> T to(Cases<T> cases) {
            return cases.symptom(this);
        }
    }

    /** Answer to the question of a symptom. */
    enum Answer {
        YES,
        NO,
        /** Asked, but nobody knows: it moves nothing, and is not asked again. */
        UNKNOWN
    }

    /** The machine showed a code. */
    record CodeShown(Code code) implements Finding {
        @Override
        public String subject() {
            return "code " + code.code();
        }

        @Override
        public <T> T to(Cases<T> cases) {
            return cases.code(this);
        }
    }

    /** The machine showed a code, as it was read: it moves nothing while no table explains it, and is kept. */
    record CodeRead(String shown) implements Finding {
        public CodeRead {
            shown = shown.strip();
            if (shown.isEmpty()) {
                throw new Unfit("say which code it shows");
            }
        }

        @Override
        public String subject() {
            return "code " + shown;
        }

        @Override
        public <T> T to(Cases<T> cases) {
            return cases.codeRead(this);
        }
    }

    /** A check was made. */
    sealed interface Checked extends Finding {
        /** Its id. */
        String check();

        @Override
        default String subject() {
            return "check " + check();
        }

        @Override
        default boolean takesWork() {
            return true;
        }
    }

    /** A check was made and gave one of its outcomes. */
    record CheckMade(String check, String outcome) implements Checked {
        @Override
        public <T> T to(Cases<T> cases) {
            return cases.check(this);
        }
    }

    /**
     * A check was made with an instrument.
     *
     * @param check its id; it has a {@link grimygasket.pack.evidence.Measure}
     * @param reading in the measure's quantity
     * @param source what it was taken off; null for what was read off an instrument and typed
     */
    record ReadingTaken(
            String check, Amount reading, @Nullable Source source) implements Checked {
        /** Read off an instrument, and typed. */
        public ReadingTaken(String check, Amount reading) {
            this(check, reading, null);
        }

        @Override
        public <T> T to(Cases<T> cases) {
            return cases.reading(this);
        }
    }

    /** A fact about the machine, its home or its use was learnt: it shifts how likely faults are to begin with. */
    record FactKnown(String fact, String choice) implements Finding {
        @Override
        public String subject() {
            return "fact " + fact;
        }

        @Override
        public <T> T to(Cases<T> cases) {
            return cases.fact(this);
        }
    }

    /** A remedy was carried out. */
    record RemedyTried(String remedy, Proved proved) implements Finding {
        @Override
        public String subject() {
            return "remedy " + remedy;
        }

        @Override
        public boolean changesTheMachine() {
            return proved != Proved.PENDING;
        }

        @Override
        public boolean takesWork() {
            return true;
        }

        @Override
        public <T> T to(Cases<T> cases) {
            return cases.remedy(this);
        }
    }

    /** What the proof after a remedy showed. */
    enum Proved {
        /** Not proved yet: it says nothing so far. */
        PENDING,
        CURED,
        /** What the proof is for works now, but the machine still fails in another way. */
        PARTLY,
        STILL_FAILING,
        /** It was done as upkeep: nothing was said to be wrong with it. */
        KEPT_UP;

        /** Whether the machine has been run to see it. */
        public boolean isSeen() {
            return this == CURED || this == PARTLY || this == STILL_FAILING;
        }
    }
}
