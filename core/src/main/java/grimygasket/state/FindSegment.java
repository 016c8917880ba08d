package grimygasket.state;

import grimygasket.call.Entry;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.belief.Expectation;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.gauge.Verdict;
import grimygasket.pack.evidence.Measure;
import grimygasket.units.UnitSystem;
import grimygasket.visit.Openings;
import grimygasket.visit.Places;
import grimygasket.visit.VisitRecord;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The segment Find: what can be measured, what was, and where what is wrong is looked for.
 *
 * @param measures check id to what can be measured at it
 * @param readings entry id to what its reading means
 * @param openings station id to its open share, 0 to 1, where it is known
 * @param flows station id to the flow or suction read there last, as a share of a sound machine's
 * @param places station id to the steps that have to do with it
 */
public record FindSegment(
        Map<String, Measurable> measures,
        Map<UUID, Judged> readings,
        Map<String, Double> openings,
        Map<String, Double> flows,
        Map<String, List<Places.Work>> places) {

    /**
     * What can be measured at a check.
     *
     * @param unit of the technician's system of units
     * @param sound what sound machines read, in words
     * @param gauge id of the gauge that computes it; null where it is read directly
     * @param meter that measures it; null where none does
     */
    public record Measurable(
            String name,
            String unit,
            String sound,
            @Nullable String gauge,
            Measure.@Nullable Meter meter) {
        static Measurable of(Expectation expectation, UnitSystem units) {
            var measure = expectation.measure();
            return new Measurable(
                    measure.name(),
                    measure.quantity().unit(units).symbol(),
                    expectation.range(units),
                    measure.gauge(),
                    measure.meter());
        }
    }

    /** What a reading means, in words. */
    public record Judged(String says, Verdict verdict) {}

    static FindSegment of(
            List<Entry> story, VisitRecord visit, Knowhow knowhow, Assessment assessment, UnitSystem units) {
        var pack = knowhow.pack();
        var expectations = Expectation.of(pack, knowhow.machine());
        var measures = new LinkedHashMap<String, Measurable>();
        expectations.forEach((check, expectation) -> measures.put(check, Measurable.of(expectation, units)));
        var flows = new LinkedHashMap<String, Double>();
        for (var entry : story) {
            if (entry.finding() instanceof ReadingTaken taken) {
                var expectation = expectations.get(taken.check());
                if (expectation.isShare()) {
                    flows.put(expectation.measure().station(), expectation.share(taken.reading()));
                }
            }
        }
        return new FindSegment(
                measures,
                judged(story, expectations, units),
                Openings.of(pack, visit),
                flows,
                Places.of(pack, assessment.plan()));
    }

    /**
     * What readings mean.
     *
     * @param expectations of every check that can be read, by its id
     * @return by entry id
     */
    public static Map<UUID, Judged> judged(List<Entry> story, Map<String, Expectation> expectations, UnitSystem units) {
        var judged = new LinkedHashMap<UUID, Judged>();
        for (var entry : story) {
            if (entry.finding() instanceof ReadingTaken taken) {
                var expectation = expectations.get(taken.check());
                var says = expectation.say(taken.reading(), units) + (taken.source() == null ? "" : ", simulated");
                judged.put(entry.id(), new Judged(says, expectation.verdict(taken.reading())));
            }
        }
        return judged;
    }
}
