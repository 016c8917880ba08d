package grimygasket.wording;

import grimygasket.diagnosis.plan.StepReason;
import java.util.stream.Collectors;

/** Why a step is advised. */
public final class StepReasons {
    private StepReasons() {}

    public static String say(StepReason reason) {
        var about = reason.about();
        return switch (reason.kind()) {
            case TELLS_APART ->
                "Separates: " + about.stream().map(StepReasons::cause).collect(Collectors.joining(", ")) + ".";
            case FIRMS_UP -> "Tests for: " + cause(about.get(0)) + ".";
            case NOTHING_TO_OPEN -> "Nothing more to open.";
            case OPENING -> "Opening and closing again take " + Math.round(reason.amount()) + " min of it.";
            case DECIDES -> "What it shows decides what is done next.";
            case COMES_BEFORE -> "This is looked at before “" + about.get(0) + "”.";
            case CURES -> percent(reason.amount()) + " likely to fix it.";
            case TAKES_AWAY -> percent(reason.amount()) + " that it takes this away: " + cause(about.get(0)) + ".";
            case ASKING_COSTS_MORE -> "Checking further first would cost more than it saves.";
            case SAVES -> "Saves about " + Math.round(reason.amount()) + " min against the next best step.";
            case FITS_NOTHING ->
                "No listed fault fits well enough to continue (none of these: " + percent(reason.amount()) + ").";
            case NO_CURE -> suspect(reason) + ", and nothing listed cures it on this machine.";
            case ALL_TRIED -> suspect(reason) + ", and all that is listed for it has been tried.";
            case TOO_DEAR -> suspect(reason) + ", but what is left to try would cost more than it is likely to save.";
            case RUN_SHOWS -> "Only a run shows whether it is cured.";
            case NO_POWER ->
                "“" + about.get(0) + "” was told: the machine gets no power until what clears it has found nothing.";
            case NOT_OURS -> "“" + about.get(0) + "” was told: only licensed people may put it back in use.";
            case NOT_QUALIFIED ->
                "“" + about.get(0) + "” was told: what is left to clear it is for somebody qualified.";
            case DANGER -> "“" + about.get(0) + "”: this comes before everything else.";
        };
    }

    private static String suspect(StepReason reason) {
        return "“" + reason.about().get(0) + "” is the likeliest, " + percent(reason.amount());
    }

    /** Within a sentence, and so in lower case. */
    private static String cause(String name) {
        return name.isBlank() ? "none of these" : Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private static String percent(double chance) {
        return chance >= 0.995 && chance < 1 ? "over 99%" : Math.round(100 * chance) + "%";
    }
}
