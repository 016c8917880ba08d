package grimygasket.server.orders;

import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.RolledBack;
import grimygasket.visit.ring.Authority;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was ordered of suppliers, and what of it has come. */
@RestController
@RequestMapping("/api/orders")
class PartOrderController {
    private static final int MOST_LINES = 500;

    private final PartOrders orders;
    private final PartOrderStore store;
    private final BusinessStore business;

    PartOrderController(PartOrders orders, PartOrderStore store, BusinessStore business) {
        this.orders = orders;
        this.store = store;
        this.business = business;
    }

    /** @param lines each part once */
    record Ordering(
            @NotBlank(message = "Say which supplier.") @Size(max = 80, message = "80 characters at most.")
            String supplier,

            @NotEmpty(message = "Order one part at least.") @Size(max = MOST_LINES, message = "500 parts at most.")
            List<@Valid Counted> lines) {}

    /**
     * @param id sent again, it has come once
     * @param van account whose van it goes to; that of nobody for the store room
     * @param lines each part once
     */
    record Arrived(
            @NotNull UUID id,
            @NotNull UUID van,

            @NotEmpty(message = "Count one part at least.") @Size(max = MOST_LINES, message = "500 parts at most.")
            List<@Valid Counted> lines) {}

    record Promised(@NotNull(message = "Say which day.") LocalDate day) {}

    /** Those of which something is still to come, latest first. */
    @GetMapping
    List<PartOrder> open() {
        return store.open();
    }

    @PutMapping("/{orderId}")
    PartOrder order(
            @PathVariable UUID orderId, @Valid @RequestBody Ordering ordering, @AuthenticationPrincipal SignedIn me) {
        requireOnce(ordering.lines);
        return RolledBack.again(() -> orders.order(orderId, ordering.supplier.strip(), ordering.lines, me));
    }

    /** As an order that the supplier's program can read. */
    @GetMapping("/{orderId}/order.xml")
    ResponseEntity<String> document(@PathVariable UUID orderId) {
        var order = orders.of(orderId);
        var buyer = business.get();
        var day = order.at().atZone(buyer.clocks()).toLocalDate();
        return Attachment.ofText(
                "order-" + order.number() + ".xml",
                "application/xml",
                OrderDocument.of(order, day, buyer.currency(), buyer.sender()));
    }

    @PostMapping("/{orderId}/arrivals")
    PartOrder arrive(
            @PathVariable UUID orderId, @Valid @RequestBody Arrived arrived, @AuthenticationPrincipal SignedIn me) {
        if (!arrived.van.equals(me.id()) && me.rank() != Authority.LEAD) {
            throw new Problem(
                    Kind.NOT_YOURS, "Only the lead takes parts into the store room or onto somebody else's van.");
        }
        requireOnce(arrived.lines);
        return RolledBack.again(() -> orders.arrive(orderId, arrived.id, arrived.van, arrived.lines, me));
    }

    /** The supplier has said when the rest comes. */
    @PutMapping("/{orderId}/promised")
    PartOrder promised(@PathVariable UUID orderId, @Valid @RequestBody Promised promised) {
        store.promise(orderId, promised.day);
        return orders.of(orderId);
    }

    /** What has not come will not: it is to be ordered anew where it is wanted. */
    @DeleteMapping("/{orderId}/rest")
    PartOrder giveUp(@PathVariable UUID orderId) {
        store.giveUp(orderId);
        return orders.of(orderId);
    }

    private static void requireOnce(List<Counted> lines) {
        if (lines.stream().map(Counted::part).distinct().count() < lines.size()) {
            throw new Problem(Kind.INVALID, "One part stands in it twice.");
        }
    }
}
