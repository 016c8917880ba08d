package grimygasket.server.orders;

import grimygasket.practice.SimulatedSupplier;
import grimygasket.practice.SimulatedSupplier.Delivery;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.shelf.Ledger;
import grimygasket.server.shelf.PartStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Orders parts, and takes in what comes of them: each once, however often it is sent. */
@Component
class PartOrders {
    private final PartOrderStore store;
    private final PartStore parts;
    private final Ledger ledger;
    private final BusinessStore business;
    private final Clock clock;

    PartOrders(PartOrderStore store, PartStore parts, Ledger ledger, BusinessStore business, Clock clock) {
        this.store = store;
        this.parts = parts;
        this.ledger = ledger;
        this.business = business;
        this.clock = clock;
    }

    PartOrder of(UUID id) {
        return store.of(id).orElseThrow(() -> new Problem(Kind.NOT_FOUND, "There is no such order."));
    }

    /** Orders of a supplier; where devices are simulated, one that is made up answers at once. */
    @Transactional
    public PartOrder order(UUID id, String supplier, List<Counted> wanted, SignedIn me) {
        boolean simulated = business.get().simulatedMeters();
        store.add(id, supplier, me.id(), simulated)
                .ifPresent(number -> wanted.stream()
                        .sorted(Comparator.comparing(Counted::part))
                        .forEach(some -> addLine(number, some, simulated)));
        return of(id);
    }

    private void addLine(int order, Counted some, boolean simulated) {
        var number = parts.number(some.part())
                .orElseThrow(() -> new Problem(Kind.INVALID, "One of these parts is not on the list."));
        var answer = simulated ? SimulatedSupplier.of(order, number, some.count(), today().toEpochDay()) : null;
        store.addLine(order, some.part(), some.count(), day(answer), inBox(answer));
    }

    /**
     * Takes in what has come, onto a van or into the store room.
     *
     * @param arrival what is sent again with the same id has come once
     */
    @Transactional
    public PartOrder arrive(UUID id, UUID arrival, UUID van, List<Counted> come, SignedIn me) {
        var order = of(id);
        come.stream()
                .sorted(Comparator.comparing(Counted::part))
                .forEach(some -> arrive(order, arrival, van, some, me));
        return of(id);
    }

    private void arrive(PartOrder order, UUID arrival, UUID van, Counted some, SignedIn me) {
        int coming = store.coming(order.number(), some.part())
                .orElseThrow(() -> new Problem(Kind.INVALID, "One of these parts was not ordered with this order."));
        var line = UUID.nameUUIDFromBytes((arrival + " " + some.part()).getBytes(StandardCharsets.UTF_8));
        if (!ledger.receive(line, some.part(), van, me.id(), some.count())) {
            return;
        }
        int left = Math.max(0, coming - some.count());
        var rest = order.simulated() && left > 0 ? SimulatedSupplier.ofRest(left, today().toEpochDay()) : null;
        store.setComing(order.number(), some.part(), left, day(rest), inBox(rest));
    }

    private LocalDate today() {
        return business.get().today(clock);
    }

    private static @Nullable LocalDate day(@Nullable Delivery said) {
        return said == null ? null : LocalDate.ofEpochDay(said.day());
    }

    private static @Nullable Integer inBox(@Nullable Delivery said) {
        return said == null ? null : said.inBox();
    }
}
