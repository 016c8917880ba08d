package grimygasket.server.accounts.signin;

import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.accounts.sessions.TryStore;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets a sign-in be tried only so often in a minute: for one name, however it is spelled, from one address, and over all. So a password
 * cannot be guessed by machine. Whoever has signed in on a device before has tries of their own there, so that they get in while
 * somebody else guesses at their name.
 */
@Component
class SignInTries extends OncePerRequestFilter {
    private static final PathPatternRequestMatcher SIGN_IN =
            PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, "/api/session");

    private static final int MOST_BY_NAME = 8;
    private static final int MOST_BY_ADDRESS = 60;
    private static final int MOST_OF_ALL = 600;
    private static final String ALL = "all";

    private final TryStore tries;
    private final ProblemWriter problems;
    private final AccountStore accounts;
    private final Devices devices;

    SignInTries(TryStore tries, ProblemWriter problems, AccountStore accounts, Devices devices) {
        this.tries = tries;
        this.problems = problems;
        this.accounts = accounts;
        this.devices = devices;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !SIGN_IN.matches(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var tried = tried(request);
        boolean tooManyHere = tries.add(from(request)) > MOST_BY_ADDRESS;
        boolean tooMany = tries.add(ALL) > MOST_OF_ALL;
        if (tries.add(tried.key()) > MOST_BY_NAME) {
            refuse(response, "Too many wrong passwords for this name. Wait a minute, then try again.");
        } else if ((tooManyHere || tooMany) && !tried.onKnownDevice()) {
            refuse(response, "Too many sign-ins at once. Wait a minute, then try again.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private void refuse(HttpServletResponse response, String sentence) throws IOException {
        problems.write(response, Kind.TOO_MANY_TRIES, sentence);
    }

    /** It went well: the name starts anew, and from the address and over all it was no try. */
    void forget(HttpServletRequest request) {
        tries.forget(tried(request).key());
        tries.takeBack(from(request), ALL);
    }

    private static String from(HttpServletRequest request) {
        return "from " + request.getRemoteAddr();
    }

    /** A sign-in that is tried, by the account if there is one: the database knows which spellings are the same. */
    private record Tried(String name, Optional<UUID> device) {
        boolean onKnownDevice() {
            return device.isPresent();
        }

        String key() {
            return device.map(known -> name + " on " + known).orElse(name);
        }
    }

    private Tried tried(HttpServletRequest request) {
        var login = Objects.requireNonNullElse(request.getParameter("login"), "")
                .strip()
                .toLowerCase(Locale.ROOT);
        var account = accounts.find(login);
        return new Tried(
                account.map(UUID::toString).orElse(login),
                account.flatMap(id -> devices.of(request).filter(device -> devices.isKnown(device, id))));
    }
}
