package grimygasket.wording;

import java.util.List;

/** Why a machine gets no power after an alarm. */
final class NoPower {
    private NoPower() {}

    /** @param looks names of the checks that have yet to find nothing; none where only licensed people may give it power */
    static String sentence(List<String> looks) {
        return looks.isEmpty()
                ? "After the alarm it stays without power, and is handed on: only licensed people may put it back in use."
                : "After the alarm it stays without power until these have found nothing: " + String.join(", ", looks)
                        + ".";
    }
}
