package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Confirmed;
import grimygasket.call.Entry;
import grimygasket.call.Head;
import grimygasket.call.JobSheet;
import grimygasket.call.Knowhow;
import grimygasket.call.PartUse;
import grimygasket.call.Photo;
import grimygasket.call.change.Progress;
import grimygasket.diagnosis.Assessment;
import grimygasket.pack.Applicable;
import grimygasket.visit.ring.Segment;
import grimygasket.visit.ring.Stage;
import grimygasket.visit.ring.Upkeep;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A call, with all that follows from it.
 *
 * @param complaint all complaints in one line
 * @param cautions that were confirmed
 * @param startedAt when the first check or remedy of its day was entered, in milliseconds since 1970; null before
 * @param now what of the machine can hurt right now
 * @param applicable what of the know-how applies to this machine
 * @param upkeep what is to be done on a visit for upkeep; null for a call about a fault
 * @param ring the segments in the order of the work, with what is missing
 * @param stands where the work stands
 */
public record CallState(
        Head head,
        CallMachine machine,
        String complaint,
        List<Complaint> complaints,
        List<Entry> story,
        List<Confirmed> cautions,
        JobSheet job,
        List<PartUse> parts,
        List<Photo> photos,
        @Nullable Long startedAt,
        Assessment assessment,
        MachineNow now,
        Applicable applicable,
        @Nullable Upkeep upkeep,
        List<Segment> ring,
        Stage stands,
        CallSegment call,
        SafeSegment safe,
        FindSegment find,
        OpenSegment open,
        CureSegment cure,
        CloseSegment close,
        ProveSegment prove,
        HandOverSegment handOver) {

    /**
     * @param assessment what the diagnosis makes of the call
     * @param now in milliseconds since 1970
     */
    public static CallState of(Call call, Knowhow knowhow, Assessment assessment, Viewer viewer, long now, Zone zone) {
        var pack = knowhow.pack();
        var progress = Progress.of(call, knowhow, now);
        var visit = progress.visit();
        var job = call.job();
        return new CallState(
                call.head(),
                call.machine(),
                call.complaint(),
                call.complaints(),
                call.story(),
                call.cautions(),
                job,
                call.parts(),
                call.photos(),
                startedAt(call, zone),
                assessment.brief(),
                MachineNow.of(call, knowhow, now),
                Applicable.of(pack, knowhow.machine().traits()),
                progress.upkeep(),
                progress.ring().segments(),
                progress.stands(pack, assessment.plan()),
                CallSegment.of(call, knowhow, assessment),
                SafeSegment.of(progress, call.cautions(), job, knowhow, assessment),
                FindSegment.of(call.story(), visit, knowhow, assessment, viewer.units()),
                OpenSegment.of(call, visit, knowhow),
                CureSegment.of(visit, pack),
                CloseSegment.of(visit, pack, now),
                ProveSegment.of(visit, knowhow),
                HandOverSegment.of(call, progress, knowhow, assessment, viewer.rank(), zone));
    }

    /** When the work of the call's day began; what was done on an earlier visit does not count. */
    private static @Nullable Long startedAt(Call call, Zone zone) {
        return call.story().stream()
                .filter(entry -> entry.finding().takesWork())
                .map(Entry::at)
                .filter(at -> zone.day(at) >= call.head().day())
                .findFirst()
                .orElse(null);
    }
}
