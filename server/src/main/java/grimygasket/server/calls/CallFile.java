package grimygasket.server.calls;

import grimygasket.server.calls.CallView.RingSegment;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.PartUse;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.visit.Ring;
import grimygasket.visit.VisitRecord;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Gathers everything on file about a call, judged. */
@Component
class CallFile {
    private final CallStore calls;
    private final EntryStore entries;
    private final MachineStore machines;
    private final ShelfStore shelf;
    private final Library library;
    private final Judge judge;

    CallFile(
            CallStore calls,
            EntryStore entries,
            MachineStore machines,
            ShelfStore shelf,
            Library library,
            Judge judge) {
        this.calls = calls;
        this.entries = entries;
        this.machines = machines;
        this.shelf = shelf;
        this.library = library;
        this.judge = judge;
    }

    CallView of(UUID callId, UUID accountId) {
        return of(calls.call(callId, accountId), accountId);
    }

    CallView of(ServiceCall call, UUID accountId) {
        var machine = machines.machine(call.machineId());
        var story = entries.of(call.id());
        var findings = judge.findings(machine, story);
        var uses = shelf.usesOf(call.id());
        var parts = shelf.partsFor(accountId, machine.kind(), machine.maker());
        var ring = Ring.of(
                library.pack(machine.kind()),
                new VisitRecord(
                        call.complaint(),
                        findings,
                        uses.stream().collect(Collectors.toMap(PartUse::remedy, PartUse::used, Integer::sum)),
                        call.closedAt() != null));
        return new CallView(
                call.id(),
                call.version(),
                call.day(),
                call.plannedAt(),
                call.complaint(),
                story.stream()
                        .filter(e -> e.kind() == Entry.Kind.CHECK || e.kind() == Entry.Kind.REMEDY)
                        .map(Entry::at)
                        .findFirst()
                        .orElse(null),
                call.closedAt(),
                call.signOff(),
                call.advice(),
                machines.customerOf(machine.id()),
                machine,
                story,
                uses,
                uses.stream().map(PartUse::total).reduce(BigDecimal.ZERO, BigDecimal::add),
                parts,
                judge.assess(machine, findings, parts),
                segments(ring),
                ring.gapsBeforeClosing());
    }

    private static List<RingSegment> segments(Ring ring) {
        return ring.segments().stream()
                .map(s -> new RingSegment(s.stage(), s.stage().title(), s.sealed(), s.gaps()))
                .toList();
    }
}
