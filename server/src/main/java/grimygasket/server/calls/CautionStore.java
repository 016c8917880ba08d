package grimygasket.server.calls;

import grimygasket.server.web.ByOwner;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class CautionStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    CautionStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Call to its confirmed cautions, in the order in which they were confirmed. */
    Map<UUID, List<CautionKept>> of(Collection<UUID> calls) {
        return ByOwner.read(jdbc, """
                select call_id as owner, caution, at, entered_by as `by` from caution_kept
                where call_id in (:owners) order by at, caution
                """, calls, CautionKept.class);
    }

    void keep(UUID callId, String caution, String by) {
        keep(callId, new CautionKept(caution, clock.instant(), by));
    }

    /** Notes the time of the first confirmation. */
    void keep(UUID callId, CautionKept kept) {
        jdbc.sql("""
                        insert ignore into caution_kept (call_id, caution, at, entered_by)
                        values (:callId, :caution, :at, :by)
                        """)
                .param("callId", callId)
                .param("caution", kept.caution())
                .param("at", kept.at())
                .param("by", kept.by())
                .update();
    }

    void takeBack(UUID callId, String caution) {
        jdbc.sql("delete from caution_kept where call_id = :callId and caution = :caution")
                .param("callId", callId)
                .param("caution", caution)
                .update();
    }
}
