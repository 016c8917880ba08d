package grimygasket.server.shelf;

import grimygasket.server.web.CsvFile;
import grimygasket.server.web.CsvFile.Line;
import grimygasket.server.web.Problem;
import grimygasket.util.Unfit;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A list of parts as CSV, a line a part, by the names of its columns. */
final class PartFile {
    private static final List<String> COLUMNS = List.of(
            "number",
            "name",
            "kind",
            "part",
            "maker",
            "price",
            "cost",
            "supplier",
            "replaces",
            "place",
            "minimum",
            "code",
            "warranty_months");

    private PartFile() {}

    static String write(List<ListedPart> parts) {
        return CsvFile.write(
                COLUMNS,
                parts.stream()
                        .map(part -> Arrays.asList(
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
                                part.minimum(),
                                part.code(),
                                part.warrantyMonths())));
    }

    /** @throws Problem if it is no such list at all */
    static List<Line> read(String csv) {
        return CsvFile.read(csv, List.of("number", "name", "price"), Map.of());
    }

    /**
     * An amount of money, with a point or a comma; nothing for a blank, and what was before where there is no such column.
     *
     * @throws Unfit in a sentence
     */
    static @Nullable BigDecimal money(Line line, String column, @Nullable BigDecimal before) {
        var text =
                line.text(column, before == null ? "" : before.toPlainString()).replace(',', '.');
        if (text.isEmpty()) {
            return null;
        }
        if (!text.matches("\\d{1,5}(\\.\\d{1,2})?")) {
            throw new Unfit("“" + line.text(column) + "” is no " + column + ": write it like 12.50.");
        }
        return new BigDecimal(text);
    }

    /**
     * For how long a maker answers for a part; nothing for a blank, and what was before where there is no such column.
     *
     * @throws Unfit in a sentence
     */
    static @Nullable Integer months(Line line, @Nullable Integer before) {
        int months = count(line, "warranty_months", before == null ? 0 : before);
        return months == 0 ? null : months;
    }

    /**
     * A count; 0 for a blank, and what was before where there is no such column.
     *
     * @throws Unfit in a sentence
     */
    static int count(Line line, String column, int before) {
        var text = line.text(column, Integer.toString(before));
        if (!text.matches("\\d{0,4}")) {
            throw new Unfit("“" + text + "” is no " + column + ": write a whole number.");
        }
        return text.isEmpty() ? 0 : Integer.parseInt(text);
    }
}
