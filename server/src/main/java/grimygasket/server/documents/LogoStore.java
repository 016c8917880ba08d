package grimygasket.server.documents;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The business's logo, as a data URL. */
@Repository
class LogoStore {
    private final JdbcClient jdbc;

    LogoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    Optional<String> get() {
        return jdbc.sql("select picture from logo").query(String.class).optional();
    }

    void set(String picture) {
        jdbc.sql("replace into logo (id, picture) values (1, :picture)")
                .param("picture", picture)
                .update();
    }

    void remove() {
        jdbc.sql("delete from logo").update();
    }
}
