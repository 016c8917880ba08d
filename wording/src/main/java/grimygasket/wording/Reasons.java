package grimygasket.wording;

import grimygasket.call.Reason;
import grimygasket.pack.work.Competence;
import java.util.LinkedHashMap;
import java.util.Map;

/** Why something cannot be, and what to do about it. */
public final class Reasons {
    private Reasons() {}

    /** Each in its sentence. */
    public static Map<String, String> say(Map<String, Reason> reasons) {
        var said = new LinkedHashMap<String, String>();
        reasons.forEach((field, reason) -> said.put(field, say(reason)));
        return said;
    }

    public static String say(Reason reason) {
        var about = reason.about();
        return switch (reason.kind()) {
            case CLOSED -> "This call is closed. Open it again to change it.";
            case SIGNED_OFF -> "The lead signed off what was left open here: only the lead opens it again.";
            case UNFIT -> capitalized(about.get(0)) + ".";
            case MISREAD -> about.get(0);
            case INCOMPLETE -> "Something is missing.";
            case NO_DAY -> "Choose the day.";
            case FAR_DAY -> "This day is more than ten years away. Look at the year.";
            case NO_TIME -> "Choose the time.";
            case NO_NAME -> "Enter the customer's name.";
            case NO_STREET -> "Enter the street, so that you find the house.";
            case NO_PART_NAME -> "Say what it is.";
            case NO_PRICE -> "A price like 12.50, at most 99999.99.";
            case NO_MAKER -> "Enter the maker; it is on the plate inside the door.";
            case NO_REASON -> "Say why it is cancelled.";
            case UNDER_WAY -> "Something was entered on this call. Take it back, or close the call with a reason.";
            case NOT_YOURS -> "This call is not yours to give: only whoever has it or the lead gives it to somebody.";
            case NOBODY -> "Nobody by that name works here now. Choose somebody else.";
            case NOT_KNOWN -> "“" + about.get(0) + "” is not known for this kind of machine.";
            case NO_ANSWER -> "“" + about.get(0) + "” is not an answer to this. Choose one of those shown.";
            case LICENSED -> "This is work for a licensed " + about.get(0) + ". Make it safe, and hand the call on.";
            case NOT_QUALIFIED ->
                "This is for somebody qualified for " + Competences.name(Competence.valueOf(about.get(0)))
                        + ": hand it on. Who is qualified stands under Settings, People.";
            case EXCLUDED ->
                "“" + about.get(0) + "” and “" + about.get(1)
                        + "” exclude each other. Take the other back first, in the story.";
            case BORROWED_ID -> "This was sent as a repeat of another entry. Enter it once more.";
            case TAKEN_BACK -> "This was taken back on another screen meanwhile.";
            case ANSWERED -> "This already has a different answer.";
            case CHANGED -> "This was changed on another screen meanwhile; it is shown as it is now.";
            case ABOUT_ELSE -> "This line is about something else: enter it anew.";
            case FEATURES_CHANGED ->
                "What is fitted was changed on another screen meanwhile; it is shown as it is now.";
            case NO_CAUTION -> "There is no caution “" + about.get(0) + "” for this machine.";
            case NO_COMPLAINT -> "Write down the complaint in the customer's words.";
            case TOO_LONG -> "That is too long: " + about.get(0) + " characters at most.";
            case LAST_COMPLAINT -> "A call is about something: write the other complaint down first.";
            case FEATURES -> String.join(" ", about);
            case RATINGS -> "That is not a valid rating.";
            case READING -> "Enter what was read.";
            case NO_POWER -> NoPower.sentence(about);
            case IN_THE_WAY ->
                "It gets no power while something of it is off. Put back first: " + String.join(", ", about) + ".";
            case BEYOND -> "Some of it you may not leave open, whatever the reason.";
            case GAPS -> "The ring has gaps: give the reason for leaving them, or fill them first.";
            case MOVED_ON -> "The call was changed on another screen meanwhile. Look at it again, then close it.";
        };
    }

    static String capitalized(String words) {
        return words.substring(0, 1).toUpperCase() + words.substring(1);
    }
}
