package grimygasket.server.accounts;

import grimygasket.call.Person;
import grimygasket.visit.ring.Authority;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.User;

/** Who is signed in, or half of it: who has passkeys may do nothing with their password alone. Kept in the session. */
public class SignedIn extends User {
    private static final long serialVersionUID = 1;

    /** No rank: what it stands for, nothing is allowed to. */
    private static final String HALF = "HALF";

    private final UUID id;
    private final String fullName;

    SignedIn(UUID id, String login, String fullName, String password, String role, boolean isLetIn) {
        super(login, password, isLetIn, true, true, true, List.of(new SimpleGrantedAuthority("ROLE_" + role)));
        this.id = id;
        this.fullName = fullName;
    }

    public UUID id() {
        return id;
    }

    /** Of whom a passkey is wanted, too. */
    static SignedIn half(UUID id, String login, String fullName, String password, boolean isLetIn) {
        return new SignedIn(id, login, fullName, password, HALF, isLetIn);
    }

    public boolean isHalf() {
        return getAuthorities().contains(new SimpleGrantedAuthority("ROLE_" + HALF));
    }

    /** As the core knows them. */
    public Person person() {
        return new Person(id, fullName, rank());
    }

    /** What gaps of a call this person may sign off. */
    public Authority rank() {
        return is(Rank.OWNER) || is(Rank.LEAD) ? Authority.LEAD : Authority.TECHNICIAN;
    }

    public boolean is(Rank rank) {
        return getAuthorities().contains(new SimpleGrantedAuthority("ROLE_" + rank));
    }

    public String fullName() {
        return fullName;
    }
}
