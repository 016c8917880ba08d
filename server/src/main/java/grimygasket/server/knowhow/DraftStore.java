package grimygasket.server.knowhow;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What is being changed in a kind's know-how, edit by edit. */
@Repository
class DraftStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    DraftStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * @param members those that it changes, as JSON; null where it takes the piece out
     * @param by who made it
     */
    record Edit(int number, String section, String piece, String members, UUID accountId, String by, Instant at) {}

    /** In the order in which they were made. */
    List<Edit> of(String kind) {
        return jdbc.sql("""
                        select e.number, e.section, e.piece, e.members, e.account_id, a.name as `by`, e.at
                        from knowhow_edit e join account a on a.id = e.account_id
                        where e.kind = :kind order by e.number
                        """).param("kind", kind).query(Edit.class).list();
    }

    void add(String kind, String section, String piece, String members, UUID accountId) {
        jdbc.sql("""
                        insert into knowhow_edit (kind, number, section, piece, members, account_id, at)
                        select :kind, coalesce(max(number), 0) + 1, :section, :piece, :members, :accountId, :at
                        from knowhow_edit where kind = :kind
                        """)
                .param("kind", kind)
                .param("section", section)
                .param("piece", piece)
                .param("members", members)
                .param("accountId", accountId)
                .param("at", clock.instant())
                .update();
    }

    void takeBack(String kind, int number) {
        jdbc.sql("delete from knowhow_edit where kind = :kind and number = :number")
                .param("kind", kind)
                .param("number", number)
                .update();
    }

    void forget(String kind) {
        jdbc.sql("delete from knowhow_edit where kind = :kind")
                .param("kind", kind)
                .update();
    }
}
