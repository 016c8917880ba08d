package grimygasket.server.calls;

import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.ShelfStore;
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
        return new CallRecord(
                call,
                machines.customerOf(call.machineId()),
                machines.machine(call.machineId()),
                complaints.of(call.id()),
                entries.of(call.id()),
                cautions.of(call.id()),
                shelf.usesOf(call.id()),
                job.of(call.id()),
                photos.of(call.id()));
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
