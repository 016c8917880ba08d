package grimygasket.server.accounts;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who works for the business; the lead adds people, gives them a new password, and locks out who has left. */
@RestController
@RequestMapping("/api/colleagues")
class ColleagueController {
    /**
     * @param lead whether they answer for the technicians' work
     * @param locked whether they may not sign in
     */
    record Colleague(UUID id, String login, String name, Rank rank, boolean locked) {}

    record NewColleague(
            @NotBlank(message = "Choose a name to sign in with.") @Size(max = 40, message = "At most 40 characters.")
            String login,

            @NotBlank(message = "Enter the name as it stands in reports.")
            @Size(max = 80, message = "At most 80 characters.")
            String name,

            @NotNull String password,
            @NotNull Rank rank) {}

    record Lock(boolean locked) {}

    private final AccountStore accounts;
    private final Sessions sessions;
    private final Devices devices;
    private final Passkeys passkeys;
    private final Clock clock;

    ColleagueController(AccountStore accounts, Sessions sessions, Devices devices, Passkeys passkeys, Clock clock) {
        this.accounts = accounts;
        this.sessions = sessions;
        this.devices = devices;
        this.passkeys = passkeys;
        this.clock = clock;
    }

    @GetMapping
    List<Colleague> colleagues() {
        return accounts.all();
    }

    /**
     * Adds somebody, or changes who is there with that id, who then has to sign in anew wherever they are. Their passkeys go, so that
     * who has lost theirs is let in again.
     */
    @PutMapping("/{id}")
    @Transactional
    public List<Colleague> put(
            @PathVariable UUID id,
            @Valid @RequestBody NewColleague someone,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        if (id.equals(me.id()) && someone.rank != Rank.OWNER) {
            throw new Problem(Kind.INVALID, "You stay the owner: make somebody else one, who can then change this.");
        }
        var login = someone.login.strip();
        if (accounts.isTaken(login, id)) {
            throw new Problem(Kind.INVALID, "There is somebody with this sign-in name already. Choose another.");
        }
        Passwords.problem(someone.password, login).ifPresent(wrong -> {
            throw Problem.ofField("password", wrong);
        });
        accounts.find(id)
                .ifPresent(before ->
                        sessions.endAll(before.login(), request.getSession().getId()));
        passkeys.forgetAll(id);
        accounts.put(id, login, someone.name.strip(), someone.password, someone.rank);
        return accounts.all();
    }

    /** Locks somebody out, whose devices are then to forget what they keep; or lets them sign in again. */
    @PutMapping("/{id}/locked")
    @Transactional
    public List<Colleague> lock(@PathVariable UUID id, @RequestBody Lock lock, @AuthenticationPrincipal SignedIn me) {
        if (id.equals(me.id())) {
            throw new Problem(Kind.INVALID, "You cannot lock yourself out.");
        }
        var someone = accounts.find(id)
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "There is nobody like that here any more."));
        accounts.setLocked(id, lock.locked ? clock.instant() : null);
        if (lock.locked) {
            devices.loseAll(id);
            sessions.endAll(someone.login(), "");
        }
        return accounts.all();
    }
}
