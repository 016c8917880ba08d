package grimygasket.diagnosis;

import grimygasket.pack.Code;
import grimygasket.units.Amount;

/** One thing learnt on a call. */
public sealed interface Finding {

    /**
     * A sign was looked or asked for.
     *
     * @param sign its id
     * @param answer what came of it
     * @param complaint whether it is why somebody called, and not only noticed on the way
     */
    record SignSettled(String sign, Answer answer, boolean complaint) implements Finding {
        /** One that was noticed, or asked for. */
        public SignSettled(String sign, Answer answer) {
            this(sign, answer, false);
        }

        boolean isComplaint() {
            return complaint && answer == Answer.YES;
        }
    }

    /** Answer to the question of a sign. */
    enum Answer {
        YES,
        NO,
        /** Asked, but nobody knows: it moves nothing, and is not asked again. */
        UNKNOWN
    }

    /** The machine showed a code. */
    record CodeShown(Code code) implements Finding {}

    /** The machine showed a code that no table knows, as it was read: it moves nothing, and is kept. */
    record CodeUnlisted(String shown) implements Finding {}

    /** A check was made. */
    sealed interface Checked extends Finding {
        /** Its id. */
        String check();
    }

    /** A check was made and gave one of its outcomes. */
    record CheckMade(String check, String outcome) implements Checked {}

    /**
     * A check was made with an instrument.
     *
     * @param check its id; it has a {@link grimygasket.pack.Measure}
     * @param reading in the measure's quantity
     */
    record ReadingTaken(String check, Amount reading) implements Checked {}

    /** A fact about the machine, its home or its use was learnt: it shifts how likely faults are to begin with. */
    record FactKnown(String fact, String choice) implements Finding {}

    /** A remedy was carried out. */
    record RemedyTried(String remedy, Proved proved) implements Finding {}

    /** What the proof after a remedy showed. */
    enum Proved {
        /** Not proved yet: it says nothing so far. */
        PENDING,
        CURED,
        /** What the proof is for works now, but the machine still fails in another way. */
        PARTLY,
        STILL_FAILING,
        /** It was done as upkeep: nothing was said to be wrong with it. */
        KEPT_UP
    }
}
