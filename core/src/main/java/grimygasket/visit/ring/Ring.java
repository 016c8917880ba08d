package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.story.Quarantine;
import grimygasket.pack.Pack;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Found;
import grimygasket.visit.ring.Gap.Kind;
import java.util.ArrayList;
import java.util.List;

/**
 * The ring of a call: its segments in the order of the work, each sealed or with its gaps. A call may be closed when all
 * but the last are sealed, or when somebody who may gives a reason for the gaps.
 *
 * @param segments in the order of the work
 */
public record Ring(List<Segment> segments) {
    private static final Gap NOT_CLOSED = Gap.of(Kind.CLOSING);

    public Ring {
        segments = List.copyOf(segments);
    }

    /**
     * @throws IllegalArgumentException if the record names what the pack does not have
     */
    public static Ring of(Pack pack, Machine machine, VisitRecord visit) {
        return new Ring(List.of(
                new Segment(Stage.CALL, Listening.gaps(visit)),
                new Segment(Stage.SAFE, safe(pack, machine, visit)),
                new Segment(Stage.FIND, visit.putsSomethingRight() ? List.of() : List.of(Gap.of(Kind.CAUSE))),
                new Segment(Stage.OPEN, Opening.gaps(pack, machine, visit)),
                new Segment(Stage.CURE, Curing.gaps(pack, machine, visit)),
                new Segment(Stage.CLOSE, Closing.gaps(visit)),
                new Segment(Stage.PROVE, Proving.gaps(pack, machine, visit)),
                new Segment(Stage.HAND_OVER, handOver(visit))));
    }

    /**
     * The ring of a visit for upkeep: nothing is to be found, and what is due is to be done.
     *
     * @throws IllegalArgumentException if the record names what the pack does not have
     */
    public static Ring ofUpkeep(Pack pack, Machine machine, Upkeep upkeep, VisitRecord visit) {
        var work = new ArrayList<>(upkeep.gaps(pack));
        work.addAll(Curing.workGaps(pack, machine, visit));
        return new Ring(List.of(
                new Segment(Stage.SAFE, safe(pack, machine, visit)),
                new Segment(Stage.OPEN, Opening.gaps(pack, machine, visit)),
                new Segment(Stage.CLEAN, work),
                new Segment(Stage.CLOSE, Closing.gaps(visit)),
                new Segment(Stage.PROVE, Proving.workGaps(pack, machine, visit)),
                new Segment(Stage.HAND_OVER, handOver(visit))));
    }

    private static List<Gap> safe(Pack pack, Machine machine, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        Safety.unconfirmed(pack, machine, visit).forEach(caution -> gaps.add(Gap.of(Kind.CAUTION, caution.title())));
        var quarantine = Quarantine.of(pack, machine, visit.findings());
        if (quarantine.holds()) {
            gaps.add(new Gap(
                    Kind.NO_POWER,
                    quarantine.looks().stream()
                            .map(look -> pack.check(look).name())
                            .toList()));
        }
        return gaps;
    }

    /**
     * Where the upkeep stands: at its tasks while one is due, and then at the first segment that is not sealed.
     */
    public Stage stands(VisitRecord visit, Upkeep upkeep) {
        if (visit.closed()) {
            return Stage.HAND_OVER;
        }
        return upkeep.tasks().stream().anyMatch(task -> task.due() && !task.done()) ? Stage.CLEAN : firstGap();
    }

    /** A caution that nobody confirmed leads back while the machine is open; on one that is closed again it is past, and a gap at the end. */
    private Stage firstGap() {
        boolean open = segments.stream()
                .anyMatch(segment ->
                        !segment.sealed() && (segment.stage() == Stage.OPEN || segment.stage() == Stage.CLOSE));
        return segments.stream()
                .filter(segment -> !segment.sealed())
                .filter(segment -> open || segment.gaps().stream().anyMatch(gap -> gap.kind() != Kind.CAUTION))
                .map(Segment::stage)
                .findFirst()
                .orElse(Stage.HAND_OVER);
    }

    /**
     * Where the work stands: with the customer while nothing is known, at the plan's next step while there is one, and
     * then at the first segment that is not sealed. What lies in the way of power goes back before it is proved.
     */
    public Stage stands(Pack pack, VisitRecord visit, Plan plan) {
        if (visit.closed()) {
            return Stage.HAND_OVER;
        }
        if (visit.findings().isEmpty()) {
            return Stage.CALL;
        }
        if (plan.next() != null) {
            return switch (plan.next().kind()) {
                case ASK, FACT, CHECK -> Stage.FIND;
                case REMEDY -> Stage.CURE;
                case PROVE ->
                    InTheWay.of(pack, visit, pack.proof(plan.next().id())).isEmpty() ? Stage.PROVE : Stage.CLOSE;
                case REFER -> Stage.HAND_OVER;
                case STOP -> Stage.SAFE;
            };
        }
        return firstGap();
    }

    /** What is missing before the call can be closed without giving a reason. */
    public List<Gap> gapsBeforeClosing() {
        return segments.stream()
                .flatMap(segment -> segment.gaps().stream())
                .filter(gap -> !gap.equals(NOT_CLOSED))
                .toList();
    }

    /** The gaps that somebody of a rank may not sign off, whatever the reason. */
    public List<Gap> beyond(Authority rank) {
        return gapsBeforeClosing().stream()
                .filter(gap -> !rank.reaches(gap.signedOffBy()))
                .toList();
    }

    private static List<Gap> handOver(VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        visit.things().stream()
                .filter(thing -> thing.fate() == Found.Fate.KEPT)
                .map(thing -> Gap.of(Kind.NOT_GIVEN_BACK, "" + thing.count(), thing.what()))
                .forEach(gaps::add);
        if (!visit.closed()) {
            gaps.add(NOT_CLOSED);
        }
        return gaps;
    }
}
