package grimygasket.diagnosis;

import java.util.List;

/**
 * Something that can be done next.
 *
 * @param kind what sort of step
 * @param id of the sign, check, remedy or proof in the pack; "refer" for handing on
 * @param name as an order or a question
 * @param minutes for the step alone
 * @param accessMinutes to open what is still closed, and to close it again
 * @param opens names of the layers to open for it, outermost first
 * @param part pack id of the part it uses up; null for none
 * @param partOnVan whether that part is on board; true if it needs none
 * @param expectedMinutes from now to a proved cure or to handing on, this step taken first
 * @param extraCost how much dearer than the best step it is expected to be, in minutes, prices of parts turned into
 *     minutes at the labour rate; 0 for the best
 * @param prospects what each answer would mean; empty for a step without answers
 * @param reasons why it is advised, in sentences
 */
public record Step(
        Kind kind,
        String id,
        String name,
        double minutes,
        double accessMinutes,
        List<String> opens,
        String part,
        boolean partOnVan,
        double expectedMinutes,
        double extraCost,
        List<Prospect> prospects,
        List<String> reasons) {

    public enum Kind {
        /** Settle a sign. */
        ASK,
        CHECK,
        REMEDY,
        /** Show whether the remedy just done has cured. */
        PROVE,
        /** Nothing listed is worth trying: hand the call on. */
        REFER
    }

    /**
     * One answer of a step.
     *
     * @param outcome "yes" or "no" for a sign, "still-failing" for a remedy, else the outcome's id
     * @param name the answer in words
     * @param chance that it will be this one, 0 to 1
     * @param leader id of the fault that would then be likeliest; null if it would be none of these
     * @param leaderChance how likely that would then be, 0 to 1
     */
    public record Prospect(String outcome, String name, double chance, String leader, double leaderChance) {}
}
