package grimygasket.server.accounts.passkeys;

import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.accounts.passkeys.Passkeys.Passkey;
import grimygasket.server.accounts.sessions.Proofs;
import grimygasket.server.accounts.sessions.Sessions;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own passkeys, and the second half of a sign-in with one. */
@RestController
@RequestMapping("/api/session")
class PasskeyController {
    /**
     * A passkey that a browser has just made.
     *
     * @param password one's own, so that nobody adds a key on a device that was left open
     * @param credential as the browser tells it
     */
    record NewPasskey(
            @NotNull String password,

            @NotBlank(message = "Say which key it is.") @Size(max = 40, message = "At most 40 characters.")
            String label,

            @NotNull Map<String, Object> credential) {}

    private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final Passkeys passkeys;
    private final AccountStore accounts;
    private final Sessions sessions;
    private final Devices devices;
    private final Proofs proofs;

    PasskeyController(Passkeys passkeys, AccountStore accounts, Sessions sessions, Devices devices, Proofs proofs) {
        this.passkeys = passkeys;
        this.accounts = accounts;
        this.sessions = sessions;
        this.devices = devices;
        this.proofs = proofs;
    }

    @GetMapping("/passkeys")
    List<Passkey> mine(@AuthenticationPrincipal SignedIn me) {
        return passkeys.of(me.id());
    }

    /** What a browser is to make a passkey by. */
    @PostMapping("/passkeys/options")
    Map<String, Object> options(
            Authentication authentication, HttpServletRequest request, HttpServletResponse response) {
        return passkeys.toMake(authentication, request, response);
    }

    /** Adds a passkey; wherever else one is signed in, one has to sign in anew, with it. */
    @PostMapping("/passkeys")
    @Transactional
    public List<Passkey> add(
            @Valid @RequestBody NewPasskey made,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            HttpServletResponse response) {
        proofs.prove(me, "password", made.password, request);
        passkeys.add(made.credential, made.label.strip(), request, response);
        sessions.endAll(me.getUsername(), request.getSession().getId());
        return mine(me);
    }

    @DeleteMapping("/passkeys/{id}")
    List<Passkey> remove(@PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        passkeys.forget(me.id(), id);
        return mine(me);
    }

    /** Whoever has given their password signs in with one of their passkeys. */
    @PostMapping("/passkey")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signIn(
            @RequestBody Map<String, Object> credential,
            @AuthenticationPrincipal @Nullable SignedIn half,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (half == null) {
            throw new Problem(Kind.SIGN_IN_NEEDED, "Sign in to go on.");
        }
        passkeys.check(credential, half, request, response);
        var me = accounts.whole(half);
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(me, null, me.getAuthorities()));
        SecurityContextHolder.setContext(context);
        request.changeSessionId();
        contexts.saveContext(context, request, response);
        devices.signedIn(request, response, me);
        proofs.signedIn(request);
    }
}
