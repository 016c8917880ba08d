package grimygasket.server.calls;

import grimygasket.call.Entry;
import grimygasket.diagnosis.Expectation;
import grimygasket.diagnosis.Finding.ReadingTaken;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
import grimygasket.server.calls.CallView.Judged;
import grimygasket.server.calls.CallView.Measurable;
import grimygasket.units.UnitSystem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What can be measured on a call's machine, and what its readings mean. */
final class ReadingsOfCall {
    private final Map<String, Expectation> expectations;
    private final UnitSystem family;

    ReadingsOfCall(Pack pack, Machine machine, UnitSystem family) {
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
    Map<String, Double> flows(List<Entry> story) {
        var flows = new LinkedHashMap<String, Double>();
        for (var entry : story) {
            if (entry.finding() instanceof ReadingTaken taken
                    && expectations.get(taken.check()).isShare()) {
                var expectation = expectations.get(taken.check());
                flows.put(expectation.measure().station(), expectation.share(taken.reading()));
            }
        }
        return flows;
    }

    /** By entry. */
    Map<UUID, Judged> judged(List<Entry> story) {
        var judged = new LinkedHashMap<UUID, Judged>();
        for (var entry : story) {
            if (entry.finding() instanceof ReadingTaken taken) {
                var expectation = expectations.get(taken.check());
                judged.put(
                        entry.id(),
                        new Judged(expectation.say(taken.reading(), family), expectation.verdict(taken.reading())));
            }
        }
        return judged;
    }
}
