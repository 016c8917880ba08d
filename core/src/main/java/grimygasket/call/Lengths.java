package grimygasket.call;

import java.util.Map;

/** How long what somebody types may be, in characters. */
public final class Lengths {
    public static final int MOST_OF_A_CODE = 40;
    public static final int MOST_OF_A_COMPLAINT = 500;
    public static final int MOST_OF_A_REASON = 500;
    public static final int MOST_OF_AN_ADVICE = 2000;
    public static final int MOST_OF_A_SERIAL = 60;
    public static final int MOST_OF_A_NAME = 80;
    public static final int MOST_OF_A_PLACE = 120;
    public static final int MOST_OF_A_PHONE = 40;
    public static final int MOST_OF_A_NUMBER = 30;
    public static final int MOST_OF_AN_EMAIL = 120;
    public static final int MOST_OF_AN_ACCESS = 300;
    /** Of one thing that a machine's plate says. */
    static final int MOST_OF_A_PLATE = 60;

    public static final int MOST_OF_A_LINE = 2000;

    private Lengths() {}

    public static void wanted(Map<String, Reason> fields, String name, String text, Reason.Kind missing) {
        if (text.isBlank()) {
            fields.put(name, Reason.of(missing));
        }
    }

    public static void fits(Map<String, Reason> fields, String name, String text, int most) {
        if (text.length() > most) {
            fields.put(name, Reason.of(Reason.Kind.TOO_LONG, "" + most));
        }
    }
}
