package grimygasket.pack.soundness;

import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Instruction;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Holds what steps and cautions speak of against what is fetched first: a thing that is named in the words and stands in no list is
 * missing when both hands are wet. Only things whose name means nothing else are looked for.
 */
final class ToolWords {
    /** What is put on. */
    private static final List<String> WORN = List.of("gloves", "glasses", "mask");

    private static final List<String> USED = List.of(
            "torch",
            "thermometer",
            "multimeter",
            "mirror",
            "tweezers",
            "sponge",
            "vinegar",
            "metal bucket",
            "wet vacuum",
            "spirit level",
            "funnel",
            "penetrating oil",
            "two-pole tester");

    private ToolWords() {}

    /** Tools that the steps name and the list lacks. Reasons are not read: they may name a tool that is not used. */
    static List<String> missing(List<Instruction> steps, List<String> tools) {
        var words = words(steps.stream().map(Instruction::text).collect(Collectors.joining(" ")));
        return Stream.concat(WORN.stream(), USED.stream())
                .filter(name -> words.contains(" " + name + " "))
                .filter(name -> tools.stream().noneMatch(tool -> tool.contains(name)))
                .toList();
    }

    /** What a caution has somebody put on by its words, and not by its data. */
    static List<String> missing(Caution caution) {
        var words = words(caution.text());
        return WORN.stream()
                .filter(name -> words.contains(" " + name + " "))
                .filter(name -> !caution.wear().contains(name))
                .toList();
    }

    /** In lower case, with one blank before and after each. */
    private static String words(String text) {
        var words = text.toLowerCase(Locale.ROOT)
                .chars()
                .map(c -> Character.isLetter(c) || c == '-' ? c : ' ')
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        return Arrays.stream(words.split(" "))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(" ", " ", " "));
    }
}
