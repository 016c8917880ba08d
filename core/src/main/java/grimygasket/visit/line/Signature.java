package grimygasket.visit.line;

import grimygasket.util.Unfit;
import java.util.Optional;

/**
 * What the customer has signed with the finger: one line at most.
 *
 * @param name of the person who signed, 1 to 80 characters
 * @param strokes of the finger, with ";" between them: the points of each with a blank between them, each "x,y" with x from 0 to
 *     {@value #WIDTH} and y, downwards, from 0 to {@value #HEIGHT}; for example "12,40 15,38;80,20 80,21"
 */
public record Signature(String name, String strokes) implements JobLine<Signature> {
    /** Of the field that is signed in. */
    public static final int WIDTH = 300;

    public static final int HEIGHT = 100;

    private static final int MOST_OF_A_NAME = 80;

    /**
     * @throws Unfit with a sentence for the technician
     */
    public Signature {
        if (name == null || name.isBlank() || name.length() > MOST_OF_A_NAME) {
            throw new Unfit("write who has signed, in at most " + MOST_OF_A_NAME + " characters");
        }
        if (strokes == null || strokes.isBlank()) {
            throw new Unfit("nothing is signed yet");
        }
        for (var stroke : strokes.split(";", -1)) {
            for (var point : stroke.split(" ", -1)) {
                requirePoint(point);
            }
        }
    }

    private static void requirePoint(String point) {
        int comma = point.indexOf(',');
        if (comma < 0 || !isUpTo(WIDTH, point.substring(0, comma)) || !isUpTo(HEIGHT, point.substring(comma + 1))) {
            throw new Unfit("a signature has no point “" + point + "”");
        }
    }

    /** Whether a text is a whole number from 0 to a limit of three digits. */
    private static boolean isUpTo(int limit, String number) {
        return !number.isEmpty()
                && number.length() <= 3
                && number.chars().allMatch(digit -> digit >= '0' && digit <= '9')
                && Integer.parseInt(number) <= limit;
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.of("signature");
    }

    @Override
    public Optional<Signature> merged(Signature was, Signature theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Signature(merge.of(Signature::name), merge.of(Signature::strokes)));
    }
}
