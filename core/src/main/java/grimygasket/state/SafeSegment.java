package grimygasket.state;

import grimygasket.call.Confirmed;
import grimygasket.call.JobSheet;
import grimygasket.call.Knowhow;
import grimygasket.call.change.Progress;
import grimygasket.diagnosis.Assessment;
import grimygasket.gauge.water.ResidualWater;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Caution;
import grimygasket.visit.line.WaterLeft;
import grimygasket.visit.ring.Isolation;
import grimygasket.visit.ring.Safety;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The segment Safe.
 *
 * @param isolation how the machine is made safe for what is planned, and then what was asked for so far
 * @param standing the water in the machine; null while nobody has judged it
 */
public record SafeSegment(
        List<Isolation.Point> isolation, @Nullable StandingLitres standing) {
    /**
     * Water that runs out when the machine is opened.
     *
     * @param fills how often the vessel in hand has to be emptied
     */
    public record StandingLitres(double litres, int fills) {
        static StandingLitres of(Pack pack, WaterLeft water) {
            var residual = ResidualWater.of(pack.water(), water.levelCm());
            return new StandingLitres(residual.litres(), residual.fills(water.vesselLitres()));
        }
    }

    static SafeSegment of(
            Progress progress, List<Confirmed> confirmed, JobSheet job, Knowhow knowhow, Assessment assessment) {
        var pack = knowhow.pack();
        var machine = knowhow.machine();
        var visit = progress.visit();
        var ahead = progress.upkeep() == null
                ? Isolation.of(pack, machine, assessment.plan())
                : Isolation.of(pack, machine, progress.upkeep());
        var open = Safety.unconfirmed(pack, machine, visit).stream().map(Caution::id);
        var behind =
                Stream.concat(open, confirmed.stream().map(Confirmed::caution)).toList();
        var standing = job.water().stream()
                .findFirst()
                .map(line -> StandingLitres.of(pack, line.what()))
                .orElse(null);
        return new SafeSegment(ahead.and(pack, behind).points(), standing);
    }
}
