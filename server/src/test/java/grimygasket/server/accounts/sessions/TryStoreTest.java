package grimygasket.server.accounts.sessions;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import org.testng.annotations.Test;

/** What is counted by two applications on one database. */
public class TryStoreTest extends ServerTest {
    private static final Instant NOW = Instant.parse("2031-05-06T10:00:00Z");

    /** As another application counts, somewhat later. */
    private TryStore later(Duration by) {
        return new TryStore(jdbc, Clock.fixed(NOW.plus(by), ZoneOffset.UTC));
    }

    @Test
    public void bothCountTogetherForAMinuteOfTheFirst() {
        var what = "somebody " + UUID.randomUUID();
        assertEquals(later(Duration.ZERO).add(what), 1);
        assertEquals(later(Duration.ofSeconds(30)).add(what), 2);
        assertEquals(later(Duration.ofSeconds(59)).add(what), 3);
        assertEquals(later(Duration.ofSeconds(61)).add(what), 1);
        assertEquals(later(Duration.ofSeconds(62)).add("another " + what), 1);
    }

    @Test
    public void whatWasNoTryIsTakenBackAndWhatWentWellIsForgotten() {
        var what = "somebody " + UUID.randomUUID();
        var tries = later(Duration.ZERO);
        tries.add(what);
        tries.add(what);
        tries.takeBack(what);
        assertEquals(tries.add(what), 2);
        tries.forget(what);
        assertEquals(tries.add(what), 1);
    }

    @Test
    public void whatWasTriedIsNotKept() {
        var secret = "Secret" + UUID.randomUUID();
        later(Duration.ZERO).add(secret);
        assertEquals(
                jdbc.sql("select count(*) from sign_in_try where what like '%Secret%' or what like :secret")
                        .param("secret", "%" + secret + "%")
                        .query(Integer.class)
                        .single(),
                0);
    }
}
