package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads makers' code tables from CSV: maker, kind, code, meaning, leak, points, clear. "points" holds entries like
 * {@code fault:low-water=0.6} or {@code sign:standing-water=0.75}, separated by blanks.
 */
public final class CodeTableReader {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .get();

    private CodeTableReader() {}

    /**
     * @throws PackException with a sentence for each bad row
     */
    public static List<Code> read(String csv, Pack pack) {
        var codes = new ArrayList<Code>();
        var problems = new ArrayList<String>();
        try (var rows = FORMAT.parse(new StringReader(csv))) {
            for (var row : rows) {
                try {
                    var code = code(row);
                    codes.add(code);
                    pack.problemsOf(code).forEach(problem -> problems.add(at(row) + problem));
                } catch (IllegalArgumentException e) {
                    problems.add(at(row) + e.getMessage());
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!problems.isEmpty()) {
            throw new PackException(problems);
        }
        return List.copyOf(codes);
    }

    private static String at(CSVRecord row) {
        return "row " + (row.getRecordNumber() + 1) + ": ";
    }

    private static Code code(CSVRecord row) {
        return new Code(
                row.get("maker"),
                row.get("kind"),
                row.get("code"),
                row.get("meaning"),
                number(row.get("leak")),
                points(row, "fault:"),
                points(row, "sign:"),
                row.get("clear"));
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
            throw new IllegalArgumentException("“" + text + "” is not a number");
        }
    }
}
