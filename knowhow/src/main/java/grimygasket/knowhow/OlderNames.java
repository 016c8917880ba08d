package grimygasket.knowhow;

import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What know-how was written with before the symptom was called so: it was a sign. Done on the text, so that a draft goes on with it. */
final class OlderNames {
    private static final Pattern MEMBER = Pattern.compile("(?m)(^[ -]*|[{,] ?)sign(s?):");
    private static final Pattern ADDRESS = Pattern.compile("(?<=[\\[, \"'])signs/");
    private static final Pattern POINT = Pattern.compile("(?<=[, \"])sign:");

    private OlderNames() {}

    static String ofPack(String yaml) {
        if (Stream.of("sign:", "signs:", "signs/").noneMatch(yaml::contains)) {
            return yaml;
        }
        return ADDRESS.matcher(MEMBER.matcher(yaml).replaceAll("$1symptom$2:")).replaceAll("symptoms/");
    }

    static String ofCodes(String csv) {
        return POINT.matcher(csv).replaceAll("symptom:");
    }
}
