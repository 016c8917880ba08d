package grimygasket.server.accounts.signin;

import grimygasket.server.accounts.Rank;
import grimygasket.server.accounts.Rules;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.audit.HappeningFilter;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.accounts.sessions.Proofs;
import grimygasket.server.web.DatabaseAway;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.ProblemWriter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.ProblemDetail;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** Sign-in by session cookie; everything under /api needs it, and every change a CSRF token. */
@Configuration
class Security {
    private static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self'; "
                    + "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; worker-src 'self'; manifest-src 'self'; "
                    + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            ProblemWriter problems,
            SignInTries tries,
            SignInAnswer answer,
            Devices devices,
            HappeningFilter happenings,
            Proofs proofs)
            throws Exception {
        var tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return http.csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .authorizeHttpRequests(Security::rules)
                .addFilterAfter(happenings, SecurityContextHolderFilter.class)
                .addFilterAfter(proofs, AuthorizationFilter.class)
                .addFilterBefore(tries, UsernamePasswordAuthenticationFilter.class)
                .formLogin(form -> form.loginProcessingUrl("/api/session")
                        .usernameParameter("login")
                        .passwordParameter("password")
                        .successHandler(answer)
                        .failureHandler((request, response, e) -> problems.write(response, whyNot(e))))
                .logout(logout -> logout.logoutRequestMatcher(
                                PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.DELETE, "/api/session"))
                        .addLogoutHandler((request, response, who) -> {
                            if (who != null) {
                                devices.signedOut(request, (SignedIn) who.getPrincipal());
                            }
                        })
                        .logoutSuccessHandler(
                                (request, response, who) -> response.setStatus(HttpServletResponse.SC_NO_CONTENT)))
                .requestCache(cache -> cache.disable())
                .exceptionHandling(handling -> handling.authenticationEntryPoint((request, response, e) -> {
                            if (devices.of(request).filter(devices::tellIfLost).isPresent()) {
                                problems.write(
                                        response,
                                        Kind.DEVICE_LOST,
                                        "This device was signed out as lost. What it kept has been removed.");
                            } else {
                                problems.write(response, Kind.SIGN_IN_NEEDED, "Sign in to go on.");
                            }
                        })
                        .accessDeniedHandler((request, response, e) -> problems.write(response, denied(request, e))))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(permissions ->
                                permissions.policy("camera=(), microphone=(), geolocation=(self), payment=(), usb=()")))
                .build();
    }

    private static ProblemDetail denied(HttpServletRequest request, AccessDeniedException e) {
        if (e instanceof CsrfException) {
            return Problem.body(Kind.PAGE_TOO_OLD, "This page has been open too long. Try again.");
        }
        boolean half = request.getUserPrincipal() instanceof Authentication who
                && who.getPrincipal() instanceof SignedIn me
                && me.isHalf();
        return half ? Problem.body(Kind.SIGN_IN_NEEDED, "Sign in to go on.") : Rules.denied(request);
    }

    /** Nobody is told that a password is wrong that could not be looked at. */
    private static ProblemDetail whyNot(AuthenticationException e) {
        return DatabaseAway.isAway(e)
                ? DatabaseAway.problem(e)
                : Problem.body(
                        Kind.WRONG_SIGN_IN, "Name and password do not go together. Check capitals, and try again.");
    }

    /** Addresses that mean mischief. */
    @Bean
    RequestRejectedHandler rejected(ProblemWriter problems) {
        return (request, response, e) ->
                problems.write(response, Kind.NOT_FOUND, "There is nothing at this address. Go on from the round.");
    }

    private static void rules(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry requests) {
        for (var rule : Rules.ALL) {
            var allowed = requests.requestMatchers(rule.matcher());
            if (rule.least() == null) {
                allowed.permitAll();
            } else {
                allowed.hasAnyRole(Stream.of(Rank.values())
                        .filter(rank -> rank.compareTo(rule.least()) >= 0)
                        .map(Rank::name)
                        .toArray(String[]::new));
            }
        }
        requests.requestMatchers("/api/**").denyAll();
        // Only among tests is it there at all.
        requests.requestMatchers("/v3/**").authenticated().anyRequest().permitAll();
    }

    /** @param rounds what a guess costs, as a power of two; only tests, which sign in a thousand times, have it cheaper */
    @Bean
    PasswordEncoder passwordEncoder(@Value("${GASKET_PASSWORD_ROUNDS:10}") int rounds) {
        return new DelegatingPasswordEncoder("bcrypt", Map.of("bcrypt", new BCryptPasswordEncoder(rounds)));
    }
}
