package grimygasket.server.shelf;

import grimygasket.call.Head;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.shelf.Ledger.Why;
import grimygasket.server.shelf.PartMove.Reason;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.ring.Authority;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes how many of a part are on a van, other than by being used. */
@Service
class Moves {
    private final PartStore store;
    private final Ledger ledger;

    Moves(PartStore store, Ledger ledger) {
        this.store = store;
        this.ledger = ledger;
    }

    /** @return the latest lines of the ledger about the part */
    @Transactional
    public List<PartMove> move(UUID partId, Moving moving, SignedIn me) {
        if (!store.has(partId)) {
            throw new Problem(Kind.NOT_FOUND, "This part is not on the list.");
        }
        boolean fetched = moving.van().equals(Head.NOBODY)
                && moving.reason() == Reason.GIVEN
                && me.id().equals(moving.to());
        if (!moving.van().equals(me.id()) && !fetched && me.rank() != Authority.LEAD) {
            throw new Problem(
                    Kind.NOT_YOURS, "Only the lead changes what is in the store room or on somebody else's van.");
        }
        if (moving.count() == 0 && moving.reason() != Reason.COUNTED) {
            throw Problem.ofField("count", "One or more.");
        }
        var why = new Why(moving.reason(), me.id(), null);
        switch (moving.reason()) {
            case RECEIVED -> ledger.change(moving.id(), partId, moving.van(), why, onVan -> onVan + moving.count());
            case COUNTED -> ledger.change(moving.id(), partId, moving.van(), why, onVan -> moving.count());
            case WRITTEN_OFF, RETURNED, WARRANTY ->
                ledger.change(moving.id(), partId, moving.van(), why, onVan -> onVan - moving.count());
            case GIVEN -> give(partId, moving, why);
            case USED, PUT_BACK -> throw new Problem(Kind.INVALID, "What is used is entered on its call.");
        }
        return ledger.of(partId);
    }

    private void give(UUID part, Moving moving, Why why) {
        if (moving.to() == null || moving.to().equals(moving.van())) {
            throw Problem.ofField("to", "Choose whose van it goes to.");
        }
        // Both ends get a line; the second is named after the first, so that it comes once, too. In one order, whoever
        // gives.
        var second = UUID.nameUUIDFromBytes(("to " + moving.id()).getBytes());
        Runnable from = () -> ledger.change(moving.id(), part, moving.van(), why, onVan -> onVan - moving.count());
        Runnable to = () -> ledger.change(second, part, moving.to(), why, onVan -> onVan + moving.count());
        boolean first = moving.van().compareTo(moving.to()) < 0;
        (first ? from : to).run();
        (first ? to : from).run();
    }
}
