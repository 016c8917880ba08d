package grimygasket.server.knowhow;

import grimygasket.server.web.ByOwner;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
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
        return of(List.of(accountId)).getOrDefault(accountId, Map.of());
    }

    /** Account, or call that has kept its own, to its choices, school id to choice; one without any is left out. */
    public Map<UUID, Map<String, String>> of(Collection<UUID> owners) {
        return choices("""
                select account_id as owner, school, choice from school_choice where account_id in (:owners)
                union all
                select call_id as owner, school, choice from call_school where call_id in (:owners)
                """, owners);
    }

    private record Choice(String school, String choice) {}

    private Map<UUID, Map<String, String>> choices(String sql, Collection<UUID> owners) {
        var chosen = new HashMap<UUID, Map<String, String>>();
        ByOwner.read(jdbc, sql, owners, Choice.class)
                .forEach((owner, choices) ->
                        choices.forEach(one -> chosen.computeIfAbsent(owner, id -> new LinkedHashMap<>())
                                .put(one.school, one.choice)));
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
