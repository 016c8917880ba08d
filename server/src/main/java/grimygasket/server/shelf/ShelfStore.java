package grimygasket.server.shelf;

import grimygasket.call.Article;
import grimygasket.call.CallMachine;
import grimygasket.call.Fitting;
import grimygasket.call.PartUse;
import grimygasket.call.PartUse.Source;
import grimygasket.server.shelf.PartMove.Reason;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.SimplePropertyRowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Repository;

/** The van's stock, and what calls take from it. */
@Repository
public class ShelfStore {
    private static final RowMapper<Article> ARTICLES = new SimplePropertyRowMapper<>(Article.class);

    private static final String PARTS = """
            select p.kind, p.maker, p.id, p.number, p.name, p.fits, p.price, coalesce(s.on_van, 0) as on_van, p.code, p.warranty_months
            from part p left join van_stock s on s.part_id = p.id and s.account_id = :accountId
            where p.kind in (:kinds)
            """;

    private static final String FORM = Arrays.toString(Article.class.getRecordComponents());

    private static final String IN_ORDER = " order by p.fits, p.price, p.number";

    private final JdbcClient jdbc;
    private final Ledger ledger;
    private final PartSearch search;

    ShelfStore(JdbcClient jdbc, Ledger ledger, PartSearch search) {
        this.jdbc = jdbc;
        this.ledger = ledger;
        this.search = search;
    }

    /** The parts for machines of some kinds, with their count on the account's van; 0 for one that is not on board. */
    public Shelf shelf(UUID accountId, Set<String> kinds) {
        return shelf(jdbc.sql(PARTS + IN_ORDER).param("accountId", accountId).param("kinds", kinds));
    }

    /** The same, of the parts that may fit some machines: a list of thousands has few for each. */
    public Shelf shelf(UUID accountId, List<CallMachine> machines) {
        if (machines.isEmpty()) {
            return new Shelf(Map.of());
        }
        return shelf(jdbc.sql(PARTS + "and (p.maker is null or p.maker in (:makers))" + IN_ORDER)
                .param("accountId", accountId)
                .param("kinds", machines.stream().map(CallMachine::kind).collect(Collectors.toSet()))
                .param("makers", machines.stream().map(CallMachine::maker).collect(Collectors.toSet())));
    }

    private static Shelf shelf(StatementSpec parts) {
        var ofKinds = new HashMap<String, List<Fitting>>();
        parts.query((RowCallbackHandler)
                row -> ofKinds.computeIfAbsent(row.getString("kind"), kind -> new ArrayList<>())
                        .add(new Fitting(row.getString("maker"), ARTICLES.mapRow(row, 0))));
        return new Shelf(ofKinds);
    }

    /**
     * Another one where the list of parts, or what of it is on the account's van, is another, as a part's version only rises; and where an
     * upgrade has changed what is said of a part, or brought a kind of machine.
     */
    public String digest(UUID accountId, List<String> kinds) {
        return jdbc.sql("""
                        select concat_ws('-', :form, :accountId, (select concat(count(*), '-', coalesce(sum(version), 0)) from part),
                               coalesce(sum(crc32(concat(part_id, ' ', on_van))), 0))
                        from van_stock where account_id = :accountId
                        """)
                .param("form", Integer.toHexString((FORM + kinds).hashCode()))
                .param("accountId", accountId)
                .query(String.class)
                .single();
    }

    /** Follows what a call's parts have become: what was taken leaves the van that it was taken from, even below nothing. */
    public void follow(UUID callId, CallMachine machine, List<PartUse> before, List<PartUse> after) {
        for (var use : before) {
            if (after.stream().noneMatch(one -> one.id().equals(use.id()))) {
                jdbc.sql("delete from part_use where id = :id")
                        .param("id", use.id())
                        .update();
                move(callId, use, Reason.PUT_BACK, use.used());
            }
        }
        for (var use : after) {
            if (before.stream().noneMatch(one -> one.id().equals(use.id()))) {
                add(callId, use, onList(use, machine));
                move(callId, use, Reason.USED, -use.used());
            } else if (!before.contains(use)) {
                describe(use);
            }
        }
    }

    /** Its id on the list. One that was typed on the call is proposed for it; one whose number the list has is that one. */
    private UUID onList(PartUse use, CallMachine machine) {
        if (!use.wasTyped()) {
            return use.partId();
        }
        return onList(use, machine.kind(), machine.maker(), true);
    }

    private UUID onList(PartUse use, String kind, String maker, boolean proposed) {
        int added = jdbc.sql("""
                        insert ignore into part (id, number, name, kind, fits, maker, price, proposed)
                        values (:partId, :number, :name, :kind, :fits, :maker, :unitPrice, :proposed)
                        """)
                .param("partId", use.partId())
                .param("number", use.number())
                .param("name", use.name())
                .param("kind", kind)
                .param("fits", use.fits())
                .param("maker", maker)
                .param("unitPrice", use.unitPrice())
                .param("proposed", proposed)
                .update();
        if (added == 1) {
            search.note(use.partId());
        }
        return idOf(use.number());
    }

    private UUID idOf(String number) {
        return jdbc.sql("select id from part where number = :number")
                .param("number", number)
                .query(UUID.class)
                .single();
    }

    private void add(UUID callId, PartUse use, UUID partId) {
        jdbc.sql("""
                        insert into part_use
                            (id, call_id, account_id, remedy, part_id, used, unit_price, at, source, serial, old_part)
                        values (:id, :callId, :account, :remedy, :partId, :used, :unitPrice, :at, :source, :serial, :oldPart)
                        """)
                .param("id", use.id())
                .param("callId", callId)
                .param("account", use.account())
                .param("remedy", use.remedy())
                .param("partId", partId)
                .param("used", use.used())
                .param("unitPrice", use.unitPrice())
                .param("at", Instant.ofEpochMilli(use.at()))
                .param("source", use.source().name())
                .param("serial", use.serial())
                .param("oldPart", use.oldPart().name())
                .update();
    }

    private void describe(PartUse use) {
        jdbc.sql("update part_use set serial = :serial, old_part = :oldPart where id = :id")
                .param("serial", use.serial())
                .param("oldPart", use.oldPart().name())
                .param("id", use.id())
                .update();
    }

    private void move(UUID callId, PartUse use, Reason reason, int count) {
        if (use.source() == Source.VAN && use.account() != null) {
            var why = new Ledger.Why(reason, use.account(), callId);
            ledger.change(UUID.randomUUID(), use.partId(), use.account(), why, onVan -> onVan + count);
        }
    }

    /**
     * The parts of a call that was made elsewhere, as this catalogue has them, and from no van. Parts are the same by their
     * number: one that the catalogue does not have is added to it, for that maker's machines.
     */
    public List<PartUse> catalogued(List<PartUse> uses, String kind, String maker) {
        return uses.stream()
                .map(use -> use.of(onList(use, kind, maker, false), null))
                .toList();
    }
}
