package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.story.Waiting;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that can be done next.
 *
 * @param kind what sort of step
 * @param id of the symptom or question, fact, check, remedy, proof or, to stop, caution in the pack; "refer" for handing on
 * @param name as an order or a question
 * @param minutes for the step alone
 * @param reach what has to be opened for it
 * @param parts what it uses up
 * @param waiting for what has to dry, or for the second visit that a missing part means
 * @param expectedMinutes from now to a proved cure or to handing on, this step taken first
 * @param extraCost how much dearer than the best step it is expected to be, in minutes, prices of parts turned into
 *     minutes at the labour rate; 0 for the best
 * @param prospects what each answer would mean; empty for a step without answers
 * @param reasons why it is advised; empty for all but the one to take next
 */
public record Step(
        Kind kind,
        String id,
        String name,
        double minutes,
        Reach reach,
        List<PartNeed> parts,
        Waiting waiting,
        double expectedMinutes,
        double extraCost,
        List<Prospect> prospects,
        List<StepReason> reasons) {

    public enum Kind {
        /** Settle a symptom. */
        ASK,
        /** Learn a fact. */
        FACT,
        CHECK,
        REMEDY,
        /** Show whether the remedy just done has cured. */
        PROVE,
        /** Nothing listed is worth trying: hand the call on. */
        REFER,
        /** Something can hurt right now: make it safe before anything else. */
        STOP
    }

    /**
     * @param opens names of the layers to open, outermost first
     * @param minutes to open what is still closed, and to close it again
     */
    public record Reach(List<String> opens, double minutes) {
        static final Reach NOTHING = new Reach(List.of(), 0);
    }

    /**
     * @param part its id in the pack
     * @param onVan whether one is on board
     */
    public record PartNeed(String part, boolean onVan) {}

    /**
     * One answer of a step.
     *
     * @param outcome "yes" or "no" for a symptom, a symptom's id or "none" for a question with a choice, "still-failing" for a remedy, else the id of the outcome or choice
     * @param name the answer in words
     * @param chance that it will be this one, 0 to 1
     * @param leader id of the fault that would then be likeliest; null if it would be none of these
     * @param leaderChance how likely that would then be, 0 to 1
     */
    public record Prospect(
            String outcome,
            String name,
            double chance,
            @Nullable String leader,
            double leaderChance) {}

    /** The same without what its answers would mean. */
    Step brief() {
        return new Step(
                kind, id, name, minutes, reach, parts, waiting, expectedMinutes, extraCost, List.of(), List.of());
    }

    /** A step that needs no part and no waiting, not yet compared with others. */
    static Step plain(
            Kind kind,
            String id,
            String name,
            double minutes,
            Reach reach,
            double expectedMinutes,
            List<Prospect> prospects) {
        return new Step(
                kind, id, name, minutes, reach, List.of(), Waiting.NONE, expectedMinutes, 0, prospects, List.of());
    }

    Step expecting(double minutes) {
        return new Step(kind, id, name, this.minutes, reach, parts, waiting, minutes, extraCost, prospects, reasons);
    }

    Step compared(double extra, List<StepReason> why) {
        return new Step(kind, id, name, minutes, reach, parts, waiting, expectedMinutes, extra, prospects, why);
    }
}
