package grimygasket.server.shelf;

import grimygasket.server.web.ByOwner;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.PartCount.OldPart;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.SimplePropertyRowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The van's stock, and what calls take from it. */
@Repository
public class ShelfStore {
    private static final RowMapper<VanPart> VAN_PARTS = new SimplePropertyRowMapper<>(VanPart.class);

    private final JdbcClient jdbc;
    private final Clock clock;

    ShelfStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The parts for machines of some kinds, with their count on the account's van; 0 for one that is not on board. */
    public Shelf shelf(UUID accountId, Set<String> kinds) {
        return new Shelf(
                kinds.isEmpty()
                        ? List.of()
                        : jdbc.sql("""
                                        select p.kind, p.maker, p.id, p.number, p.name, p.fits, p.price,
                                               coalesce(s.on_van, 0) as on_van
                                        from part p left join van_stock s
                                             on s.part_id = p.id and s.account_id = :accountId
                                        where p.kind in (:kinds)
                                        order by p.fits, p.price, p.number
                                        """)
                                .param("accountId", accountId)
                                .param("kinds", kinds)
                                .query((row, number) -> new Shelf.Article(
                                        row.getString("kind"), row.getString("maker"), VAN_PARTS.mapRow(row, number)))
                                .list());
    }

    /** Call to what it used, oldest first. */
    public Map<UUID, List<PartUse>> usesOf(Collection<UUID> calls) {
        return ByOwner.read(jdbc, """
                select u.call_id as owner, u.id, u.at, u.remedy, u.part_id, p.number, p.name, p.fits, u.used, u.unit_price,
                       u.source, u.serial, u.old_part
                from part_use u join part p on p.id = u.part_id
                where u.call_id in (:owners) order by u.at, u.id
                """, calls, PartUse.class);
    }

    /** Logs parts for a call, taken from the van or ordered. A use with an id that is already there changes nothing. */
    @Transactional
    public void use(
            UUID useId, UUID callId, UUID accountId, String remedy, UUID partId, int count, PartUse.Source source) {
        int added = jdbc.sql("""
                        insert ignore into part_use (id, call_id, account_id, remedy, part_id, used, unit_price, at, source)
                        select :useId, :callId, :accountId, :remedy, id, :count, price, :at, :source
                        from part where id = :partId
                        """)
                .param("useId", useId)
                .param("callId", callId)
                .param("accountId", accountId)
                .param("remedy", remedy)
                .param("count", count)
                .param("at", clock.instant())
                .param("partId", partId)
                .param("source", source.name())
                .update();
        if (added == 1 && source == PartUse.Source.VAN && !move(accountId, partId, -count)) {
            throw outOfStock(accountId, partId, count);
        }
    }

    /**
     * Adds a use of a call that was made elsewhere; the van is not touched. Parts are the same by their number: one that
     * the catalogue does not have is added to it, for that maker's machines.
     */
    @Transactional
    public void bringIn(PartUse use, UUID callId, String kind, String maker) {
        jdbc.sql("""
                        insert ignore into part (id, number, name, kind, fits, maker, price)
                        values (:partId, :number, :name, :kind, :fits, :maker, :unitPrice)
                        """)
                .param("partId", use.partId())
                .param("number", use.number())
                .param("name", use.name())
                .param("kind", kind)
                .param("fits", use.fits())
                .param("maker", maker)
                .param("unitPrice", use.unitPrice())
                .update();
        jdbc.sql("""
                        insert into part_use
                            (id, call_id, remedy, part_id, used, unit_price, at, source, serial, old_part)
                        select :id, :callId, :remedy, id, :used, :unitPrice, :at, :source, :serial, :oldPart
                        from part where number = :number
                        """)
                .param("id", use.id())
                .param("callId", callId)
                .param("remedy", use.remedy())
                .param("used", use.used())
                .param("unitPrice", use.unitPrice())
                .param("at", use.at())
                .param("source", use.source().name())
                .param("serial", use.serial())
                .param("oldPart", use.oldPart().name())
                .param("number", use.number())
                .update();
    }

    /** Puts the parts of a use back on the van that they came from. */
    @Transactional
    public void putBack(UUID useId, UUID callId) {
        record Use(UUID accountId, UUID partId, int used, PartUse.Source source) {}
        jdbc.sql("""
                        select account_id, part_id, used, source from part_use
                        where id = :useId and call_id = :callId for update
                        """)
                .param("useId", useId)
                .param("callId", callId)
                .query(Use.class)
                .optional()
                .ifPresent(use -> {
                    jdbc.sql("delete from part_use where id = :useId")
                            .param("useId", useId)
                            .update();
                    if (use.source == PartUse.Source.VAN) {
                        move(use.accountId, use.partId, use.used);
                    }
                });
    }

    /** Notes the new part's serial number, and where the old part went. */
    public void describe(UUID useId, UUID callId, String serial, OldPart oldPart) {
        jdbc.sql("update part_use set serial = :serial, old_part = :oldPart where id = :useId and call_id = :callId")
                .param("serial", serial.strip())
                .param("oldPart", oldPart.name())
                .param("useId", useId)
                .param("callId", callId)
                .update();
    }

    private boolean move(UUID accountId, UUID partId, int count) {
        return jdbc.sql("""
                                update van_stock set on_van = on_van + :count
                                where account_id = :accountId and part_id = :partId and on_van + :count >= 0
                                """)
                        .param("count", count)
                        .param("accountId", accountId)
                        .param("partId", partId)
                        .update()
                == 1;
    }

    private Problem outOfStock(UUID accountId, UUID partId, int wanted) {
        record Count(String number, int onVan) {}
        var count = jdbc.sql("""
                        select p.number, coalesce(s.on_van, 0) as on_van
                        from part p left join van_stock s on s.part_id = p.id and s.account_id = :accountId
                        where p.id = :partId
                        """)
                .param("accountId", accountId)
                .param("partId", partId)
                .query(Count.class)
                .single();
        var sentence = count.onVan == 0
                ? "There is no " + count.number + " on the van."
                : "Only " + count.onVan + " of " + count.number + " on the van, not " + wanted + ".";
        return new Problem(Kind.OUT_OF_STOCK, sentence + " Count again, or take another part.")
                .with("onVan", count.onVan);
    }
}
