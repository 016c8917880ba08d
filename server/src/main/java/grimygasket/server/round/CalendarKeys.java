package grimygasket.server.round;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Secret addresses of rounds, of which only hashes are kept. */
@Repository
class CalendarKeys {
    private static final int BYTES = 24;

    private final JdbcClient jdbc;
    private final SecureRandom random = new SecureRandom();

    CalendarKeys(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Whose it is; nobody's if it was renewed, or its owner is locked out. */
    Optional<UUID> owner(String key) {
        return jdbc.sql("select id from account where calendar_key = :hash and locked_at is null")
                .param("hash", hash(key))
                .query(UUID.class)
                .optional();
    }

    boolean has(UUID account) {
        return jdbc.sql("select calendar_key is not null from account where id = :id")
                .param("id", account)
                .query(Boolean.class)
                .single();
    }

    /** Another one; the one of before leads nowhere from now on. */
    String renew(UUID account) {
        var bytes = new byte[BYTES];
        random.nextBytes(bytes);
        var key = HexFormat.of().formatHex(bytes);
        set(account, hash(key));
        return key;
    }

    void remove(UUID account) {
        set(account, null);
    }

    private void set(UUID account, @Nullable String hash) {
        jdbc.sql("update account set calendar_key = :hash where id = :id")
                .param("hash", hash)
                .param("id", account)
                .update();
    }

    private static String hash(String key) {
        try {
            var digest = MessageDigest.getInstance("SHA-256").digest(key.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
