package grimygasket.server.shelf;

import grimygasket.call.Head;
import grimygasket.stock.Barcode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The business's list of parts. */
@Repository
public class PartStore {
    /** On a page. */
    static final int PAGE = 50;

    private static final String PARTS = """
            select p.id, p.number, p.name, p.kind, p.fits, p.maker, p.price, p.cost, p.replaces, p.supplier, p.place, p.minimum,
                   p.code, p.warranty_months, p.version
            from part p
            """;

    private final JdbcClient jdbc;
    private final PartSearch search;

    PartStore(JdbcClient jdbc, PartSearch search) {
        this.jdbc = jdbc;
        this.search = search;
    }

    /** How many are on somebody's van. */
    record OnVan(UUID account, String name, int count) {}

    /**
     * A part with the vans that have had it.
     *
     * @param proposed whether it was typed on a call, and nobody has looked at it since
     */
    record Stocked(ListedPart part, List<OnVan> vans, boolean proposed) {}

    /**
     * How much of a part there is, and is wanted for certain.
     *
     * @param onVans over all vans and the store room
     * @param ordered for calls that are still open
     * @param coming ordered of a supplier, and not come yet
     */
    public record Level(
            UUID id, String number, String name, String supplier, int onVans, int minimum, int ordered, int coming) {}

    /**
     * A page of the list, by number.
     *
     * @param text see {@link #found}
     * @param after number of the last part of the page before; blank for the first page
     */
    List<Stocked> page(String text, String after) {
        var parts = found(text, after, PAGE);
        var ids = parts.stream().map(ListedPart::id).toList();
        var vans = vans(ids);
        var proposed = proposed(ids);
        return parts.stream()
                .map(part -> new Stocked(part, vans.getOrDefault(part.id(), List.of()), proposed.contains(part.id())))
                .toList();
    }

    /**
     * The first parts by number.
     *
     * @param text the barcode, or words that all stand in number, name, maker, supplier or place; blank for every part
     */
    public List<ListedPart> found(String text, int most) {
        return found(text, "", most);
    }

    private List<ListedPart> found(String text, String after, int most) {
        var words = Arrays.stream(text.strip().split("\\s+"))
                .filter(word -> !word.isBlank())
                .toList();
        // A reader may give another form of a number than the one that is kept.
        var code = Barcode.of(text);
        var among = search.among(code, words);
        if (among.filter(List::isEmpty).isPresent()) {
            return List.of();
        }
        var params = new HashMap<String, Object>(
                Map.of("after", after, "most", most, "among", among.orElse(List.of()), "code", code));
        for (int i = 0; i < words.size(); i++) {
            params.put("word" + i, "%" + PartSearch.escaped(words.get(i)) + "%");
        }
        var allWords = IntStream.range(0, words.size())
                .mapToObj(i -> "%s like :word%d".formatted(PartSearch.SAID, i))
                .collect(Collectors.joining(" and "));
        var where = "where p.number > :after" + (among.isPresent() ? " and p.id in (:among)" : "")
                + (words.isEmpty() ? "" : " and (p.code = :code or " + allWords + ")");
        return jdbc.sql(PARTS + where + " order by p.number limit :most")
                .params(params)
                .query(ListedPart.class)
                .list();
    }

    private Set<UUID> proposed(List<UUID> parts) {
        return parts.isEmpty()
                ? Set.of()
                : Set.copyOf(jdbc.sql("select id from part where proposed and id in (:parts)")
                        .param("parts", parts)
                        .query(UUID.class)
                        .list());
    }

    private Map<UUID, List<OnVan>> vans(List<UUID> parts) {
        if (parts.isEmpty()) {
            return Map.of();
        }
        var vans = new HashMap<UUID, List<OnVan>>();
        jdbc.sql("""
                        select s.part_id, a.id, if(a.id = :store, 'Store room', a.name) as name, s.on_van
                        from van_stock s join account a on a.id = s.account_id
                        where s.part_id in (:parts)
                        order by a.id = :store, a.name
                        """).param("store", Head.NOBODY).param("parts", parts).query(row -> {
            vans.computeIfAbsent(row.getObject("part_id", UUID.class), part -> new ArrayList<>())
                    .add(new OnVan(row.getObject("id", UUID.class), row.getString("name"), row.getInt("on_van")));
        });
        return vans;
    }

    /** All of them, by number. */
    List<ListedPart> all() {
        return jdbc.sql(PARTS + "order by p.number").query(ListedPart.class).list();
    }

    boolean has(UUID id) {
        return jdbc.sql("select exists (select 1 from part where id = :id)")
                .param("id", id)
                .query(Boolean.class)
                .single();
    }

    /** The number of a part; empty where it is not on the list. */
    public Optional<String> number(UUID id) {
        return jdbc.sql("select number from part where id = :id")
                .param("id", id)
                .query(String.class)
                .optional();
    }

    /** All of them by number, in small letters. */
    Map<String, ListedPart> byNumber() {
        return all().stream().collect(Collectors.toMap(part -> part.number().toLowerCase(Locale.ROOT), part -> part));
    }

    /**
     * Adds a part, or changes one as it was seen.
     *
     * @return whether it was still as it was seen
     * @throws DuplicateKeyException if another part has its number
     */
    boolean put(ListedPart part) {
        var sql = part.version() == 0 ? """
                        insert into part (id, number, name, kind, fits, maker, price, cost, replaces, supplier, place, minimum, code,
                                          warranty_months)
                        values (:id, :number, :name, :kind, :fits, :maker, :price, :cost, :replaces, :supplier, :place, :minimum, :code,
                                :warrantyMonths)
                        """ : """
                        update part
                        set number = :number, name = :name, kind = :kind, fits = :fits, maker = :maker, price = :price, cost = :cost,
                            replaces = :replaces, supplier = :supplier, place = :place, minimum = :minimum, code = :code, warranty_months = :warrantyMonths,
                            proposed = false,
                            version = version + 1
                        where id = :id and version = :version
                        """;
        boolean isPut = jdbc.sql(sql).paramSource(part).update() == 1;
        if (isPut) {
            search.note(part.id());
        }
        return isPut;
    }

    /** Of parts that have a minimum, were ordered for open calls, or are asked about; by supplier and number. */
    public List<Level> levels(Set<UUID> askedAbout) {
        var ids = askedAbout.isEmpty() ? Set.of(Head.NOBODY) : askedAbout;
        // Each of those is found by an index of its own; one condition for all three would read every part.
        // What open calls wait for is found by the calls: a part may have been used on a hundred thousand that are
        // closed.
        return jdbc.sql("""
                        with ordered as (
                            select u.part_id, sum(u.used) as used
                            from account a
                            join service_call c on c.account_id = a.id and c.closed_at is null
                            join part_use u on u.call_id = c.id and u.source = 'ORDERED'
                            group by u.part_id),
                        coming as (select part_id, sum(coming) as coming from part_order_line where coming > 0 group by part_id),
                        looked_at as (
                            select id from part where minimum > 0
                            union
                            select part_id from ordered where used > 0
                            union
                            select id from part where id in (:ids))
                        select p.id, p.number, p.name, p.supplier, p.minimum,
                               coalesce((select sum(s.on_van) from van_stock s where s.part_id = p.id), 0) as on_vans,
                               coalesce(o.used, 0) as ordered, coalesce(c.coming, 0) as coming
                        from looked_at l
                        join part p on p.id = l.id
                        left join ordered o on o.part_id = p.id
                        left join coming c on c.part_id = p.id
                        order by p.supplier, p.number
                        """).param("ids", ids).query(Level.class).list();
    }
}
