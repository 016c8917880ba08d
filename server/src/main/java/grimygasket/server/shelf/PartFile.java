package grimygasket.server.shelf;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A list of parts as CSV, a line a part, by the names of its columns. */
final class PartFile {
    private static final String[] COLUMNS = {
        "number", "name", "kind", "part", "maker", "price", "cost", "supplier", "replaces", "place", "minimum"
    };
    private static final int MOST = 20_000;
    private static final CSVFormat LINES = CSVFormat.RFC4180;
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private PartFile() {}

    /** A line of a file. */
    record Line(long number, CSVRecord said) {
        /** What stands in a column; blank where there is none. */
        String text(String column) {
            return said.isMapped(column) && said.isSet(column) ? said.get(column) : "";
        }

        /**
         * An amount of money, with a point or a comma; nothing for a blank.
         *
         * @throws IllegalArgumentException in a sentence
         */
        BigDecimal money(String column) {
            var text = text(column).replace(',', '.');
            if (text.isEmpty()) {
                return null;
            }
            if (!text.matches("\\d{1,5}(\\.\\d{1,2})?")) {
                throw new IllegalArgumentException("“" + text(column) + "” is no " + column + ": write it like 12.50.");
            }
            return new BigDecimal(text);
        }

        /**
         * A count; 0 for a blank.
         *
         * @throws IllegalArgumentException in a sentence
         */
        int count(String column) {
            var text = text(column);
            if (!text.matches("\\d{0,4}")) {
                throw new IllegalArgumentException("“" + text + "” is no " + column + ": write a whole number.");
            }
            return text.isEmpty() ? 0 : Integer.parseInt(text);
        }
    }

    static String write(List<ListedPart> parts) {
        var lines = new ArrayList<String>();
        lines.add(LINES.format((Object[]) COLUMNS));
        parts.forEach(part -> lines.add(LINES.format(
                part.number(),
                part.name(),
                part.kind(),
                part.fits(),
                part.maker(),
                part.price(),
                part.cost(),
                part.supplier(),
                part.replaces(),
                part.place(),
                part.minimum())));
        return String.join("\r\n", lines) + "\r\n";
    }

    static String writeOrder(List<PartStore.ToOrder> wanted) {
        var lines = new ArrayList<String>();
        lines.add(LINES.format("supplier", "number", "name", "wanted"));
        wanted.forEach(one -> lines.add(LINES.format(one.supplier(), one.number(), one.name(), one.wanted())));
        return String.join("\r\n", lines) + "\r\n";
    }

    /** @throws Problem if it is no such list at all */
    static List<Line> read(String csv) {
        // Some programs begin a file with a mark that nobody sees.
        try (var parser = FORMAT.parse(new StringReader(csv.startsWith("\uFEFF") ? csv.substring(1) : csv))) {
            for (var column : List.of("number", "name", "price")) {
                if (parser.getHeaderNames().stream().noneMatch(column::equalsIgnoreCase)) {
                    throw problem("It has no column “" + column + "” in its first line.");
                }
            }
            var lines = new ArrayList<Line>();
            for (var said : parser) {
                if (lines.size() == MOST) {
                    throw problem("It has more than " + MOST + " lines: take it in parts.");
                }
                lines.add(new Line(said.getRecordNumber() + 1, said));
            }
            return lines;
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw problem("It is not a list as CSV: a line for each part, the names of the columns in the first.");
        }
    }

    private static Problem problem(String sentence) {
        return new Problem(Kind.INVALID, "The file cannot be taken. " + sentence);
    }
}
