package grimygasket.server.accounts;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.Authority;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

/** Who works for the business; the lead adds people, and gives them a new password. */
@RestController
@RequestMapping("/api/colleagues")
class ColleagueController {
    /** @param lead whether they answer for the technicians' work */
    record Colleague(UUID id, String login, String name, boolean lead) {}

    record NewColleague(
            @NotBlank(message = "Choose a name to sign in with.") @Size(max = 40, message = "At most 40 characters.")
            String login,

            @NotBlank(message = "Enter the name as it stands in reports.")
            @Size(max = 80, message = "At most 80 characters.")
            String name,

            @NotNull @Size(min = 10, max = 70, message = "A password has 10 to 70 characters.")
            String password,

            boolean lead) {}

    private final AccountStore accounts;

    ColleagueController(AccountStore accounts) {
        this.accounts = accounts;
    }

    @GetMapping
    List<Colleague> colleagues() {
        return accounts.all();
    }

    /** Adds somebody, or changes who is there with that id. */
    @PutMapping("/{id}")
    @Transactional
    public List<Colleague> put(
            @PathVariable UUID id, @Valid @RequestBody NewColleague someone, @AuthenticationPrincipal SignedIn me) {
        me.requireLead("Only the lead adds people and changes passwords.");
        if (id.equals(me.id()) && !someone.lead) {
            throw new Problem(
                    Kind.INVALID, "You stay the lead: make somebody else the lead, who can then change this.");
        }
        if (accounts.isTaken(someone.login.strip(), id)) {
            throw new Problem(Kind.INVALID, "There is somebody with this sign-in name already. Choose another.");
        }
        accounts.put(
                id,
                someone.login.strip(),
                someone.name.strip(),
                someone.password,
                (someone.lead ? Authority.LEAD : Authority.TECHNICIAN).name());
        return accounts.all();
    }
}
