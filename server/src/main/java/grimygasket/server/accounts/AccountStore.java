package grimygasket.server.accounts;

import grimygasket.server.accounts.ColleagueController.Colleague;
import grimygasket.units.UnitSystem;
import java.util.List;
import java.util.UUID;
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

    private record Account(UUID id, String login, String name, String password, String role) {}

    @Override
    public UserDetails loadUserByUsername(String login) {
        return jdbc.sql("select id, login, name, password, role from account where login = :login")
                .param("login", login)
                .query(Account.class)
                .optional()
                .map(a -> new SignedIn(a.id, a.login, a.name, a.password, a.role))
                .orElseThrow(() -> new UsernameNotFoundException(login));
    }

    public boolean isEmpty() {
        return jdbc.sql("select count(*) from account").query(Integer.class).single() == 0;
    }

    /** The units that somebody works in. */
    public UnitSystem system(UUID id) {
        return UnitSystem.valueOf(jdbc.sql("select units from account where id = :id")
                .param("id", id)
                .query(String.class)
                .single());
    }

    void setSystem(UUID id, UnitSystem system) {
        jdbc.sql("update account set units = :units where id = :id")
                .param("units", system.name())
                .param("id", id)
                .update();
    }

    List<Colleague> all() {
        return jdbc.sql("select id, login, name, role = 'LEAD' as `lead` from account order by name")
                .query(Colleague.class)
                .list();
    }

    /** Whether somebody else signs in with that name. */
    boolean isTaken(String login, UUID byOtherThan) {
        return jdbc.sql("select count(*) from account where login = :login and id <> :id")
                        .param("login", login)
                        .param("id", byOtherThan)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Adds an account, or changes the one with that id. */
    public void put(UUID id, String login, String name, String password, String role) {
        jdbc.sql("""
                        insert into account (id, login, name, password, role)
                        values (:id, :login, :name, :password, :role)
                        on duplicate key update login = :login, name = :name, password = :password, role = :role
                        """)
                .param("id", id)
                .param("login", login)
                .param("name", name)
                .param("password", passwords.encode(password))
                .param("role", role)
                .update();
    }
}
