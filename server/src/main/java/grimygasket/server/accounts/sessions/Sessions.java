package grimygasket.server.accounts.sessions;

import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Sessions that are open, and their end, on whichever server they were begun: all of them lie in the database. */
@Repository
public class Sessions {
    private final JdbcClient jdbc;

    Sessions(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Whether somebody is signed in by it; it ends by itself, too. */
    public boolean isOpen(String session) {
        return jdbc.sql("select exists (select 1 from SPRING_SESSION where SESSION_ID = :id and EXPIRY_TIME > :now)")
                .param("id", session)
                .param("now", System.currentTimeMillis())
                .query(Boolean.class)
                .single();
    }

    /** Those of some sessions by which somebody is signed in. */
    public Set<String> open(Set<String> some) {
        return some.isEmpty()
                ? Set.of()
                : jdbc.sql("select SESSION_ID from SPRING_SESSION where SESSION_ID in (:some) and EXPIRY_TIME > :now")
                        .param("some", some)
                        .param("now", System.currentTimeMillis())
                        .query(String.class)
                        .set();
    }

    public void end(String session) {
        jdbc.sql("delete from SPRING_SESSION where SESSION_ID = :id")
                .param("id", session)
                .update();
    }

    /**
     * Ends all that somebody has.
     *
     * @param but one that goes on
     */
    public void endAll(String login, String but) {
        jdbc.sql("delete from SPRING_SESSION where PRINCIPAL_NAME = :login and SESSION_ID <> :but")
                .param("login", login)
                .param("but", but)
                .update();
    }
}
