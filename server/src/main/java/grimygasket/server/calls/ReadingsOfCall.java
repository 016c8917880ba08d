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
    private final Map<String, Expectation> expectations = new LinkedHashMap<>();
    private final Family family;

    ReadingsOfCall(Pack pack, Machine machine, Family family) {
        this.family = family;
        pack.checks().stream()
                .filter(check -> check.measure() != null)
                .forEach(check -> expectations.put(check.id(), Expectation.of(pack, machine, check)));
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

    /** By entry. */
    Map<UUID, Judged> judged(List<Entry> entries) {
        var judged = new LinkedHashMap<UUID, Judged>();
        for (var entry : entries) {
            if (entry.reading() != null) {
                var expectation = expectations.get(entry.subject());
                var reading = new Amount(expectation.measure().quantity(), entry.reading(), entry.spread());
                judged.put(entry.id(), new Judged(expectation.say(reading, family), expectation.verdict(reading)));
            }
        }
        return judged;
    }
}
