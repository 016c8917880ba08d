package grimygasket.server.documents;

import grimygasket.call.Call;
import grimygasket.call.Photo;
import grimygasket.call.change.Settling;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.calls.commands.Commands;
import grimygasket.server.calls.known.Knowhows;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.Erased;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.documents.CallDocument.Heading;
import grimygasket.server.documents.CallDocument.KeptPhoto;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.photos.PhotoStore;
import grimygasket.server.photos.Pictures;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.wording.Reasons;
import java.time.Clock;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Writes calls out whole, and takes in those of another installation. */
@Component
class CallDocuments {
    private final CallStore calls;
    private final Commands commands;
    private final Knowhows knowhows;
    private final CustomerStore customers;
    private final MachineStore machines;
    private final PhotoStore photos;
    private final SchoolStore schools;
    private final ShelfStore shelf;
    private final BusinessStore business;
    private final Library library;
    private final Erased erased;
    private final Clock clock;

    CallDocuments(
            CallStore calls,
            Commands commands,
            Knowhows knowhows,
            CustomerStore customers,
            MachineStore machines,
            PhotoStore photos,
            SchoolStore schools,
            ShelfStore shelf,
            BusinessStore business,
            Library library,
            Erased erased,
            Clock clock) {
        this.calls = calls;
        this.commands = commands;
        this.knowhows = knowhows;
        this.customers = customers;
        this.machines = machines;
        this.photos = photos;
        this.schools = schools;
        this.shelf = shelf;
        this.business = business;
        this.library = library;
        this.erased = erased;
        this.clock = clock;
    }

    CallDocument of(UUID callId) {
        var filed = calls.call(callId);
        var call = filed.call();
        var knowhow = knowhows.of(filed, call.head().accountId()).knowhow();
        return new CallDocument(
                CallDocument.FORMAT,
                CallDocument.VERSION,
                business.get().currency(),
                Heading.of(call.head()),
                filed.customer(),
                call.machine(),
                new TreeMap<>(knowhow.machine().schools()),
                library.texts(call.machine().kind(), call.head().revision()),
                call.complaints(),
                call.story(),
                call.cautions(),
                // From whose van they came is nobody's business elsewhere.
                call.parts().stream().map(use -> use.of(use.partId(), null)).toList(),
                call.lines(),
                call.photos().stream()
                        .flatMap(photo -> kept(call, photo).stream())
                        .toList());
    }

    /** Empty while its picture has not come. */
    private Optional<KeptPhoto> kept(Call call, Photo photo) {
        return photos.picture(photo.id(), call.head().id())
                .map(picture -> new KeptPhoto(photo.id(), photo.lineId(), photo.at(), picture.bytes()));
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
        var contradictions = Contradictions.of(document, library.pack(machine.kind(), revision), clock.instant());
        if (!contradictions.isEmpty()) {
            throw new Problem(Kind.INVALID, "The file contradicts itself.").with("problems", contradictions);
        }
        erased.lift(document.customer().id(), callId);
        machines.requireSame(document.customer(), machine);
        customers.addIfNew(document.customer());
        machines.addMachineIfNew(
                machine, document.customer().id(), document.customer().elsewhere());
        var parts = shelf.catalogued(document.parts(), machine.kind(), machine.maker());
        var call = document.on(accountId, revision, parts);
        var impossible = Settling.contradictions(call, library.pack(call.machine(), revision)).stream()
                .map(Reasons::say)
                .distinct()
                .toList();
        if (!impossible.isEmpty()) {
            throw new Problem(Kind.INVALID, "The file tells what cannot be: " + impossible.get(0))
                    .with("problems", impossible);
        }
        commands.bringIn(call, accountId);
        schools.keep(callId, document.schools());
        document.photos().forEach(photo -> photos.addIfNew(callId, photo.id(), Pictures.of(photo.bytes())));
    }
}
