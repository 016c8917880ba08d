package grimygasket.server.calls.commands;

import grimygasket.call.change.Change;
import grimygasket.call.change.Command;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.devices.Devices;
import grimygasket.server.calls.commands.LeftBehind.Left;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.SealedTypes;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What somebody who was locked out, or whose device was lost, had not sent: the lead takes it or leaves it. */
@RestController
@RequestMapping("/api/left-behind")
class LeftBehindController {
    record LeftCommands(@NotNull @Size(max = 1000) List<@Valid @NotNull Command> commands) {}

    /**
     * @param kind of the change
     * @param at when it was done, as its device says, in milliseconds since 1970
     */
    record LeftView(
            UUID id,
            String by,
            long at,
            UUID call,
            @Nullable String customer,
            String kind,
            Change change) {
        static LeftView of(Left left) {
            var command = left.command();
            return new LeftView(
                    left.id(),
                    left.by(),
                    command.at(),
                    command.call(),
                    left.customer(),
                    SealedTypes.name(command.change().getClass()),
                    command.change());
        }
    }

    private final LeftBehind left;
    private final Commands commands;
    private final AccountStore accounts;
    private final Devices devices;

    LeftBehindController(LeftBehind left, Commands commands, AccountStore accounts, Devices devices) {
        this.left = left;
        this.commands = commands;
        this.accounts = accounts;
        this.devices = devices;
    }

    /** From a device that has just been told that it is lost; it has no session any more, and is known by its secret. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void leave(@Valid @RequestBody LeftCommands waiting, HttpServletRequest request) {
        var device = devices.lost(request).orElseThrow(() -> new Problem(Kind.SIGN_IN_NEEDED, "Sign in to go on."));
        left.add(device.id(), device.account(), waiting.commands);
    }

    @GetMapping
    List<LeftView> all() {
        return left.all().stream().map(LeftView::of).toList();
    }

    /** Does it, as of whoever did it; that the lead took it stands in the trail. */
    @PostMapping("/{id}")
    @Transactional
    public List<LeftView> take(@PathVariable UUID id) {
        var one = find(id);
        commands.take(one.command(), false, accounts.technician(one.account()));
        left.remove(id);
        return all();
    }

    /** It is not done. */
    @DeleteMapping("/{id}")
    List<LeftView> drop(@PathVariable UUID id) {
        left.remove(find(id).id());
        return all();
    }

    private Left find(UUID id) {
        return left.find(id).orElseThrow(() -> new Problem(Kind.NOT_FOUND, "Somebody has decided on this meanwhile."));
    }
}
