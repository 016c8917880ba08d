package grimygasket.server.knowhow;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** A value as YAML on one line, with no more quotes than it needs. */
final class FlowText {
    /** Begins with a letter, and has nothing that means something to YAML. */
    private static final Pattern PLAIN = Pattern.compile("\\p{L}([\\p{L}\\p{N} /()'.%°²³–-]*[\\p{L}\\p{N})'.%°²³])?");

    /** Words that YAML 1.1 or 1.2 take for something else than text. */
    private static final Set<String> NOT_TEXT = Set.of("true", "false", "yes", "no", "on", "off", "y", "n", "null");

    private FlowText() {}

    static String of(JsonNode value) {
        if (value.isObject()) {
            return value.propertyStream()
                    .map(member -> of(member.getKey()) + ": " + of(member.getValue()))
                    .collect(Collectors.joining(", ", "{", "}"));
        }
        if (value.isArray()) {
            return value.valueStream().map(FlowText::of).collect(Collectors.joining(", ", "[", "]"));
        }
        if (value.isString()) {
            return of(value.asString());
        }
        return value.isNumber() ? value.decimalValue().stripTrailingZeros().toPlainString() : value.toString();
    }

    private static String of(String text) {
        boolean plain = PLAIN.matcher(text).matches() && !NOT_TEXT.contains(text.toLowerCase(Locale.ROOT));
        return plain ? text : quoted(text);
    }

    private static String quoted(String text) {
        var quoted = new StringBuilder("\"");
        text.codePoints().forEach(c -> {
            if (c == '"' || c == '\\') {
                quoted.append('\\').appendCodePoint(c);
            } else if (c == '\n') {
                quoted.append("\\n");
            } else if (c == '\t') {
                quoted.append("\\t");
            } else if (Character.isISOControl(c) || c == 0x2028 || c == 0x2029 || c == 0xFEFF) {
                quoted.append("\\u%04x".formatted(c));
            } else {
                quoted.appendCodePoint(c);
            }
        });
        return quoted.append('"').toString();
    }
}
