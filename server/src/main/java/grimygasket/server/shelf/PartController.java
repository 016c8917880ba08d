package grimygasket.server.shelf;

import grimygasket.call.Head;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.shelf.Ledger.Why;
import grimygasket.server.shelf.PartMove.Reason;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.CsvFile;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.ring.Authority;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The list of parts, and what of them is on which van. */
@RestController
class PartController {
    private final PartStore store;
    private final Parts parts;
    private final Ledger ledger;

    PartController(PartStore store, Parts parts, Ledger ledger) {
        this.store = store;
        this.parts = parts;
        this.ledger = ledger;
    }

    /** @see PartStore#page */
    @GetMapping("/api/parts")
    List<PartStore.Stocked> page(
            @RequestParam(defaultValue = "") String text, @RequestParam(defaultValue = "") String after) {
        return store.page(text, after);
    }

    @PutMapping("/api/parts/{partId}")
    ListedPart put(@PathVariable UUID partId, @Valid @RequestBody ListedPart part) {
        if (!partId.equals(part.id())) {
            throw new Problem(Kind.INVALID, "This is another part than the one that it is to change.");
        }
        return parts.put(part);
    }

    @GetMapping("/api/parts.csv")
    ResponseEntity<String> file() {
        return Attachment.ofText("parts.csv", "text/csv", PartFile.write(store.all()));
    }

    @PostMapping(path = "/api/parts.csv", consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    CsvFile.Imported take(@RequestBody String csv) {
        return parts.take(csv);
    }

    /** The latest lines of the ledger about a part, latest first. */
    @GetMapping("/api/parts/{partId}/moves")
    List<PartMove> moves(@PathVariable UUID partId) {
        return ledger.of(partId);
    }

    /**
     * What changes how many of a part are on a van.
     *
     * @param id sent again, it changes nothing twice
     * @param count how many come, go or are given away; of what is counted, how many there are
     * @param van account whose van it is; that of nobody for the store room, as below
     * @param to account to whose van they are given; null for all else
     */
    record Moving(
            @NotNull UUID id,
            @NotNull Reason reason,

            @Min(value = 0, message = "None or more.") @Max(value = 999, message = "At most 999.")
            int count,

            @NotNull UUID van,
            @Nullable UUID to) {}

    @PostMapping("/api/parts/{partId}/moves")
    @Transactional
    public List<PartMove> move(
            @PathVariable UUID partId, @Valid @RequestBody Moving moving, @AuthenticationPrincipal SignedIn me) {
        if (!store.has(partId)) {
            throw new Problem(Kind.NOT_FOUND, "This part is not on the list.");
        }
        boolean fetched = moving.van.equals(Head.NOBODY)
                && moving.reason == Reason.GIVEN
                && me.id().equals(moving.to);
        if (!moving.van.equals(me.id()) && !fetched && me.rank() != Authority.LEAD) {
            throw new Problem(
                    Kind.NOT_YOURS, "Only the lead changes what is in the store room or on somebody else's van.");
        }
        if (moving.count == 0 && moving.reason != Reason.COUNTED) {
            throw Problem.ofField("count", "One or more.");
        }
        var why = new Why(moving.reason, me.id(), null);
        switch (moving.reason) {
            case RECEIVED -> ledger.change(moving.id, partId, moving.van, why, onVan -> onVan + moving.count);
            case COUNTED -> ledger.change(moving.id, partId, moving.van, why, onVan -> moving.count);
            case WRITTEN_OFF, RETURNED, WARRANTY ->
                ledger.change(moving.id, partId, moving.van, why, onVan -> onVan - moving.count);
            case GIVEN -> give(partId, moving, why);
            case USED, PUT_BACK -> throw new Problem(Kind.INVALID, "What is used is entered on its call.");
        }
        return ledger.of(partId);
    }

    private void give(UUID part, Moving moving, Why why) {
        if (moving.to == null || moving.to.equals(moving.van)) {
            throw Problem.ofField("to", "Choose whose van it goes to.");
        }
        // Both ends get a line; the second is named after the first, so that it comes once, too. In one order, whoever
        // gives.
        var second = UUID.nameUUIDFromBytes(("to " + moving.id).getBytes());
        Runnable from = () -> ledger.change(moving.id, part, moving.van, why, onVan -> onVan - moving.count);
        Runnable to = () -> ledger.change(second, part, moving.to, why, onVan -> onVan + moving.count);
        boolean first = moving.van.compareTo(moving.to) < 0;
        (first ? from : to).run();
        (first ? to : from).run();
    }
}
