package grimygasket.server.calls;

import grimygasket.diagnosis.Expectation;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
import grimygasket.server.calls.CallView.Judged;
import grimygasket.server.calls.CallView.Measurable;
import grimygasket.units.Amount;
import grimygasket.units.Family;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What can be measured on a call's machine, and what its readings mean. */
final class ReadingsOfCall {
    private final Map<String, Expectation> expectations;
    private final Family family;

    ReadingsOfCall(Pack pack, Machine machine, Family family) {
        this.family = family;
        this.expectations = Expectation.of(pack, machine);
    }

    /** By check. */
    Map<String, Measurable> measures() {
        var measures = new LinkedHashMap<String, Measurable>();
        expectations.forEach((check, expectation) -> {
            var measure = expectation.measure();
            measures.put(
                    check,
                    new Measurable(
                            measure.name(),
                            measure.quantity().unit(family).symbol(),
                            expectation.range(family),
                            measure.gauge(),
                            measure.meter()));
        });
        return measures;
    }

    /** By the station where it was read, a flow or a suction as a share of the sound one; the latest counts. */
    Map<String, Double> flows(List<Entry> entries) {
        var flows = new LinkedHashMap<String, Double>();
        for (var entry : entries) {
            if (entry.reading() != null && expectations.get(entry.subject()).isShare()) {
                var expectation = expectations.get(entry.subject());
                flows.put(expectation.measure().station(), expectation.share(reading(expectation, entry)));
            }
        }
        return flows;
    }

    private static Amount reading(Expectation expectation, Entry entry) {
        return new Amount(expectation.measure().quantity(), entry.reading(), entry.spread());
    }

    /** By entry. */
    Map<UUID, Judged> judged(List<Entry> entries) {
        var judged = new LinkedHashMap<UUID, Judged>();
        for (var entry : entries) {
            if (entry.reading() != null) {
                var expectation = expectations.get(entry.subject());
                var reading = reading(expectation, entry);
                judged.put(entry.id(), new Judged(expectation.say(reading, family), expectation.verdict(reading)));
            }
        }
        return judged;
    }
}
