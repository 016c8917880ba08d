package grimygasket.server.calls;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.pack.Applicable;
import grimygasket.pack.Caution;
import grimygasket.server.calls.CallView.DueDate;
import grimygasket.server.calls.CallView.RingSegment;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.Machine;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.PartUse;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.visit.Advice;
import grimygasket.visit.Ring;
import grimygasket.visit.Safety;
import grimygasket.visit.VisitRecord;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Gathers everything on file about a call, judged. */
@Component
class CallFile {
    private final CallStore calls;
    private final ComplaintStore complaints;
    private final EntryStore entries;
    private final CautionStore cautions;
    private final MachineStore machines;
    private final ShelfStore shelf;
    private final Library library;
    private final Judge judge;
    private final Clock clock;

    CallFile(
            CallStore calls,
            ComplaintStore complaints,
            EntryStore entries,
            CautionStore cautions,
            MachineStore machines,
            ShelfStore shelf,
            Library library,
            Judge judge,
            Clock clock) {
        this.calls = calls;
        this.complaints = complaints;
        this.entries = entries;
        this.cautions = cautions;
        this.machines = machines;
        this.shelf = shelf;
        this.library = library;
        this.judge = judge;
        this.clock = clock;
    }

    CallView of(UUID callId, UUID accountId) {
        return of(calls.call(callId, accountId), accountId);
    }

    CallView of(ServiceCall call, UUID accountId) {
        var machine = machines.machine(call.machineId());
        var pack = library.pack(machine.kind(), call.revision());
        var told = complaints.of(call.id());
        var complaint = told.stream().map(Complaint::text).collect(Collectors.joining(" · "));
        var story = entries.of(call.id());
        var findings = judge.findings(machine, call.revision(), story);
        var uses = shelf.usesOf(call.id());
        var parts = shelf.partsFor(accountId, machine.kind(), machine.maker());
        var judged = judge.machine(machine, call.revision(), accountId);
        var assessment = Diagnosis.assess(pack, judged, new Evidence(findings, judge.van(parts)));
        var counted = uses.stream()
                .collect(Collectors.groupingBy(PartUse::remedy, Collectors.mapping(PartUse::fits, Collectors.toSet())));
        var kept = cautions.of(call.id());
        var keptIds = kept.stream().map(CautionKept::caution).collect(Collectors.toSet());
        var record = new VisitRecord(complaint, findings, counted, keptIds, call.closedAt() != null);
        var ring = Ring.of(pack, record);
        var advice = Advice.of(pack, judged, assessment);
        return new CallView(
                call.id(),
                call.visitId(),
                call.version(),
                call.revision(),
                call.day(),
                call.plannedAt(),
                complaint,
                told,
                story.stream().filter(Entry::isWork).map(Entry::at).findFirst().orElse(null),
                call.closedAt(),
                call.signOff(),
                call.advice(),
                machines.customerOf(machine.id()),
                machine,
                calls.beside(call, accountId).stream().map(this::beside).toList(),
                story,
                kept,
                Safety.unconfirmed(pack, record).stream().map(Caution::id).toList(),
                uses,
                uses.stream().map(PartUse::total).reduce(BigDecimal.ZERO, BigDecimal::add),
                parts,
                assessment,
                Applicable.of(pack, judged.traits()),
                advice,
                dates(advice, call),
                segments(ring),
                ring.gapsBeforeClosing());
    }

    private CallView.Beside beside(ServiceCall call) {
        Machine machine = machines.machine(call.machineId());
        var kind = library.pack(machine.kind(), call.revision()).name();
        return new CallView.Beside(call.id(), kind, machine.maker(), machine.model(), call.closedAt());
    }

    private List<DueDate> dates(Advice advice, ServiceCall call) {
        var from = call.closedAt() == null ? call.day() : LocalDate.ofInstant(call.closedAt(), clock.getZone());
        return advice.dues().stream()
                .map(due -> new DueDate(due.task(), due.days(), from.plusDays(due.days())))
                .toList();
    }

    private static List<RingSegment> segments(Ring ring) {
        return ring.segments().stream()
                .map(s -> new RingSegment(s.stage(), s.stage().title(), s.sealed(), s.gaps()))
                .toList();
    }
}
