package grimygasket.server.calls;

import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.ShelfStore;
import org.springframework.stereotype.Component;

/** Gathers all that is stored about a call. */
@Component
class CallRecords {
    private final ComplaintStore complaints;
    private final EntryStore entries;
    private final CautionStore cautions;
    private final JobStore job;
    private final PhotoStore photos;
    private final MachineStore machines;
    private final ShelfStore shelf;

    CallRecords(
            ComplaintStore complaints,
            EntryStore entries,
            CautionStore cautions,
            JobStore job,
            PhotoStore photos,
            MachineStore machines,
            ShelfStore shelf) {
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
}
