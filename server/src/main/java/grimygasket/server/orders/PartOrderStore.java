package grimygasket.server.orders;

import grimygasket.server.orders.PartOrder.OrderedPart;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The orders that were sent to suppliers. */
@Repository
class PartOrderStore {
    private static final String ORDERS = """
            select o.id, o.number, o.supplier, o.at, a.name as `by`, o.simulated
            from part_order o left join account a on a.id = o.by_account
            """;

    private final JdbcClient jdbc;
    private final Clock clock;

    PartOrderStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private record Head(
            UUID id,
            int number,
            String supplier,
            Instant at,
            @Nullable String by,
            boolean simulated) {}

    private record NumberedLine(int orderNumber, OrderedPart line) {}

    /** Those of which something is still to come, latest first. */
    List<PartOrder> open() {
        return withLines(jdbc.sql(ORDERS + """
                        where o.number in (select order_number from part_order_line where coming > 0)
                        order by o.number desc
                        """).query(Head.class).list());
    }

    Optional<PartOrder> of(UUID id) {
        return withLines(jdbc.sql(ORDERS + "where o.id = :id")
                        .param("id", id)
                        .query(Head.class)
                        .list())
                .stream()
                .findFirst();
    }

    private List<PartOrder> withLines(List<Head> heads) {
        if (heads.isEmpty()) {
            return List.of();
        }
        var lines = lines(heads.stream().map(Head::number).toList());
        return heads.stream()
                .map(head -> new PartOrder(
                        head.id,
                        head.number,
                        head.supplier,
                        head.at,
                        head.by,
                        head.simulated,
                        lines.getOrDefault(head.number, List.of())))
                .toList();
    }

    private Map<Integer, List<OrderedPart>> lines(List<Integer> orders) {
        return jdbc
                .sql("""
                        select l.order_number, l.part_id, p.number, p.name, l.ordered, l.coming, l.promised, l.in_box, p.cost, p.code
                        from part_order_line l join part p on p.id = l.part_id
                        where l.order_number in (:orders)
                        order by p.number
                        """)
                .param("orders", orders)
                .query((row, at) -> new NumberedLine(
                        row.getInt("order_number"),
                        new OrderedPart(
                                row.getObject("part_id", UUID.class),
                                row.getString("number"),
                                row.getString("name"),
                                row.getInt("ordered"),
                                row.getInt("coming"),
                                row.getObject("promised", LocalDate.class),
                                row.getObject("in_box", Integer.class),
                                row.getBigDecimal("cost"),
                                row.getString("code"))))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        NumberedLine::orderNumber, Collectors.mapping(NumberedLine::line, Collectors.toList())));
    }

    /**
     * Adds an order, still without lines.
     *
     * @return its number; empty if it was there
     */
    Optional<Integer> add(UUID id, String supplier, UUID by, boolean simulated) {
        int added = jdbc.sql("""
                        insert ignore into part_order (id, supplier, at, by_account, simulated)
                        values (:id, :supplier, :at, :by, :simulated)
                        """)
                .param("id", id)
                .param("supplier", supplier)
                .param("at", Instant.now(clock))
                .param("by", by)
                .param("simulated", simulated)
                .update();
        return added == 0
                ? Optional.empty()
                : jdbc.sql("select number from part_order where id = :id")
                        .param("id", id)
                        .query(Integer.class)
                        .optional();
    }

    /** Of all that is ordered nothing has come. */
    void addLine(int order, UUID part, int ordered, @Nullable LocalDate promised, @Nullable Integer inBox) {
        jdbc.sql("""
                        insert into part_order_line (order_number, part_id, ordered, coming, promised, in_box)
                        values (:order, :part, :ordered, :ordered, :promised, :inBox)
                        """)
                .param("order", order)
                .param("part", part)
                .param("ordered", ordered)
                .param("promised", promised)
                .param("inBox", inBox)
                .update();
    }

    /** How many of a part are still to come with an order, for whoever changes that; empty if it was not ordered with it. */
    Optional<Integer> coming(int order, UUID part) {
        return jdbc.sql("select coming from part_order_line where order_number = :order and part_id = :part for update")
                .param("order", order)
                .param("part", part)
                .query(Integer.class)
                .optional();
    }

    void setComing(int order, UUID part, int coming, @Nullable LocalDate promised, @Nullable Integer inBox) {
        jdbc.sql("""
                        update part_order_line set coming = :coming, promised = :promised, in_box = :inBox
                        where order_number = :order and part_id = :part
                        """)
                .param("order", order)
                .param("part", part)
                .param("coming", coming)
                .param("promised", promised)
                .param("inBox", inBox)
                .update();
    }

    /** The supplier has said when it comes. */
    void promise(UUID id, LocalDate day) {
        jdbc.sql("""
                        update part_order_line set promised = :day, in_box = null
                        where coming > 0 and order_number = (select number from part_order where id = :id)
                        """).param("day", day).param("id", id).update();
    }

    /** What has not come will not. */
    void giveUp(UUID id) {
        jdbc.sql(
                        "update part_order_line set coming = 0 where order_number = (select number from part_order where id = :id)")
                .param("id", id)
                .update();
    }
}
