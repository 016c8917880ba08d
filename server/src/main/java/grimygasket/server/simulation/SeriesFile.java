package grimygasket.server.simulation;

import grimygasket.server.simulation.SeriesController.Moment;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.units.Figures;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import grimygasket.units.UnitSystem;
import grimygasket.util.Unfit;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A recorded series as CSV: {@code second,value,unit}, a line a sample. */
final class SeriesFile {
    private static final int MOST = 5000;
    private static final String[] COLUMNS = {"second", "value", "unit"};
    private static final CSVFormat LINES = CSVFormat.RFC4180;
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(COLUMNS)
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private SeriesFile() {}

    static String write(String unit, List<Moment> samples) {
        var lines = new ArrayList<String>();
        lines.add(LINES.format((Object[]) COLUMNS));
        samples.forEach(sample -> lines.add(LINES.format(sample.second(), sample.value(), unit)));
        return String.join("\r\n", lines) + "\r\n";
    }

    /**
     * In the quantity's base unit.
     *
     * @throws Problem naming the first line that cannot be read
     */
    static List<Moment> read(String csv, Quantity quantity) {
        var samples = new ArrayList<Moment>();
        try (var parser = FORMAT.parse(new StringReader(csv))) {
            for (var line : parser) {
                if (samples.size() == MOST) {
                    throw problem("It has more than " + MOST + " samples: cut it down to the steady part.");
                }
                samples.add(moment(line, quantity));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw problem("It is not a series as CSV: a line for each sample with second, value and unit.");
        }
        if (samples.isEmpty()) {
            throw problem("There is no sample in it.");
        }
        return samples;
    }

    private static Moment moment(CSVRecord line, Quantity quantity) {
        var where = "Line " + (line.getRecordNumber() + 1) + ": ";
        if (line.size() != 3) {
            throw problem(where + "there should be second, value and unit.");
        }
        var unit = unit(quantity, line.get("unit"), where);
        try {
            return new Moment(Figures.read(line.get("second")), unit.toBase(Figures.read(line.get("value"))));
        } catch (Unfit e) {
            throw problem(where + "“" + line.get("second") + "” and “" + line.get("value")
                    + "” should be numbers, with a point.");
        }
    }

    private static Unit unit(Quantity quantity, String symbol, String where) {
        return Stream.concat(Arrays.stream(UnitSystem.values()).map(quantity::unit), quantity.others().stream())
                .filter(unit -> unit.symbol().equals(symbol))
                .findFirst()
                .orElseThrow(() -> problem(where + "“" + symbol + "” is not a unit for this; it should be "
                        + quantity.unit(UnitSystem.METRIC).symbol() + " or "
                        + quantity.unit(UnitSystem.US).symbol() + "."));
    }

    private static Problem problem(String sentence) {
        return new Problem(Kind.INVALID, "The file cannot be taken. " + sentence);
    }
}
