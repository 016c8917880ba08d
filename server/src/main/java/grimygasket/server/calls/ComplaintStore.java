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
class ComplaintStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    ComplaintStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** In the order in which they were told. */
    List<Complaint> of(UUID callId) {
        return of(List.of(callId)).getOrDefault(callId, List.of());
    }

    /** Call to its complaints, in the order in which they were told. */
    Map<UUID, List<Complaint>> of(Collection<UUID> calls) {
        return ByOwner.read(jdbc, """
                select call_id as owner, id, at, text from complaint
                where call_id in (:owners) order by at, id
                """, calls, Complaint.class);
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
