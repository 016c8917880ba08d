package grimygasket.server.calls;

import grimygasket.diagnosis.Machine;
import grimygasket.gauge.ResidualWater;
import grimygasket.pack.Applicable;
import grimygasket.pack.Caution;
import grimygasket.pack.Layer;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Pack;
import grimygasket.pack.Proof;
import grimygasket.pack.Remedy;
import grimygasket.pack.Station;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.CallView.DueDate;
import grimygasket.server.calls.CallView.RingSegment;
import grimygasket.server.calls.CallView.StandingLitres;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.PartUse;
import grimygasket.visit.Advice;
import grimygasket.visit.Curing;
import grimygasket.visit.Gap;
import grimygasket.visit.Isolation;
import grimygasket.visit.Laid;
import grimygasket.visit.Opening;
import grimygasket.visit.Openings;
import grimygasket.visit.PhoneChecks;
import grimygasket.visit.ProofRun;
import grimygasket.visit.Proving;
import grimygasket.visit.Ring;
import grimygasket.visit.Safety;
import grimygasket.visit.Tray;
import grimygasket.visit.VisitRecord;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Everything on file about a call, judged. */
@Component
class CallFile {
    /** More than a piece that nobody knew of has kinds of screws. */
    private static final int FREE_CUPS = 4;

    private final CallStore calls;
    private final CallRecords records;
    private final MachineStore machines;
    private final AccountStore accounts;
    private final Library library;
    private final Judge judge;
    private final UpkeepOfCall upkeeps;
    private final Clock clock;

    CallFile(
            CallStore calls,
            CallRecords records,
            MachineStore machines,
            AccountStore accounts,
            Library library,
            Judge judge,
            UpkeepOfCall upkeeps,
            Clock clock) {
        this.calls = calls;
        this.records = records;
        this.machines = machines;
        this.accounts = accounts;
        this.library = library;
        this.judge = judge;
        this.upkeeps = upkeeps;
        this.clock = clock;
    }

    CallView of(UUID callId, SignedIn me) {
        return of(calls.call(callId), me);
    }

    /** @param me whose van the parts are taken from */
    CallView of(ServiceCall call, SignedIn me) {
        var one = judge.assess(List.of(records.of(call)), me.id()).get(0);
        var file = one.file();
        var pack = one.pack();
        var machine = one.machine();
        var findings = one.findings();
        var vanParts = one.parts();
        var assessment = one.assessment();
        var family = accounts.family(me.id());
        var readings = new ReadingsOfCall(pack, machine, family);
        var job = file.job();
        var visit = one.visit(clock.millis());
        var laid = visit.laid();
        var upkeep = upkeeps.of(List.of(one)).get(call.id());
        var ring = upkeep == null ? Ring.of(pack, machine, visit) : Ring.ofUpkeep(pack, machine, upkeep, visit);
        var advice = upkeep == null
                ? Advice.of(pack, machine, assessment, visit.conditions())
                : Advice.ofUpkeep(pack, machine, visit.conditions());
        var isolation =
                upkeep == null ? Isolation.of(pack, machine, assessment.plan()) : Isolation.of(pack, machine, upkeep);
        var onTray = laid.stream().map(Laid::piece).filter(Objects::nonNull).collect(Collectors.toSet());
        return new CallView(
                call.id(),
                call.visitId(),
                call.version(),
                call.revision(),
                call.day(),
                call.plannedAt(),
                file.complaint(),
                file.complaints(),
                begun(call, file.entries()),
                call.closedAt(),
                call.closedBy(),
                call.signOff(),
                call.advice(),
                file.customer(),
                file.machine(),
                calls.beside(call).stream().map(this::beside).toList(),
                call.follows(),
                Optional.ofNullable(call.follows())
                        .flatMap(calls::find)
                        .map(this::earlier)
                        .orElse(null),
                file.entries(),
                file.cautions(),
                Safety.unconfirmed(pack, machine, visit).stream()
                        .map(Caution::id)
                        .toList(),
                isolation.points(),
                PhoneChecks.of(pack, machine, assessment, findings),
                job,
                file.photos(),
                Tray.of(pack, laid, clock.millis()),
                Tray.freeCups(laid).limit(FREE_CUPS).toList(),
                library.knowhow(file.machine().kind(), call.revision())
                        .family(file.machine().maker(), file.machine().model())
                        .map(ModelFamily::id)
                        .orElse(null),
                pack.layers().stream()
                        .collect(Collectors.toMap(
                                Layer::id, layer -> Opening.proposed(pack, machine, layer.id(), onTray))),
                Opening.unlaid(pack, machine, visit).stream().map(Layer::id).toList(),
                pack.remedies().stream().collect(Collectors.toMap(Remedy::id, remedy -> stations(pack, remedy))),
                job.water().stream()
                        .findFirst()
                        .map(line -> litres(pack, line.what()))
                        .orElse(null),
                Proving.functions(pack, visit).stream().map(Proof::id).toList(),
                file.partUses(),
                file.partUses().stream().map(PartUse::total).reduce(BigDecimal.ZERO, BigDecimal::add),
                vanParts,
                assessment,
                family,
                readings.measures(),
                readings.judged(file.entries()),
                Openings.of(pack, visit),
                readings.flows(file.entries()),
                measuredBefore(pack, visit),
                Applicable.of(pack, machine.traits()),
                upkeep,
                advice,
                dates(advice, call),
                ring.segments().stream()
                        .map(s -> new RingSegment(s.stage(), s.stage().title(), s.sealed(), s.gaps()))
                        .toList(),
                upkeep == null ? ring.stands(visit, assessment.plan()) : ring.stands(visit, upkeep),
                ring.gapsBeforeClosing(),
                ring.beyond(me.rank()).stream().map(Gap::text).toList());
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

    Pack pack(ServiceCall call) {
        return library.pack(machines.machine(call.machineId()), call.revision());
    }

    Machine machine(ServiceCall call) {
        return judge.machine(machines.machine(call.machineId()), call);
    }

    /** When the work of the call's day began; what was done on an earlier visit does not count. */
    private Instant begun(ServiceCall call, List<Entry> entries) {
        var dawn = call.day().atStartOfDay(clock.getZone()).toInstant();
        return entries.stream()
                .filter(Entry::isWork)
                .map(Entry::at)
                .filter(at -> !at.isBefore(dawn))
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

    private CallView.Beside beside(ServiceCall call) {
        var machine = machines.machine(call.machineId());
        var kind = library.pack(machine, call.revision()).name();
        return new CallView.Beside(call.id(), kind, machine.maker(), machine.model(), call.closedAt());
    }

    /** The closed calls about a machine, latest first. */
    List<CallView.Earlier> closedOf(UUID machineId) {
        return calls.closedOf(machineId).stream().map(this::earlier).toList();
    }

    private CallView.Earlier earlier(ServiceCall before) {
        var file = records.of(before);
        var pack = pack(before);
        return new CallView.Earlier(
                before.id(),
                before.day(),
                file.complaint(),
                file.entries().stream()
                        .filter(entry -> entry.kind() == Entry.Kind.REMEDY)
                        .map(entry -> pack.remedy(entry.subject()).name())
                        .toList());
    }

    private List<DueDate> dates(Advice advice, ServiceCall call) {
        var from = call.closedAt() == null ? call.day() : LocalDate.ofInstant(call.closedAt(), clock.getZone());
        return advice.dues().stream()
                .map(due -> new DueDate(due.task(), due.days(), from.plusDays(due.days())))
                .toList();
    }
}
