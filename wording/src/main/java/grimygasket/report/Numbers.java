package grimygasket.report;

import grimygasket.call.Head;
import java.util.Locale;

/** By what number a business and its customer speak of a call. */
final class Numbers {
    private static final int LAST = 4;

    private Numbers() {}

    /**
     * Day and the end of the id, for example "20310506-4F1A": the same on every device, without asking anybody for the next number. Two
     * calls of a day share one in one of 65 536 cases.
     */
    static String of(Head head) {
        var id = head.id().toString();
        return Dates.digits(head.day()) + "-" + id.substring(id.length() - LAST).toUpperCase(Locale.ROOT);
    }
}
