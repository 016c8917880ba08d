package grimygasket.server.round;

import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.keygen.Base64StringKeyGenerator;
import org.springframework.security.crypto.keygen.StringKeyGenerator;
import org.springframework.stereotype.Repository;

/** Secret addresses of rounds, of which only hashes are kept. */
@Repository
class CalendarKeys {
    private static final int BYTES = 32;
    private static final StringKeyGenerator KEYS =
            new Base64StringKeyGenerator(Base64.getUrlEncoder().withoutPadding(), BYTES);

    private final JdbcClient jdbc;

    CalendarKeys(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Whose it is; nobody's if it was renewed, or its owner is locked out. */
    Optional<UUID> owner(String key) {
        return jdbc.sql("select id from account where calendar_key = sha2(:key, 256) and locked_at is null")
                .param("key", key)
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
        var key = KEYS.generateKey();
        set(account, key);
        return key;
    }

    void remove(UUID account) {
        set(account, null);
    }

    private void set(UUID account, @Nullable String key) {
        jdbc.sql("update account set calendar_key = sha2(:key, 256) where id = :id")
                .param("key", key)
                .param("id", account)
                .update();
    }
}
