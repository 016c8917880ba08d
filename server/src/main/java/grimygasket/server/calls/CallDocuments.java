package grimygasket.server.calls;

import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.calls.CallDocument.Head;
import grimygasket.server.calls.CallDocument.KeptPhoto;
import grimygasket.server.calls.PhotoStore.Photo;
import grimygasket.server.calls.PhotoStore.Picture;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Writes calls out whole, and takes in those of another installation. */
@Component
class CallDocuments {
    private final CallStore calls;
    private final CallRecords records;
    private final ComplaintStore complaints;
    private final EntryStore entries;
    private final CautionStore cautions;
    private final JobStore job;
    private final PhotoStore photos;
    private final MachineStore machines;
    private final ShelfStore shelf;
    private final SchoolStore schools;
    private final BusinessStore business;
    private final Library library;
    private final CallFile file;

    CallDocuments(
            CallStore calls,
            CallRecords records,
            ComplaintStore complaints,
            EntryStore entries,
            CautionStore cautions,
            JobStore job,
            PhotoStore photos,
            MachineStore machines,
            ShelfStore shelf,
            SchoolStore schools,
            BusinessStore business,
            Library library,
            CallFile file) {
        this.calls = calls;
        this.records = records;
        this.complaints = complaints;
        this.entries = entries;
        this.cautions = cautions;
        this.job = job;
        this.photos = photos;
        this.machines = machines;
        this.shelf = shelf;
        this.schools = schools;
        this.business = business;
        this.library = library;
        this.file = file;
    }

    CallDocument of(UUID callId) {
        var call = calls.call(callId);
        var record = records.of(call);
        return new CallDocument(
                CallDocument.FORMAT,
                CallDocument.VERSION,
                business.get().currency(),
                Head.of(call),
                record.customer(),
                record.machine(),
                file.machine(call).schools(),
                library.texts(record.machine().kind(), call.revision()),
                record.complaints(),
                record.entries(),
                record.cautions(),
                record.partUses(),
                record.job(),
                record.photos().stream().map(photo -> kept(callId, photo)).toList());
    }

    private KeptPhoto kept(UUID callId, Photo photo) {
        var bytes = photos.picture(photo.id(), callId).orElseThrow().bytes();
        return new KeptPhoto(photo.id(), photo.lineId(), photo.at(), bytes);
    }

    /**
     * Adds the call, with what of its customer, machine, know-how and parts is not known here yet. What is known here stays
     * as it is.
     */
    void bringIn(CallDocument document, UUID accountId) {
        var callId = document.call().id();
        if (calls.find(callId).isPresent()) {
            throw new Problem(Kind.INVALID, "This call is on file here already.");
        }
        var currency = business.get().currency();
        if (!document.currency().equals(currency)) {
            throw new Problem(
                    Kind.INVALID,
                    "The prices of this call are in " + document.currency() + ", and this business counts in "
                            + currency + ".");
        }
        var machine = document.machine();
        int revision = library.bringIn(machine.kind(), document.knowHow());
        library.requireFeatures(machine.kind(), revision, machine.features());
        machines.addCustomerIfNew(document.customer());
        machines.addMachineIfNew(machine, document.customer().id());
        calls.bringIn(document.call().on(accountId, machine.id(), revision));
        schools.keep(callId, document.schools());
        document.complaints().forEach(complaint -> complaints.addIfNew(callId, complaint));
        document.entries().forEach(entry -> entries.bringIn(callId, entry));
        document.cautions().forEach(kept -> cautions.keep(callId, kept));
        document.parts().forEach(use -> shelf.bringIn(use, callId, machine.kind(), machine.maker()));
        job.bringIn(callId, document.job());
        document.photos()
                .forEach(photo -> photos.addIfNew(
                        callId,
                        new Photo(photo.id(), photo.lineId(), photo.at()),
                        new Picture(PhotoController.type(photo.bytes()), photo.bytes())));
    }
}
