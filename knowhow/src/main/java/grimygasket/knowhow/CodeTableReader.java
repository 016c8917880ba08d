package grimygasket.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads makers' code tables from CSV with a header: maker, kind, display ("CODE" or "LIGHTS"), code, meaning, leak, points,
 * clear. "points" holds entries like {@code fault:low-water=0.6} or {@code sign:standing-water=0.75}, separated by blanks.
 */
final class CodeTableReader {
    private static final List<String> COLUMNS =
            List.of("maker", "kind", "display", "code", "meaning", "leak", "points", "clear");
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private CodeTableReader() {}

    /**
     * @param problems where a sentence is added for each bad row
     * @return the codes of the good rows
     */
    static List<Code> read(String csv, Pack pack, List<String> problems) {
        var codes = new ArrayList<Code>();
        try (var rows = FORMAT.parse(new StringReader(csv))) {
            if (complete(rows, problems)) {
                var firstRow = new HashMap<String, Long>();
                for (var row : rows) {
                    read(row, pack, firstRow, codes, problems);
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            problems.add("it is not readable as CSV: " + e.getMessage());
        }
        return codes;
    }

    private static boolean complete(CSVParser rows, List<String> problems) {
        var missing = COLUMNS.stream()
                .filter(column -> !rows.getHeaderNames().contains(column))
                .toList();
        if (!missing.isEmpty()) {
            problems.add("row 1: the columns are " + String.join(", ", COLUMNS) + "; missing: "
                    + String.join(", ", missing) + ".");
        }
        return missing.isEmpty();
    }

    private static void read(
            CSVRecord row, Pack pack, Map<String, Long> firstRow, List<Code> codes, List<String> problems) {
        long number = row.getRecordNumber() + 1;
        try {
            if (!row.isConsistent()) {
                throw new IllegalArgumentException("it has " + row.size() + " columns instead of "
                        + row.getParser().getHeaderNames().size());
            }
            var code = code(row);
            if (!code.kind().equals(pack.id())) {
                throw new IllegalArgumentException(
                        "it is about “" + code.kind() + "”, and this table about “" + pack.id() + "”");
            }
            var key = (code.maker() + "\n" + code.code()).toLowerCase();
            var before = firstRow.putIfAbsent(key, number);
            if (before != null) {
                throw new IllegalArgumentException(
                        code.code() + " of " + code.maker() + " stands in row " + before + " already");
            }
            pack.problemsOf(code).forEach(problem -> problems.add("row " + number + ": " + problem));
            codes.add(code);
        } catch (IllegalArgumentException e) {
            problems.add("row " + number + ": " + e.getMessage());
        }
    }

    private static Code code(CSVRecord row) {
        return new Code(
                row.get("maker"),
                row.get("kind"),
                display(row.get("display")),
                row.get("code"),
                row.get("meaning"),
                number(row.get("leak")),
                points(row, "fault:"),
                points(row, "sign:"),
                row.get("clear"));
    }

    private static Code.Display display(String text) {
        return Arrays.stream(Code.Display.values())
                .filter(display -> display.name().equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("“" + text + "” is neither CODE nor LIGHTS"));
    }

    private static Map<String, Double> points(CSVRecord row, String prefix) {
        var points = new LinkedHashMap<String, Double>();
        for (var point : row.get("points").split("\\s+")) {
            int equals = point.indexOf('=');
            if (equals < 0 || !(point.startsWith("fault:") || point.startsWith("sign:"))) {
                throw new IllegalArgumentException(
                        "“" + point + "” is not of the form fault:ID=STRENGTH or sign:ID=STRENGTH");
            }
            if (point.startsWith(prefix)) {
                points.put(point.substring(prefix.length(), equals), number(point.substring(equals + 1)));
            }
        }
        return points;
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“" + text + "” is not a number; write it with a point, like 0.6");
        }
    }
}
