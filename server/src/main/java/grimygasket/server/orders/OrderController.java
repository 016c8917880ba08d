package grimygasket.server.orders;

import grimygasket.server.orders.Orders.ToOrder;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.CsvFile;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is to be ordered, as a list and as a file. */
@RestController
class OrderController {
    private final Orders orders;

    OrderController(Orders orders) {
        this.orders = orders;
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
}
