package grimygasket.server.shelf;

import grimygasket.call.Head;
import grimygasket.server.shelf.PartMove.Reason;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** How many of each part are on each van: whoever changes a count writes down why, in the same transaction. */
@Repository
public class Ledger {
    private static final int MOST_LINES = 50;

    private final JdbcClient jdbc;
    private final Clock clock;

    Ledger(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * Why a count changes.
     *
     * @param by account of whoever does it; null where nobody is known
     * @param call on which it was used or put back; null for none
     */
    public record Why(
            Reason reason, @Nullable UUID by, @Nullable UUID call) {}

    /**
     * Changes a count, and writes down by how much.
     *
     * @param id of the line; one that is there already changes nothing
     * @param becomes the new count, of the one that stands
     * @return whether it was not there already
     */
    @Transactional
    public boolean change(UUID id, UUID part, UUID van, Why why, IntUnaryOperator becomes) {
        jdbc.sql("insert ignore into van_stock (account_id, part_id, on_van) values (:van, :part, 0)")
                .param("van", van)
                .param("part", part)
                .update();
        int before = jdbc.sql("select on_van from van_stock where account_id = :van and part_id = :part for update")
                .param("van", van)
                .param("part", part)
                .query(Integer.class)
                .optional()
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "Nobody with that van works here."));
        int after = becomes.applyAsInt(before);
        int written = jdbc.sql("""
                        insert ignore into part_move (id, part_id, account_id, at, by_account, reason, moved, on_van, call_id)
                        values (:id, :part, :van, :at, :by, :reason, :moved, :onVan, :call)
                        """)
                .param("id", id)
                .param("part", part)
                .param("van", van)
                .param("at", Instant.now(clock))
                .param("by", why.by())
                .param("reason", why.reason().name())
                .param("moved", after - before)
                .param("onVan", after)
                .param("call", why.call())
                .update();
        if (written == 1) {
            jdbc.sql("update van_stock set on_van = :after where account_id = :van and part_id = :part")
                    .param("after", after)
                    .param("van", van)
                    .param("part", part)
                    .update();
        }
        return written == 1;
    }

    /**
     * Takes in what a supplier has sent.
     *
     * @param id of the line
     * @return whether it was not there already
     */
    @Transactional
    public boolean receive(UUID id, UUID part, UUID van, UUID by, int count) {
        return change(id, part, van, new Why(Reason.RECEIVED, by, null), onVan -> onVan + count);
    }

    /** The latest lines about a part, latest first. */
    List<PartMove> of(UUID part) {
        return jdbc.sql("""
                        select m.id, m.at, if(v.id = :store, 'Store room', v.name) as van, b.name as `by`, m.reason, m.moved, m.on_van, m.call_id
                        from part_move m
                        join account v on v.id = m.account_id
                        left join account b on b.id = m.by_account
                        where m.part_id = :part
                        order by m.at desc, m.id desc
                        limit :most
                        """)
                .param("part", part)
                .param("store", Head.NOBODY)
                .param("most", MOST_LINES)
                .query(PartMove.class)
                .list();
    }
}
