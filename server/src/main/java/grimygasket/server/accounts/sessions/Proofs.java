package grimygasket.server.accounts.sessions;

import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.Rules;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who is signed in has proved who they are within the last minutes, where a rule wants it: an open session alone, on a device that was
 * left lying, changes no passwords, passkeys or people.
 */
@Component
public class Proofs extends OncePerRequestFilter {
    private static final Duration FRESH = Duration.ofMinutes(5);
    private static final String PROVED_AT = "provedAt";
    private static final int MOST_IN_A_MINUTE = 8;

    private final AccountStore accounts;
    private final TryStore tries;
    private final ProblemWriter problems;
    private final Clock clock;

    Proofs(AccountStore accounts, TryStore tries, ProblemWriter problems, Clock clock) {
        this.accounts = accounts;
        this.tries = tries;
        this.problems = problems;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean wanted = Rules.of(request)
                .filter(rule -> rule.proof() == Rules.Proof.RECENT)
                .isPresent();
        if (wanted && !isFresh(request.getSession(false))) {
            problems.write(response, Kind.PROOF_NEEDED, "Enter your password once more to do this.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean isFresh(HttpSession session) {
        return session != null
                && session.getAttribute(PROVED_AT) instanceof Long at
                && clock.millis() - at < FRESH.toMillis();
    }

    /** Somebody has just signed in, by all that signing in wants of them. */
    public void signedIn(HttpServletRequest request) {
        request.getSession().setAttribute(PROVED_AT, clock.millis());
    }

    /**
     * Wants somebody's own password.
     *
     * @param field where it was entered
     * @throws Problem if it is another one, or too many were tried
     */
    public void prove(SignedIn me, String field, String password, HttpServletRequest request) {
        var what = "proof of " + me.id();
        if (tries.add(what) > MOST_IN_A_MINUTE) {
            throw new Problem(Kind.TOO_MANY_TRIES, "Too many wrong passwords. Wait a minute, then try again.");
        }
        if (!accounts.isPassword(me.id(), password)) {
            throw Problem.ofField(field, "This is not your password.");
        }
        tries.forget(what);
        signedIn(request);
    }
}
