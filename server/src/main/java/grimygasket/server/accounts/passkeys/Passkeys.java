package grimygasket.server.accounts.passkeys;

import com.webauthn4j.util.exception.WebAuthnException;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.authentication.HttpSessionPublicKeyCredentialRequestOptionsRepository;
import org.springframework.security.web.webauthn.authentication.PublicKeyCredentialRequestOptionsRepository;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.security.web.webauthn.registration.HttpSessionPublicKeyCredentialCreationOptionsRepository;
import org.springframework.security.web.webauthn.registration.PublicKeyCredentialCreationOptionsRepository;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The keys that people sign in with besides their password, as <a href="https://www.w3.org/TR/webauthn-3/">Web Authentication</a>
 * has them. A key belongs to the name by which a browser reached this server; it symptoms for no other, so that whoever lures somebody
 * to another address gets nothing that is of use here.
 */
@Component
public class Passkeys {
    private static final Pattern NUMBERS = Pattern.compile("[0-9.]+|.*:.*");
    private static final String APPLICATION = "Grimy Gasket";
    private static final Map<String, Integer> USUAL_PORTS = Map.of("http", 80, "https", 443);

    private final PublicKeyCredentialCreationOptionsRepository creations =
            new HttpSessionPublicKeyCredentialCreationOptionsRepository();
    private final PublicKeyCredentialRequestOptionsRepository requests =
            new HttpSessionPublicKeyCredentialRequestOptionsRepository();
    private final JsonMapper json =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();
    private final UserCredentialRepository keys;
    private final KeyHolders holders;

    Passkeys(JdbcOperations jdbc, KeyHolders holders) {
        keys = new JdbcUserCredentialRepository(jdbc);
        this.holders = holders;
    }

    /**
     * A key of somebody.
     *
     * @param label what they call it
     * @param lastUsedAt in milliseconds since 1970
     */
    record Passkey(String id, String label, long lastUsedAt) {
        static Passkey of(CredentialRecord key) {
            return new Passkey(
                    key.getCredentialId().toBase64UrlString(),
                    key.getLabel(),
                    key.getLastUsed().toEpochMilli());
        }
    }

    /** The oldest first. */
    List<Passkey> of(UUID account) {
        return keys.findByUserId(KeyHolders.handle(account)).stream()
                .sorted(Comparator.comparing(CredentialRecord::getCreated))
                .map(Passkey::of)
                .toList();
    }

    /** Somebody signs in without any from now on. */
    public void forgetAll(UUID account) {
        keys.findByUserId(KeyHolders.handle(account)).forEach(key -> keys.delete(key.getCredentialId()));
    }

    void forget(UUID account, String id) {
        of(account).stream()
                .filter(key -> key.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This passkey is not among yours."));
        keys.delete(Bytes.fromBase64(id));
    }

    /** What a browser is to make a key by; remembered in the session until it has. */
    Map<String, Object> toMake(Authentication who, HttpServletRequest request, HttpServletResponse response) {
        var options = at(request)
                .createPublicKeyCredentialCreationOptions(new ImmutablePublicKeyCredentialCreationOptionsRequest(who));
        creations.save(request, response, options);
        return tree(options);
    }

    /** Adds a key that was just made. */
    void add(Map<String, Object> credential, String label, HttpServletRequest request, HttpServletResponse response) {
        var options = creations.load(request);
        creations.save(request, response, null);
        checked(() -> {
            var made = json.convertValue(
                    credential, new TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>>() {});
            return at(request)
                    .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                            options, new RelyingPartyPublicKey(made, label)));
        });
    }

    /** What somebody's key is to symptom; remembered in the session until it has. */
    public Map<String, Object> toSign(Authentication who, HttpServletRequest request, HttpServletResponse response) {
        var options =
                at(request).createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(who));
        requests.save(request, response, options);
        return tree(options);
    }

    /** Makes sure that a key of somebody has signed what it was asked to. */
    void check(Map<String, Object> credential, SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        var options = requests.load(request);
        requests.save(request, response, null);
        var holder = checked(() -> {
            var signed = json.convertValue(
                    credential, new TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>>() {});
            return at(request).authenticate(new RelyingPartyAuthenticationRequest(options, signed));
        });
        if (!holder.getId().equals(KeyHolders.handle(who.id()))) {
            throw doesNotFit();
        }
    }

    /** What is wrong with a key is nobody's business, and a challenge can be answered only once. */
    private static <T> T checked(Supplier<T> check) {
        try {
            return check.get();
        } catch (IllegalArgumentException | NullPointerException | JacksonException | WebAuthnException e) {
            throw doesNotFit();
        }
    }

    private static Problem doesNotFit() {
        return new Problem(Kind.WRONG_SIGN_IN, "This passkey does not fit. Begin once more, with one of yours.");
    }

    private Map<String, Object> tree(Object options) {
        return json.convertValue(options, new TypeReference<Map<String, Object>>() {});
    }

    private WebAuthnRelyingPartyOperations at(HttpServletRequest request) {
        var name = request.getServerName();
        if (NUMBERS.matcher(name).matches()) {
            throw new Problem(
                    Kind.INVALID,
                    "Passkeys belong to a name, and this address is a number. Open the application by its name.");
        }
        var party =
                PublicKeyCredentialRpEntity.builder().id(name).name(APPLICATION).build();
        return new Webauthn4JRelyingPartyOperations(holders, keys, party, Set.of(origin(request)));
    }

    private static String origin(HttpServletRequest request) {
        var scheme = request.getScheme();
        boolean usual = USUAL_PORTS.getOrDefault(scheme, -1) == request.getServerPort();
        return scheme + "://" + request.getServerName() + (usual ? "" : ":" + request.getServerPort());
    }
}
