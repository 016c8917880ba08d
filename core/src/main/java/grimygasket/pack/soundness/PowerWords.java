package grimygasket.pack.soundness;

import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Instruction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Holds what a step says of power against its data: words that have somebody cut a machine off, or run it, where the data have it
 * otherwise. Words alone are never followed: this finds where one of both was forgotten.
 */
public final class PowerWords {
    /** That it is cut off before anything else. */
    private static final List<String> CUTS_OFF =
            List.of("unplug", "battery out", "battery is out", "isolated", "breaker off", "breakers fully off");

    /** That it runs, or gets power. */
    private static final List<String> RUNS = List.of(
            "run it",
            "run a rinse",
            "run a load",
            "run a programme",
            "run a minute",
            "run them",
            "start a ",
            "start it",
            "start the ",
            "force a drain",
            "fill and drain",
            "fill, drain",
            "fill, wash",
            "drain twice",
            "through one fill",
            "through a fill",
            "then one fill",
            "plug it in",
            "plug it back in",
            ", plug in",
            "power back",
            "choose drain",
            "minute's wash",
            "minute's run",
            "spin a ",
            "hottest programme",
            "hottest maintenance run");

    /** That it has power already. */
    private static final List<String> HAS_POWER = List.of("running", "if it runs", "while it runs");

    /** What speaks of a run that is not now. */
    private static final List<String> NOT_NOW = List.of(
            "never",
            "before it runs",
            "before anything runs",
            "the proof",
            "until",
            "customer",
            "only with",
            "look where");

    private PowerWords() {}

    /**
     * A sentence for each step whose words and data do not agree.
     *
     * @param name of the work, with what sort it is
     */
    static List<String> contradictions(String name, Power power, List<Instruction> steps) {
        var found = new ArrayList<String>();
        boolean cutsOff = !steps.isEmpty() && cutsOff(steps.get(0).text());
        if (cutsOff && power == Power.EITHER) {
            found.add(name + " says that the machine is cut off, and its data do not.");
        }
        if (cutsOff && power == Power.LIVE && steps.stream().noneMatch(PowerWords::gives)) {
            found.add(name + " has power by its data, and its words only cut it off.");
        }
        if (power != Power.LIVE) {
            for (var step : steps) {
                for (var sentence : sentences(step.text())) {
                    if (says(RUNS, sentence) && !says(NOT_NOW, sentence)) {
                        found.add(name + " gives the machine power, and its data do not: “" + sentence.strip() + "”");
                    }
                }
            }
        }
        return found;
    }

    /** Whether somebody who follows a sentence cuts the machine off. */
    public static boolean cutsOff(String text) {
        return says(CUTS_OFF, text);
    }

    /** Whether the words give it power, or take it for granted. */
    private static boolean gives(Instruction step) {
        return says(RUNS, step.text()) || says(HAS_POWER, step.text());
    }

    private static boolean says(List<String> phrases, String text) {
        var lower = text.toLowerCase(Locale.ROOT);
        return phrases.stream().anyMatch(lower::contains);
    }

    /** A sentence, or what stands before a colon or a semicolon, as one of them may be about later. */
    private static List<String> sentences(String text) {
        var sentences = new ArrayList<String>();
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            if (".:;?!".indexOf(text.charAt(i)) >= 0) {
                sentences.add(text.substring(from, i + 1));
                from = i + 1;
            }
        }
        sentences.add(text.substring(from));
        return sentences;
    }
}
