package grimygasket.server.calls;

import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.ShelfStore;
import java.util.List;
import org.springframework.stereotype.Component;

/** Gathers all that is stored about a call, and stores all of one that was made elsewhere. */
@Component
class CallRecords {
    private final CallStore calls;
    private final ComplaintStore complaints;
    private final EntryStore entries;
    private final CautionStore cautions;
    private final JobStore job;
    private final PhotoStore photos;
    private final MachineStore machines;
    private final ShelfStore shelf;

    CallRecords(
            CallStore calls,
            ComplaintStore complaints,
            EntryStore entries,
            CautionStore cautions,
            JobStore job,
            PhotoStore photos,
            MachineStore machines,
            ShelfStore shelf) {
        this.calls = calls;
        this.complaints = complaints;
        this.entries = entries;
        this.cautions = cautions;
        this.job = job;
        this.photos = photos;
        this.machines = machines;
        this.shelf = shelf;
    }

    CallRecord of(ServiceCall call) {
        return of(List.of(call)).get(0);
    }

    /** Each call's record, by one statement a table, however many calls they are. */
    List<CallRecord> of(List<ServiceCall> calls) {
        var ids = calls.stream().map(ServiceCall::id).toList();
        var machineIds = calls.stream().map(ServiceCall::machineId).distinct().toList();
        var customersOf = machines.customersOf(machineIds);
        var machinesOf = machines.machines(machineIds);
        var complaintsOf = complaints.of(ids);
        var entriesOf = entries.of(ids);
        var cautionsOf = cautions.of(ids);
        var usesOf = shelf.usesOf(ids);
        var jobOf = job.of(ids);
        var photosOf = photos.of(ids);
        return calls.stream()
                .map(call -> new CallRecord(
                        call,
                        customersOf.get(call.machineId()),
                        machinesOf.get(call.machineId()),
                        complaintsOf.getOrDefault(call.id(), List.of()),
                        entriesOf.getOrDefault(call.id(), List.of()),
                        cautionsOf.getOrDefault(call.id(), List.of()),
                        usesOf.getOrDefault(call.id(), List.of()),
                        jobOf.getOrDefault(call.id(), JobSheet.EMPTY),
                        photosOf.getOrDefault(call.id(), List.of())))
                .toList();
    }

    /** Adds a call with all that was entered about it; customer and machine only if they are new here. */
    void bringIn(CallDocument document, ServiceCall call) {
        var callId = call.id();
        var machine = document.machine();
        machines.addCustomerIfNew(document.customer());
        machines.addMachineIfNew(machine, document.customer().id());
        calls.bringIn(call);
        document.complaints().forEach(complaint -> complaints.addIfNew(callId, complaint));
        document.entries().forEach(entry -> entries.bringIn(callId, entry));
        document.cautions().forEach(kept -> cautions.keep(callId, kept));
        document.parts().forEach(use -> shelf.bringIn(use, callId, machine.kind(), machine.maker()));
        job.bringIn(callId, document.job());
    }
}
