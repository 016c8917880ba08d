package grimygasket.server.knowhow;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which schools a technician follows, where it is not the usual one. */
@Repository
public class SchoolStore {
    private final JdbcClient jdbc;

    SchoolStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** School id to choice. */
    public Map<String, String> of(UUID accountId) {
        return choices("select school, choice from school_choice where account_id = :id", accountId);
    }

    /** What a call has kept, school id to choice; empty for a call that has kept nothing yet. */
    public Map<String, String> ofCall(UUID callId) {
        return choices("select school, choice from call_school where call_id = :id", callId);
    }

    private Map<String, String> choices(String sql, UUID id) {
        record Row(String school, String choice) {}
        var chosen = new LinkedHashMap<String, String>();
        jdbc.sql(sql).param("id", id).query(Row.class).list().forEach(row -> chosen.put(row.school, row.choice));
        return chosen;
    }

    /** Keeps with a call what it was judged by. */
    public void keep(UUID callId, Map<String, String> choices) {
        forget(callId);
        choices.forEach((school, choice) -> jdbc.sql(
                        "insert into call_school (call_id, school, choice) values (:callId, :school, :choice)")
                .param("callId", callId)
                .param("school", school)
                .param("choice", choice)
                .update());
    }

    /** The call goes by the technician's choices again. */
    public void forget(UUID callId) {
        jdbc.sql("delete from call_school where call_id = :callId")
                .param("callId", callId)
                .update();
    }

    void choose(UUID accountId, String school, String choice) {
        jdbc.sql("""
                        insert into school_choice (account_id, school, choice) values (:accountId, :school, :choice)
                        on duplicate key update choice = :choice
                        """)
                .param("accountId", accountId)
                .param("school", school)
                .param("choice", choice)
                .update();
    }
}
