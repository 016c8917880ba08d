package grimygasket.pack.evidence;

import grimygasket.pack.soundness.Numbers;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where numbers of a pack come from. A number that no source claims is an estimate.
 *
 * @param id unique within the pack
 * @param text who or what says so
 * @param on the day on which it was said or looked up, ISO 8601; of a standard the year may be all there is
 * @param confidence how far it can be relied on
 * @param numbers addresses as {@link Numbers} gives them; a star stands for any one member
 */
public record Source(String id, String text, String on, Confidence confidence, List<String> numbers) {
    public Source {
        Arguments.text("source id", id);
        Arguments.text("text of source " + id, text);
        Arguments.text("day of source " + id, on);
        if (confidence == null) {
            throw new IllegalArgumentException("source " + id + " does not say how far it can be relied on");
        }
        numbers = Lists.copy(numbers);
    }

    /** Whether it is where a number comes from, by the number's address in the pack. */
    public boolean claims(String address) {
        return numbers.stream().anyMatch(pattern -> matches(pattern, address));
    }

    /** Whether a pattern covers an address. In a pattern * stands for any part. */
    public static boolean matches(String pattern, String address) {
        var wanted = pattern.split("/");
        var members = address.split("/");
        return wanted.length == members.length
                && IntStream.range(0, wanted.length)
                        .allMatch(i -> wanted[i].equals("*") || wanted[i].equals(members[i]));
    }
}
