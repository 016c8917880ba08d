package grimygasket.server.accounts;

import grimygasket.call.Head;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.units.UnitSystem;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Repository;

@Repository
public class AccountStore implements UserDetailsService {
    private final JdbcClient jdbc;
    private final PasswordEncoder passwords;

    AccountStore(JdbcClient jdbc, PasswordEncoder passwords) {
        this.jdbc = jdbc;
        this.passwords = passwords;
    }

    /** @param passkeys how many they have */
    private record Account(
            UUID id, String login, String name, String password, String role, boolean locked, int passkeys) {
        public SignedIn whole() {
            return new SignedIn(id, login, name, password, role, !locked);
        }

        SignedIn byPassword() {
            return passkeys == 0 ? whole() : SignedIn.half(id, login, name, password, !locked);
        }
    }

    /** Who signs in with that name by a password, which is half of it for whoever has passkeys. */
    @Override
    public UserDetails loadUserByUsername(String login) {
        return account(login).byPassword();
    }

    /** Who has shown a passkey after their password, unless they were locked out between the two. */
    public SignedIn whole(SignedIn half) {
        var account = account(half.getUsername());
        if (account.locked) {
            throw new Problem(Kind.SIGN_IN_NEEDED, "Sign in to go on.");
        }
        return account.whole();
    }

    /** Somebody who may not sign in any more, for what they had done before. */
    public SignedIn technician(UUID id) {
        var one = find(id).orElseThrow();
        return new SignedIn(id, one.login(), one.name(), "", Rank.TECHNICIAN.name(), false);
    }

    private Account account(String login) {
        return jdbc.sql("""
                        select id, login, name, password, role, locked_at is not null as locked,
                               (select count(*) from user_credentials
                                where user_entity_user_id = to_base64(cast(account.id as char))) as passkeys
                        from account where login = :login
                        """)
                .param("login", login)
                .query(Account.class)
                .optional()
                .orElseThrow(() -> new UsernameNotFoundException(login));
    }

    /** Whose sign-in name that is, as the database tells names apart. */
    public Optional<UUID> find(String login) {
        return jdbc.sql("select id from account where login = :login")
                .param("login", login)
                .query(UUID.class)
                .optional();
    }

    public boolean isEmpty() {
        return jdbc.sql("select count(*) from account where id <> :nobody")
                        .param("nobody", Head.NOBODY)
                        .query(Integer.class)
                        .single()
                == 0;
    }

    /** The units that somebody works in. */
    public UnitSystem system(UUID id) {
        return UnitSystem.valueOf(jdbc.sql("select units from account where id = :id")
                .param("id", id)
                .query(String.class)
                .single());
    }

    public void setSystem(UUID id, UnitSystem system) {
        jdbc.sql("update account set units = :units where id = :id")
                .param("units", system.name())
                .param("id", id)
                .update();
    }

    /** @param locked whether they may not sign in */
    public record Person(UUID id, String login, String name, Rank rank, boolean locked) {}

    public List<Person> all() {
        return jdbc.sql("""
                        select id, login, name, role as `rank`, locked_at is not null as locked
                        from account where id <> :nobody order by name
                        """).param("nobody", Head.NOBODY).query(Person.class).list();
    }

    /** Somebody who goes out on calls. */
    public record Technician(UUID id, String name) {}

    /** Everybody who may sign in, by their names. */
    public List<Technician> technicians() {
        return all().stream()
                .filter(person -> !person.locked)
                .map(person -> new Technician(person.id, person.name))
                .toList();
    }

    /** Whether somebody has an account, and may sign in. */
    public boolean works(UUID id) {
        return jdbc.sql("select count(*) from account where id = :id and locked_at is null")
                        .param("id", id)
                        .query(Integer.class)
                        .single()
                == 1;
    }

    public Optional<Person> find(UUID id) {
        return all().stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** Whether a password is somebody's own. */
    public boolean isPassword(UUID id, String password) {
        var kept = jdbc.sql("select password from account where id = :id")
                .param("id", id)
                .query(String.class)
                .single();
        return passwords.matches(password, kept);
    }

    public void setPassword(UUID id, String password) {
        jdbc.sql("update account set password = :password where id = :id")
                .param("password", passwords.encode(password))
                .param("id", id)
                .update();
    }

    /** @param at null for somebody who may sign in again */
    public void setLocked(UUID id, @Nullable Instant at) {
        jdbc.sql("update account set locked_at = :at where id = :id")
                .param("at", at)
                .param("id", id)
                .update();
    }

    /** Whether somebody else signs in with that name. */
    public boolean isTaken(String login, UUID byOtherThan) {
        return jdbc.sql("select count(*) from account where login = :login and id <> :id")
                        .param("login", login)
                        .param("id", byOtherThan)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Adds an account, or changes the one with that id. */
    public void put(UUID id, String login, String name, String password, Rank rank) {
        jdbc.sql("""
                        insert into account (id, login, name, password, role)
                        values (:id, :login, :name, :password, :role)
                        on duplicate key update login = :login, name = :name, password = :password, role = :role
                        """)
                .param("id", id)
                .param("login", login)
                .param("name", name)
                .param("password", passwords.encode(password))
                .param("role", rank.name())
                .update();
    }
}
