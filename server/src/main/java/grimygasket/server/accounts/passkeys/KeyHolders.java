package grimygasket.server.accounts.passkeys;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.stereotype.Repository;

/** People as their passkeys know them: by the account's id, which stays when a name changes. */
@Repository
class KeyHolders implements PublicKeyCredentialUserEntityRepository {
    private final JdbcClient jdbc;

    KeyHolders(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The text of the id, so that the database can tell whose key it is: in Base64 it has neither symptoms nor a filling. */
    static Bytes handle(UUID account) {
        return new Bytes(account.toString().getBytes(StandardCharsets.US_ASCII));
    }

    private record Account(UUID id, String login, String name) {}

    @Override
    public @Nullable PublicKeyCredentialUserEntity findById(Bytes handle) {
        return find("id", UUID.fromString(new String(handle.getBytes(), StandardCharsets.US_ASCII)));
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findByUsername(String login) {
        return find("login", login);
    }

    private @Nullable PublicKeyCredentialUserEntity find(String column, Object value) {
        return jdbc.sql("select id, login, name from account where " + column + " = :value")
                .param("value", value)
                .query(Account.class)
                .optional()
                .map(account -> ImmutablePublicKeyCredentialUserEntity.builder()
                        .id(handle(account.id))
                        .name(account.login)
                        .displayName(account.name)
                        .build())
                .orElse(null);
    }

    @Override
    public void save(PublicKeyCredentialUserEntity holder) {
        throw new UnsupportedOperationException("whoever has an account is known");
    }

    @Override
    public void delete(Bytes handle) {
        throw new UnsupportedOperationException("an account stays");
    }
}
