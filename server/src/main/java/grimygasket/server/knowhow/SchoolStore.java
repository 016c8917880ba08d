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
        record Row(String school, String choice) {}
        var chosen = new LinkedHashMap<String, String>();
        jdbc.sql("select school, choice from school_choice where account_id = :accountId")
                .param("accountId", accountId)
                .query(Row.class)
                .list()
                .forEach(row -> chosen.put(row.school, row.choice));
        return chosen;
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
