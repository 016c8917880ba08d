package grimygasket.report;

import grimygasket.call.Call;
import grimygasket.call.JobSheet;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.belief.Expectation;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.report.Report.Row;
import grimygasket.report.Report.Section;
import grimygasket.state.FindSegment;
import grimygasket.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a machine had before, told to a technician.
 *
 * @param visits latest first
 * @param curves of what was read more than once
 */
public record MachineHistory(List<Visit> visits, List<Curve> curves) {
    /**
     * @param call its id
     * @param day since 1970
     * @param closedAt in milliseconds since 1970; null while it is open
     * @param sections those that have something to say
     */
    public record Visit(
            UUID call,
            long day,
            String complaint,
            boolean upkeep,
            @Nullable Long closedAt,
            boolean cancelled,
            List<Section> sections) {}

    /**
     * What was read at one check over time, in the units of whoever looks.
     *
     * @param low the least that sound machines read
     * @param high the most
     * @param readings earliest first
     */
    public record Curve(String name, String unit, double low, double high, List<TakenReading> readings) {}

    /**
     * @param at in milliseconds since 1970
     * @param simulated whether it was taken off a meter that is only made up
     */
    public record TakenReading(long at, double value, boolean simulated) {}

    /** A call with what it is held against. */
    public record Past(Call call, Knowhow knowhow) {}

    private static final int WORTH_A_CURVE = 2;

    /** @param calls about one machine, latest first */
    public static MachineHistory of(List<Past> calls, UnitSystem units) {
        return new MachineHistory(calls.stream().map(past -> visit(past, units)).toList(), curves(calls, units));
    }

    private static Visit visit(Past past, UnitSystem units) {
        var call = past.call();
        var closing = call.head().closing();
        return new Visit(
                call.head().id(),
                call.head().day(),
                call.complaint(),
                call.head().upkeep(),
                closing == null ? null : closing.at(),
                closing != null && closing.cancelled(),
                sections(call, past.knowhow(), units));
    }

    private static List<Section> sections(Call call, Knowhow knowhow, UnitSystem units) {
        var pack = knowhow.pack();
        var expectations = Expectation.of(pack, knowhow.machine());
        var facts = new Facts(knowhow, FindSegment.judged(call.story(), expectations, units));
        var job = call.job();
        return Stream.of(
                        Section.rows("Checked", rows(call, facts, Checked.class)),
                        Section.rows("Done", rows(call, facts, RemedyTried.class)),
                        Section.rows(
                                "Found inside",
                                JobSheet.said(job.conditions()).stream()
                                        .map(found -> new Row(
                                                pack.station(found.station()).name(), Facts.of(found)))
                                        .toList()),
                        Section.rows(
                                "Parts",
                                call.parts().stream()
                                        .map(use -> new Row(
                                                use.used() + " × " + use.number() + " " + use.name(),
                                                Facts.of(use, call.head().day())))
                                        .toList()),
                        Section.rows(
                                "Way in",
                                JobSheet.said(job.ways()).stream()
                                        .map(found -> {
                                            var way = pack.way(found.way());
                                            return new Row(
                                                    way.ask(),
                                                    way.taken(found.choice()).name());
                                        })
                                        .toList()),
                        Section.rows(
                                "Also noted",
                                JobSheet.said(job.notes()).stream()
                                        .map(note -> new Row(note.text(), Facts.of(note)))
                                        .toList()))
                .filter(Section::saysSomething)
                .toList();
    }

    private static List<Row> rows(Call call, Facts facts, Class<?> kind) {
        return call.story().stream()
                .filter(entry -> kind.isInstance(entry.finding()))
                .map(facts::of)
                .map(said -> new Row(said.what(), said.result()))
                .toList();
    }

    private static List<Curve> curves(List<Past> calls, UnitSystem units) {
        var curves = new LinkedHashMap<String, Curve>();
        for (int i = calls.size() - 1; i >= 0; i--) {
            var past = calls.get(i);
            var expectations =
                    Expectation.of(past.knowhow().pack(), past.knowhow().machine());
            for (var entry : past.call().story()) {
                if (entry.finding() instanceof ReadingTaken taken) {
                    var expectation = expectations.get(taken.check());
                    var unit = expectation.measure().quantity().unit(units);
                    // By its latest edition: a later one may read in another quantity, or expect something else.
                    var key = taken.check() + " " + unit;
                    var before = curves.get(key);
                    var readings = new ArrayList<>(before == null ? List.<TakenReading>of() : before.readings());
                    readings.add(new TakenReading(
                            entry.at(), unit.fromBase(taken.reading().value()), taken.source() != null));
                    curves.put(
                            key,
                            new Curve(
                                    expectation.measure().name(),
                                    unit.symbol(),
                                    unit.fromBase(expectation.low()),
                                    unit.fromBase(expectation.high()),
                                    List.copyOf(readings)));
                }
            }
        }
        return curves.values().stream()
                .filter(curve -> curve.readings().size() >= WORTH_A_CURVE)
                .toList();
    }
}
