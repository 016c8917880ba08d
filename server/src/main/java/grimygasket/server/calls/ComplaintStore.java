package grimygasket.server.calls;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class ComplaintStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    ComplaintStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** In the order in which they were told. */
    List<Complaint> of(UUID callId) {
        return jdbc.sql("select id, at, text from complaint where call_id = :callId order by at, id")
                .param("callId", callId)
                .query(Complaint.class)
                .list();
    }

    void addIfNew(UUID id, UUID callId, String text) {
        addIfNew(callId, new Complaint(id, clock.instant(), text.strip()));
    }

    /** Adds a complaint; one with that id is left as it is. */
    void addIfNew(UUID callId, Complaint complaint) {
        jdbc.sql("insert ignore into complaint (id, call_id, at, text) values (:id, :callId, :at, :text)")
                .param("id", complaint.id())
                .param("callId", callId)
                .param("at", complaint.at())
                .param("text", complaint.text())
                .update();
    }

    void remove(UUID id, UUID callId) {
        jdbc.sql("delete from complaint where id = :id and call_id = :callId")
                .param("id", id)
                .param("callId", callId)
                .update();
    }
}
