package grimygasket.call;

import java.util.Map;

/** How long what somebody types may be, in characters. */
final class Lengths {
    static final int MOST_OF_A_CODE = 40;
    static final int MOST_OF_A_COMPLAINT = 500;
    static final int MOST_OF_A_REASON = 500;
    static final int MOST_OF_AN_ADVICE = 2000;
    static final int MOST_OF_A_SERIAL = 60;
    static final int MOST_OF_A_NAME = 80;
    static final int MOST_OF_A_PLACE = 120;
    static final int MOST_OF_A_PHONE = 40;
    static final int MOST_OF_A_NUMBER = 30;
    static final int MOST_OF_AN_EMAIL = 120;
    static final int MOST_OF_AN_ACCESS = 300;
    /** Of one thing that a machine's plate says. */
    static final int MOST_OF_A_PLATE = 60;

    static final int MOST_OF_A_LINE = 2000;

    private Lengths() {}

    static void wanted(Map<String, Reason> fields, String name, String text, Reason.Kind missing) {
        if (text.isBlank()) {
            fields.put(name, Reason.of(missing));
        }
    }

    static void fits(Map<String, Reason> fields, String name, String text, int most) {
        if (text.length() > most) {
            fields.put(name, Reason.of(Reason.Kind.TOO_LONG, "" + most));
        }
    }
}
