package grimygasket.server.accounts.signin;

import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.Qualification;
import grimygasket.server.accounts.QualificationStore;
import grimygasket.server.accounts.Rank;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.accounts.passkeys.Passkeys;
import grimygasket.server.accounts.sessions.Sessions;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
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
     * @param qualifications all that was said of them, of the past, too
     */
    record Colleague(
            UUID id, String login, String name, Rank rank, boolean locked, List<Qualification> qualifications) {}

    record NewColleague(
            @NotBlank(message = "Choose a name to sign in with.") @Size(max = 40, message = "At most 40 characters.")
            String login,

            @NotBlank(message = "Enter the name as it stands in reports.")
            @Size(max = 80, message = "At most 80 characters.")
            String name,

            @NotNull String password,
            @NotNull Rank rank) {}

    record Lock(boolean locked) {}

    record Qualifications(@NotNull @Size(max = 4) List<@Valid @NotNull Qualification> all) {}

    private final AccountStore accounts;
    private final Sessions sessions;
    private final Devices devices;
    private final Passkeys passkeys;
    private final QualificationStore qualifications;
    private final Clock clock;

    ColleagueController(
            AccountStore accounts,
            Sessions sessions,
            Devices devices,
            Passkeys passkeys,
            QualificationStore qualifications,
            Clock clock) {
        this.accounts = accounts;
        this.qualifications = qualifications;
        this.sessions = sessions;
        this.devices = devices;
        this.passkeys = passkeys;
        this.clock = clock;
    }

    @GetMapping
    List<Colleague> colleagues() {
        var said = qualifications.all();
        return accounts.all().stream()
                .map(one -> new Colleague(
                        one.id(),
                        one.login(),
                        one.name(),
                        one.rank(),
                        one.locked(),
                        said.getOrDefault(one.id(), List.of())))
                .toList();
    }

    /**
     * Adds somebody, or changes who is there with that id, who then has to sign in anew wherever they are. Their passkeys go, so that
     * who has lost theirs is let in again.
     */
    @PutMapping("/{id}")
    @Transactional
    public List<Colleague> put(
            @PathVariable UUID id, @Valid @RequestBody NewColleague someone, @AuthenticationPrincipal SignedIn me) {
        if (id.equals(me.id())) {
            throw new Problem(
                    Kind.INVALID,
                    "This is you: change your own password under Your password. Another owner can change the rest.");
        }
        var login = someone.login.strip();
        if (accounts.isTaken(login, id)) {
            throw new Problem(Kind.INVALID, "There is somebody with this sign-in name already. Choose another.");
        }
        Passwords.problem(someone.password, login).ifPresent(wrong -> {
            throw Problem.ofField("password", wrong);
        });
        accounts.find(id).ifPresent(before -> sessions.endAll(before.login(), ""));
        passkeys.forgetAll(id);
        accounts.put(id, login, someone.name.strip(), someone.password, someone.rank);
        return colleagues();
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
        return colleagues();
    }

    /** Says all that somebody is qualified for, and what shows it; steps that ask for it are theirs from now on, and no others. */
    @PutMapping("/{id}/qualifications")
    @Transactional
    public List<Colleague> qualify(@PathVariable UUID id, @Valid @RequestBody Qualifications said) {
        if (accounts.find(id).isEmpty()) {
            throw new Problem(Kind.NOT_FOUND, "There is nobody like that here any more.");
        }
        if (said.all.stream().map(Qualification::competence).distinct().count() < said.all.size()) {
            throw new Problem(Kind.INVALID, "One of them stands there twice.");
        }
        said.all.stream()
                .filter(one -> one.until() != null && one.until().isBefore(one.since()))
                .forEach(one -> {
                    throw new Problem(Kind.INVALID, "One of them ends before it begins. Look at the days.");
                });
        qualifications.set(id, said.all);
        return colleagues();
    }
}
