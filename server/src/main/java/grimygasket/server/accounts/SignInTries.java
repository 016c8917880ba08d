package grimygasket.server.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a name be tried only so often in a minute, so that a password cannot be guessed by machine. */
@Component
class SignInTries extends OncePerRequestFilter {
    private static final int MOST = 8;

    private final Cache<String, AtomicInteger> tries = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofMinutes(1))
            .maximumSize(10_000)
            .build();
    private final ProblemWriter problems;

    SignInTries(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !(request.getMethod().equals("POST") && request.getRequestURI().equals("/api/session"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (tries.get(key(request), login -> new AtomicInteger()).incrementAndGet() > MOST) {
            problems.write(
                    response,
                    Kind.TOO_MANY_TRIES,
                    "Too many wrong passwords for this name. Wait a minute, then try again.");
            return;
        }
        chain.doFilter(request, response);
    }

    void forget(HttpServletRequest request) {
        tries.invalidate(key(request));
    }

    private static String key(HttpServletRequest request) {
        var login = request.getParameter("login");
        return login == null ? "" : login.toLowerCase(Locale.ROOT);
    }
}
