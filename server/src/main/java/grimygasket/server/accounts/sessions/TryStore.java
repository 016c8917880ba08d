package grimygasket.server.accounts.sessions;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * How often something was tried within a minute of its first try, counted for all applications on one database. What was tried may be
 * a password in the wrong field: it is not kept, only its hash.
 */
@Repository
public class TryStore {
    private static final Duration COUNTED = Duration.ofMinutes(1);

    private final JdbcClient jdbc;
    private final Clock clock;

    TryStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * Counts a try, also where what was tried fails and is rolled back.
     *
     * @return how many tries there are with this one
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public int add(String what) {
        var now = clock.instant();
        return jdbc.sql("""
                        insert into sign_in_try (what, since, tries) values (sha2(:what, 256), :now, 1)
                        on duplicate key update
                            tries = if(since < :over, 1, tries + 1),
                            since = if(since < :over, :now, since)
                        returning tries
                        """)
                .param("what", what)
                .param("now", now)
                .param("over", now.minus(COUNTED))
                .query(Integer.class)
                .single();
    }

    /** It begins anew; with it go all that are over. */
    public void forget(String what) {
        jdbc.sql("delete from sign_in_try where what = sha2(:what, 256) or since < :over")
                .param("what", what)
                .param("over", clock.instant().minus(COUNTED))
                .update();
    }

    /** One of the tries was none. */
    public void takeBack(String... whats) {
        for (var what : List.of(whats)) {
            jdbc.sql("update sign_in_try set tries = tries - 1 where what = sha2(:what, 256)")
                    .param("what", what)
                    .update();
        }
    }
}
