package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.CallState;
import grimygasket.call.Entry;
import grimygasket.call.Head;
import grimygasket.call.PartUse;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Step;
import grimygasket.gauge.ResidualWater;
import grimygasket.pack.Applicable;
import grimygasket.pack.Caution;
import grimygasket.pack.Layer;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Pack;
import grimygasket.pack.Piece;
import grimygasket.pack.Proof;
import grimygasket.pack.Remedy;
import grimygasket.pack.Station;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.CallView.DueDate;
import grimygasket.server.calls.CallView.Missing;
import grimygasket.server.calls.CallView.RingSegment;
import grimygasket.server.calls.CallView.StandingLitres;
import grimygasket.server.knowhow.Library;
import grimygasket.server.web.Problem;
import grimygasket.visit.Advice;
import grimygasket.visit.Curing;
import grimygasket.visit.Isolation;
import grimygasket.visit.Laid;
import grimygasket.visit.Opening;
import grimygasket.visit.Openings;
import grimygasket.visit.PhoneChecks;
import grimygasket.visit.Places;
import grimygasket.visit.ProofRun;
import grimygasket.visit.Proving;
import grimygasket.visit.Safety;
import grimygasket.visit.Tray;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.WaterLeft;
import grimygasket.wording.Gaps;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the screen of a call shows. */
@Component
public class CallViews {
    /** More than a piece that nobody knew of has kinds of screws. */
    private static final int FREE_CUPS = 4;

    private final CallStore calls;
    private final Knowhows knowhows;
    private final Assessments assessments;
    private final Library library;
    private final Clock clock;

    CallViews(CallStore calls, Knowhows knowhows, Assessments assessments, Library library, Clock clock) {
        this.calls = calls;
        this.knowhows = knowhows;
        this.assessments = assessments;
        this.library = library;
        this.clock = clock;
    }

    public CallView of(UUID callId, SignedIn me) {
        return of(knowhows.of(calls.call(callId), me.id()), me);
    }

    /** @param me whose van the parts are taken from */
    public CallView of(Known known, SignedIn me) {
        var one = assessments.of(known);
        long now = clock.millis();
        var call = known.call();
        var head = call.head();
        var closing = head.closing();
        var pack = known.knowhow().pack();
        var machine = known.knowhow().machine();
        var assessment = one.assessment();
        var family = known.units();
        var readings = new ReadingsOfCall(pack, machine, family);
        var job = call.job();
        var state = CallState.of(call, known.knowhow(), now);
        var visit = state.visit();
        var laid = visit.laid();
        var upkeep = state.upkeep();
        var ring = state.ring();
        var advice = upkeep == null
                ? Advice.of(pack, machine, assessment, visit.conditions())
                : Advice.ofUpkeep(pack, machine, visit.conditions());
        var isolation =
                upkeep == null ? Isolation.of(pack, machine, assessment.plan()) : Isolation.of(pack, machine, upkeep);
        var open = Safety.unconfirmed(pack, machine, visit).stream()
                .map(Caution::id)
                .toList();
        var onTray = laid.stream().map(Laid::piece).filter(Objects::nonNull).collect(Collectors.toSet());
        return new CallView(
                head.id(),
                head.visitId(),
                head.version(),
                head.revision(),
                LocalDate.ofEpochDay(head.day()),
                LocalTime.ofSecondOfDay(head.plannedAt() * 60L),
                call.complaint(),
                call.complaints(),
                begun(call),
                closing == null ? null : closing.at(),
                closing == null ? null : closing.by(),
                closing == null ? null : closing.signOff(),
                head.advice(),
                known.filed().customer(),
                call.machine(),
                calls.beside(known.filed()).stream().map(this::beside).toList(),
                head.follows(),
                Optional.ofNullable(head.follows())
                        .flatMap(calls::find)
                        .map(Filed::call)
                        .map(this::earlier)
                        .orElse(null),
                call.story(),
                call.cautions(),
                open,
                isolation
                        .and(
                                pack,
                                Stream.concat(open.stream(), visit.cautionsKept().stream())
                                        .toList())
                        .points(),
                PhoneChecks.of(pack, machine, assessment, one.findings()),
                job,
                call.photos(),
                Tray.of(pack, laid, now),
                Tray.freeCups(laid).limit(FREE_CUPS).toList(),
                library.family(call.machine(), head.revision())
                        .map(ModelFamily::id)
                        .orElse(null),
                pack.layers().stream()
                        .collect(Collectors.toMap(
                                Layer::id,
                                layer -> Opening.proposed(pack, machine, layer.id(), onTray).stream()
                                        .map(Piece::id)
                                        .toList())),
                wanted(pack, machine, visit),
                Curing.onlyDirty(pack, visit.conditions()).stream()
                        .map(Remedy::id)
                        .toList(),
                Places.of(pack, assessment.plan()),
                pack.remedies().stream().collect(Collectors.toMap(Remedy::id, remedy -> stations(pack, remedy))),
                job.water().stream()
                        .findFirst()
                        .map(line -> litres(pack, line.what()))
                        .orElse(null),
                Proving.functions(pack, visit).stream().map(Proof::id).toList(),
                call.parts(),
                call.parts().stream().map(PartUse::total).reduce(BigDecimal.ZERO, BigDecimal::add),
                known.knowhow().shelf(),
                assessment.brief(),
                family,
                readings.measures(),
                readings.judged(call.story()),
                Openings.of(pack, visit),
                readings.flows(call.story()),
                measuredBefore(pack, visit),
                Applicable.of(pack, machine.traits()),
                upkeep,
                advice,
                dates(advice, head),
                ring.segments().stream()
                        .map(s -> new RingSegment(s.stage(), s.stage().title(), s.sealed(), Missing.of(s.gaps())))
                        .toList(),
                upkeep == null ? ring.stands(visit, assessment.plan()) : ring.stands(visit, upkeep),
                Missing.of(ring.gapsBeforeClosing()),
                Gaps.say(ring.beyond(me.rank())));
    }

    /** By where is worked next. */
    private static Map<String, List<String>> wanted(Pack pack, Machine machine, VisitRecord visit) {
        var wanted = new HashMap<String, List<String>>();
        wanted.put("", ids(Opening.wanted(pack, machine, visit, null)));
        pack.layers().forEach(layer -> wanted.put(layer.id(), ids(Opening.wanted(pack, machine, visit, layer.id()))));
        return wanted;
    }

    private static List<String> ids(List<Layer> layers) {
        return layers.stream().map(Layer::id).toList();
    }

    private static Map<String, Double> measuredBefore(Pack pack, VisitRecord visit) {
        var before = new HashMap<String, Double>();
        for (var proof : pack.proofs()) {
            var run = visit.proofs().stream()
                    .filter(one -> one.proof().equals(proof.id()))
                    .findFirst()
                    .orElse(ProofRun.none(proof.id()));
            var reading = Proving.before(pack, visit.findings(), run);
            if (reading != null) {
                before.put(proof.id(), reading);
            }
        }
        return before;
    }

    /** A step of a call's plan with all its detail, for whoever takes it out of turn. */
    Step step(UUID callId, Step.Kind kind, String id, SignedIn me) {
        return assessments
                .of(knowhows.of(calls.call(callId), me.id()))
                .assessment()
                .plan()
                .step(kind, id)
                .orElseThrow(() -> new Problem(Problem.Kind.NOT_FOUND, "This step is not in the plan any more."));
    }

    /** When the work of the call's day began; what was done on an earlier visit does not count. */
    private Long begun(Call call) {
        var dawn = LocalDate.ofEpochDay(call.head().day())
                .atStartOfDay(clock.getZone())
                .toInstant()
                .toEpochMilli();
        return call.story().stream()
                .filter(entry -> entry.finding().takesWork())
                .map(Entry::at)
                .filter(at -> at >= dawn)
                .findFirst()
                .orElse(null);
    }

    private static List<String> stations(Pack pack, Remedy remedy) {
        return Curing.stations(pack, remedy).stream().map(Station::id).toList();
    }

    private static StandingLitres litres(Pack pack, WaterLeft water) {
        var residual = ResidualWater.of(pack.water(), water.levelCm());
        return new StandingLitres(residual.litres(), residual.fills(water.vesselLitres()));
    }

    private CallView.Beside beside(Filed other) {
        var call = other.call();
        var machine = call.machine();
        var closing = call.head().closing();
        return new CallView.Beside(
                call.head().id(),
                library.pack(machine, call.head().revision()).name(),
                machine.maker(),
                machine.model(),
                closing == null ? null : closing.at());
    }

    /** The closed calls about a machine, latest first. */
    List<CallView.Earlier> closedOf(UUID machineId) {
        return calls.closedOf(List.of(machineId)).getOrDefault(machineId, List.of()).stream()
                .map(this::earlier)
                .toList();
    }

    private CallView.Earlier earlier(Call before) {
        var pack = library.pack(before.machine(), before.head().revision());
        return new CallView.Earlier(
                before.head().id(),
                LocalDate.ofEpochDay(before.head().day()),
                before.complaint(),
                before.story().stream()
                        .map(Entry::finding)
                        .filter(RemedyTried.class::isInstance)
                        .map(finding ->
                                pack.remedy(((RemedyTried) finding).remedy()).name())
                        .toList());
    }

    private List<DueDate> dates(Advice advice, Head head) {
        var from = head.closing() == null
                ? LocalDate.ofEpochDay(head.day())
                : LocalDate.ofInstant(Instant.ofEpochMilli(head.closing().at()), clock.getZone());
        return advice.dues().stream()
                .map(due -> new DueDate(due.task(), due.days(), from.plusDays(due.days())))
                .toList();
    }
}
