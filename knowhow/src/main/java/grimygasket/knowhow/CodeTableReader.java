package grimygasket.knowhow;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Code;
import grimygasket.units.Figures;
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
import org.apache.commons.csv.DuplicateHeaderMode;

/**
 * Reads makers' code tables from CSV with a header: maker, kind, display ("CODE" or "LIGHTS"), code, meaning, leak, points,
 * clear. "points" holds entries like {@code fault:low-water=0.6} or {@code symptom:standing-water=0.75}, separated by blanks.
 */
final class CodeTableReader {
    private static final List<String> COLUMNS =
            List.of("maker", "kind", "display", "code", "meaning", "leak", "points", "clear");
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    /** In characters; patterns of lights are in words. */
    private static final Map<String, Integer> LONGEST =
            Map.of("maker", 80, "kind", 80, "display", 20, "code", 120, "leak", 20);

    private static final int LONGEST_TEXT = 1000;

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

    /**
     * What hinders a table from coming in that could be read: a cell that a spreadsheet would take for a formula, and one that is
     * longer than anything a machine shows.
     *
     * @return a sentence for each such cell
     */
    static List<String> unfitCells(String csv) {
        var problems = new ArrayList<String>();
        try (var rows = FORMAT.parse(new StringReader(csv))) {
            for (var row : rows) {
                for (var cell : row.toMap().entrySet()) {
                    var where = "row " + (row.getRecordNumber() + 1) + ": " + cell.getKey();
                    if (isFormula(cell.getValue())) {
                        problems.add(where + " begins with “" + cell.getValue().charAt(0)
                                + "”, which a spreadsheet takes for a formula: write an apostrophe before it");
                    }
                    if (cell.getValue().length() > LONGEST.getOrDefault(cell.getKey(), LONGEST_TEXT)) {
                        problems.add(where + " is longer than " + LONGEST.getOrDefault(cell.getKey(), LONGEST_TEXT)
                                + " characters");
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return problems;
    }

    private static boolean isFormula(String text) {
        return !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0;
    }

    /** What stands in a cell; an apostrophe only keeps a spreadsheet from taking it for a formula. */
    private static String text(CSVRecord row, String column) {
        var text = row.get(column);
        return text.startsWith("'") && isFormula(text.substring(1)) ? text.substring(1) : text;
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
                text(row, "maker"),
                text(row, "kind"),
                display(row.get("display")),
                text(row, "code"),
                text(row, "meaning"),
                Figures.read(row.get("leak")),
                points(row, "fault:"),
                points(row, "symptom:"),
                text(row, "clear"));
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
            if (equals < 0 || !(point.startsWith("fault:") || point.startsWith("symptom:"))) {
                throw new IllegalArgumentException(
                        "“" + point + "” is not of the form fault:ID=STRENGTH or symptom:ID=STRENGTH");
            }
            if (point.startsWith(prefix)) {
                points.put(point.substring(prefix.length(), equals), Figures.read(point.substring(equals + 1)));
            }
        }
        return points;
    }
}
