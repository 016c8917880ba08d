package grimygasket.wording;

import static java.util.Locale.ROOT;

import grimygasket.pack.machine.Confirmation;
import grimygasket.visit.ring.Gap;
import java.util.List;

/** What is missing in a call. */
public final class Gaps {
    private Gaps() {}

    /** Each in its sentence. */
    public static List<String> say(List<Gap> gaps) {
        return gaps.stream().map(Gaps::say).toList();
    }

    public static String say(Gap gap) {
        var about = gap.about();
        return switch (gap.kind()) {
            case COMPLAINT -> "The complaint is not written down.";
            case SYMPTOM -> "No symptom and no code is entered.";
            case CAUTION -> "Not confirmed: “" + about.get(0) + "”.";
            case NO_POWER -> NoPower.sentence(about);
            case CAUSE -> "Cause not confirmed yet.";
            case PIECES -> "Not on the tray: " + String.join(", ", about) + ".";
            case CUP -> "The screws of “" + about.get(0) + "” lie in no cup.";
            case CURE -> "No repair recorded yet.";
            case TASK -> "Not done: “" + about.get(0) + "”.";
            case FOUND -> "What was found is not noted: “" + about.get(0) + "”.";
            case OPEN_BY -> "How far the " + low(about.get(0)) + " is open now is not noted.";
            case SOLIDS -> "What came out of the " + low(about.get(0)) + " is not in the bin yet.";
            case COMES_BACK ->
                "“" + about.get(0) + "” comes back while what brings it is neither cleared nor cured: "
                        + low(String.join("; ", about.subList(1, about.size()))) + ".";
            case PART -> "No " + low(about.get(0)) + " is counted for “" + about.get(1) + "”.";
            case SERIAL -> "The serial number of the new " + low(about.get(0)) + " is not noted.";
            case OLD_PART -> "Nobody has said where the old " + low(about.get(0)) + " went.";
            case DRYING -> "Still drying: " + about.get(0) + ".";
            case ON_TRAY -> "Still on the tray: " + about.get(0) + ".";
            case SCREWS_OVER ->
                about.get(0) + (about.get(0).equals("1") ? " screw" : " screws") + " of “" + about.get(1) + "” over"
                        + (about.get(2).isBlank() ? "." : ", cup " + about.get(2) + ".");
            case NOT_SEEN -> about.get(0) + ": not seen yet that " + say(Confirmation.valueOf(about.get(1))) + ".";
            case HEATER_UP -> "The home's water heater is still turned up" + more(about.get(0));
            case WATER_OFF -> "The water is still shut off" + more(about.get(0));
            case POWER_OFF -> "The power is still off" + more(about.get(0));
            case GAS_OFF -> "The gas is still shut off" + more(about.get(0));
            case PUT_BACK -> "Still to be put back" + more(about.get(0));
            case PROOF -> "Nothing is proved yet.";
            case NOT_PROVED -> "Not proved yet: “" + about.get(0) + "”.";
            case RUNS -> "“" + about.get(0) + "” was seen " + about.get(1) + " of " + about.get(2) + " times.";
            case NOT_MEASURED -> "“" + about.get(0) + "”: measured before, but not after.";
            case BESIDE_BAND ->
                "“" + about.get(0) + "”: " + about.get(1) + " now, wanted " + about.get(2) + " to " + about.get(3)
                        + ".";
            case NO_BETTER ->
                "“" + about.get(0) + "”: no better than before, " + about.get(1) + " then and " + about.get(2)
                        + " now.";
            case LIGHT -> "“" + about.get(0) + "”: the light is not seen to go out.";
            case JOINT -> "Not watched for leaks: " + about.get(0) + ".";
            case NOT_GIVEN_BACK -> "Not given back: " + about.get(0) + " × " + about.get(1) + ".";
            case CLOSING -> "The call is not closed yet.";
        };
    }

    private static String say(Confirmation what) {
        return switch (what) {
            case LOCKED -> "it is locked";
            case ORIENTED -> "it sits the right way round";
            case PLUGGED -> "its connector is pushed home";
            case STARTED_BY_HAND -> "its thread was started by hand";
            case HAND_TIGHT -> "it is hand-tight, and no tighter";
            case HOSES_FREE -> "no hose is kinked";
            case DRY -> "it is dry all through";
        };
    }

    private static String more(String text) {
        return text.isBlank() ? "." : ": " + text + ".";
    }

    private static String low(String name) {
        return name.toLowerCase(ROOT);
    }
}
