package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Lists as CSV (RFC 4180), a line a thing, by the names of its columns; read also with a semicolon or a tab between them. */
public final class CsvFile {
    private static final int MOST = 20_000;
    private static final CSVFormat LINES = CSVFormat.RFC4180;

    private CsvFile() {}

    /**
     * A line of a file.
     *
     * @param called our name of a column to the one that it has in the file, where they differ
     */
    public record Line(long number, CSVRecord said, Map<String, String> called) {
        /** What stands in a column; blank where there is none. */
        public String text(String column) {
            var name = called.getOrDefault(column, column);
            return said.isMapped(name) && said.isSet(name) ? said.get(name) : "";
        }

        /** The same; what was before, where the file has no such column. */
        public String text(String column, String before) {
            return said.isMapped(called.getOrDefault(column, column)) ? text(column) : before;
        }
    }

    /** A line that was not taken. */
    public record Wrong(long line, String message) {}

    /**
     * What became of a file.
     *
     * @param known how many of those taken were on file before
     */
    public record Imported(int taken, int known, List<Wrong> wrong) {}

    public static String write(List<String> columns, Stream<List<?>> lines) {
        var text = new StringBuilder();
        Stream.concat(Stream.of(columns), lines)
                .forEach(line -> text.append(LINES.format(line.toArray())).append("\r\n"));
        return text.toString();
    }

    /**
     * @param needed columns without which it is no such list
     * @throws Problem if it is no such list at all
     */
    public static List<Line> read(String csv, List<String> needed, Map<String, String> called) {
        try (var parser = format(csv).parse(new StringReader(withoutMark(csv)))) {
            for (var column : needed) {
                var name = called.getOrDefault(column, column);
                if (parser.getHeaderNames().stream().noneMatch(name::equalsIgnoreCase)) {
                    throw problem("It has no column “" + name + "” in its first line.");
                }
            }
            var lines = new ArrayList<Line>();
            for (var said : parser) {
                if (lines.size() == MOST) {
                    throw problem("It has more than " + MOST + " lines: take it in parts.");
                }
                lines.add(new Line(said.getRecordNumber() + 1, said, called));
            }
            return lines;
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw problem("It is not a list as CSV: a line for each, the names of the columns in the first.");
        }
    }

    private static CSVFormat format(String csv) {
        var first = csv.lines().findFirst().orElse("");
        char between = ',';
        for (char other : new char[] {';', '\t'}) {
            if (count(first, other) > count(first, between)) {
                between = other;
            }
        }
        return LINES.builder()
                .setDelimiter(between)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
    }

    private static long count(String text, char wanted) {
        return text.chars().filter(one -> one == wanted).count();
    }

    /** Some programs begin a file with a mark that nobody sees. */
    private static String withoutMark(String csv) {
        return csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
    }

    private static Problem problem(String sentence) {
        return new Problem(Kind.INVALID, "The file cannot be taken. " + sentence);
    }
}
