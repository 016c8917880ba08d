package grimygasket.server.orders;

import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.orders.Orders.ToOrder;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.CsvFile;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is to be ordered, as a list and as a file. */
@RestController
class OrderController {
    private final Orders orders;
    private final BusinessStore business;
    private final Clock clock;

    OrderController(Orders orders, BusinessStore business, Clock clock) {
        this.orders = orders;
        this.business = business;
        this.clock = clock;
    }

    @GetMapping("/api/order-list")
    List<ToOrder> toOrder() {
        return orders.toOrder();
    }

    @GetMapping("/api/order-list.csv")
    ResponseEntity<String> file() {
        var text = CsvFile.write(
                List.of("supplier", "number", "name", "wanted"),
                orders.toOrder().stream().map(one -> List.of(one.supplier(), one.number(), one.name(), one.wanted())));
        return Attachment.ofText("order-list.csv", "text/csv", text);
    }

    /** What is to be ordered of one supplier, as an order that their program can read. */
    @GetMapping("/api/order-list.xml")
    ResponseEntity<String> order(@RequestParam String supplier) {
        var lines = orders.toOrder().stream()
                .filter(one -> one.supplier().equals(supplier))
                .toList();
        if (supplier.isBlank() || lines.isEmpty()) {
            throw new Problem(Kind.NOT_FOUND, "Nothing is to be ordered there.");
        }
        var buyer = business.get();
        // Of one supplier and day: whoever sends it twice has ordered once.
        var id = buyer.today(clock).format(DateTimeFormatter.BASIC_ISO_DATE)
                + String.format("-%04X", supplier.hashCode() & 0xFFFF);
        var text = OrderDocument.of(id, buyer.today(clock), buyer.currency(), buyer.sender(), supplier, lines);
        return Attachment.ofText("order-" + id + ".xml", "application/xml", text);
    }
}
