package grimygasket.server.calls;

import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.calls.CallDocument.Head;
import grimygasket.server.calls.CallDocument.KeptPhoto;
import grimygasket.server.calls.PhotoStore.Photo;
import grimygasket.server.calls.PhotoStore.Picture;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Writes calls out whole, and takes in those of another installation. */
@Component
class CallDocuments {
    private final CallStore calls;
    private final CallRecords records;
    private final PhotoStore photos;
    private final SchoolStore schools;
    private final BusinessStore business;
    private final Library library;
    private final CallFile file;

    CallDocuments(
            CallStore calls,
            CallRecords records,
            PhotoStore photos,
            SchoolStore schools,
            BusinessStore business,
            Library library,
            CallFile file) {
        this.calls = calls;
        this.records = records;
        this.photos = photos;
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
                new TreeMap<>(file.machine(call).schools()),
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
        records.bringIn(document, document.call().on(accountId, machine.id(), revision));
        schools.keep(callId, document.schools());
        document.photos()
                .forEach(photo -> photos.addIfNew(
                        callId,
                        new Photo(photo.id(), photo.lineId(), photo.at()),
                        new Picture(PhotoController.type(photo.bytes()), photo.bytes())));
    }
}
