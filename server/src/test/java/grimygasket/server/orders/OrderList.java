package grimygasket.server.orders;

import grimygasket.server.ServerTest.Client;
import java.util.UUID;

/** What is to be ordered, as it is read. */
public final class OrderList {
    private OrderList() {}

    /** How many of a part. */
    public static int wanted(Client client, UUID part) {
        return client.get("/api/order-list")
                .body()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(part.toString()))
                .mapToInt(one -> one.path("wanted").asInt())
                .findFirst()
                .orElse(0);
    }
}
