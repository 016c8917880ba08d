package grimygasket.server.accounts;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Ends sessions, on whichever server they were begun: all of them lie in the database. */
@Repository
class Sessions {
    private final JdbcClient jdbc;

    Sessions(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    void end(String session) {
        jdbc.sql("delete from SPRING_SESSION where SESSION_ID = :id")
                .param("id", session)
                .update();
    }

    /**
     * Ends all that somebody has.
     *
     * @param but one that goes on
     */
    void endAll(String login, String but) {
        jdbc.sql("delete from SPRING_SESSION where PRINCIPAL_NAME = :login and SESSION_ID <> :but")
                .param("login", login)
                .param("but", but)
                .update();
    }
}
