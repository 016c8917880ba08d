package grimygasket.server.accounts.audit;

import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.Rules;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.devices.Devices;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Notes who did what beside the work on calls: by the table of rules, so that no operation has to think of it. */
@Component
public class HappeningFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(HappeningFilter.class);
    private static final String SIGN_IN = "POST /api/session";

    private final Happenings happenings;
    private final AccountStore accounts;
    private final Devices devices;

    HappeningFilter(Happenings happenings, AccountStore accounts, Devices devices) {
        this.happenings = happenings;
        this.accounts = accounts;
        this.devices = devices;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var rule = Rules.of(request);
        boolean traced = rule.filter(Rules.Rule::traced).isPresent();
        // Whoever signs out is not known any more afterwards.
        var before = traced ? account() : Optional.<UUID>empty();
        chain.doFilter(request, response);
        boolean refused = response.getStatus() == HttpServletResponse.SC_FORBIDDEN;
        if (rule.isPresent() && (traced || refused)) {
            note(request, response.getStatus(), rule.get(), account().or(() -> before));
        }
    }

    /** Strangers are only noted where they try to sign in, so that nobody fills the disk without an account. */
    private void note(HttpServletRequest request, int status, Rules.Rule rule, Optional<UUID> account) {
        boolean signsIn = rule.name().equals(SIGN_IN) && status != HttpStatus.TOO_MANY_REQUESTS.value();
        if (account.isPresent() || signsIn) {
            var inPath = rule.matcher().matcher(request).getVariables();
            try {
                happenings.add(
                        account.or(() -> tried(request)).orElse(null),
                        devices.of(request).orElse(null),
                        request.getRemoteAddr(),
                        rule.name(),
                        String.join(" ", new TreeMap<>(inPath).values()),
                        status);
            } catch (DataAccessException e) {
                // The answer is made, and says that the database is away where it was; the log of requests has this
                // one.
                LOG.warn("{} {} could not be noted", rule.name(), status, e);
            }
        }
    }

    private static Optional<UUID> account() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(Authentication::getPrincipal)
                .filter(SignedIn.class::isInstance)
                .map(me -> ((SignedIn) me).id());
    }

    /** Whose name was tried to sign in with; what was typed is not kept, as it may be a password. */
    private Optional<UUID> tried(HttpServletRequest request) {
        return Optional.ofNullable(request.getParameter("login")).flatMap(accounts::find);
    }
}
