package grimygasket.server.accounts.signin;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.accounts.passkeys.Passkeys;
import grimygasket.server.accounts.sessions.Proofs;
import grimygasket.server.web.Problem;
import grimygasket.server.web.ProblemWriter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Answers whoever gave the right password: who has passkeys is told what one of them is to symptom, and is not in yet. */
@Component
class SignInAnswer implements AuthenticationSuccessHandler {
    private final SignInTries tries;
    private final Devices devices;
    private final Passkeys passkeys;
    private final Proofs proofs;
    private final ProblemWriter problems;
    private final JsonMapper json;

    SignInAnswer(
            SignInTries tries,
            Devices devices,
            Passkeys passkeys,
            Proofs proofs,
            ProblemWriter problems,
            JsonMapper json) {
        this.tries = tries;
        this.devices = devices;
        this.passkeys = passkeys;
        this.proofs = proofs;
        this.problems = problems;
        this.json = json;
    }

    @Override
    public void onAuthenticationSuccess(
            HttpServletRequest request, HttpServletResponse response, Authentication authentication)
            throws IOException {
        tries.forget(request);
        var me = (SignedIn) authentication.getPrincipal();
        if (me.isHalf()) {
            askForPasskey(request, response, authentication);
        } else {
            devices.signedIn(request, response, me);
            proofs.signedIn(request);
            response.setStatus(HttpServletResponse.SC_NO_CONTENT);
        }
    }

    private void askForPasskey(HttpServletRequest request, HttpServletResponse response, Authentication half)
            throws IOException {
        try {
            var toSign = passkeys.toSign(half, request, response);
            response.setContentType(MediaType.APPLICATION_JSON_VALUE);
            json.writeValue(response.getOutputStream(), toSign);
        } catch (Problem e) {
            // No controller asked for it, whose problems are written by themselves.
            problems.write(response, e.getBody());
        }
    }
}
