package grimygasket.server.calls;

import grimygasket.call.Command;
import grimygasket.server.accounts.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Takes commands from devices. */
@RestController
class CommandController {
    /**
     * A command as it is sent.
     *
     * @param sentAt by the device's clock, in milliseconds since 1970, as is the command's own time
     */
    record Sent(@NotNull Command command, long sentAt) {
        /** The command by the server's clock, and never of the future. */
        Command at(long now) {
            long at = Math.min(now, command.at() + now - sentAt);
            return new Command(command.id(), command.call(), command.device(), command.seq(), at, command.change());
        }
    }

    private final Commands commands;
    private final Clock clock;

    CommandController(Commands commands, Clock clock) {
        this.commands = commands;
        this.clock = clock;
    }

    @PostMapping("/api/commands")
    Taken handle(@Valid @RequestBody Sent sent, @AuthenticationPrincipal SignedIn me) {
        return Taken.of(handled(sent.at(clock.millis()), me).taken());
    }

    private Handled handled(Command command, SignedIn me) {
        try {
            return commands.handle(command, me);
        } catch (DuplicateKeyException e) {
            // It came twice at once: the other one is in the log now.
            return commands.handle(command, me);
        }
    }
}
