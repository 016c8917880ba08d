package grimygasket.server.calls.commands;

import grimygasket.call.Head;
import grimygasket.call.Reason;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.VisitChange;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.records.Refusals;
import grimygasket.server.web.RolledBack;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Takes commands from devices. */
@RestController
class CommandController {
    private static final long LONGEST_WAIT_MILLIS = TimeUnit.DAYS.toMillis(60);

    /**
     * A command as it is sent.
     *
     * @param sentAt by the device's clock, in milliseconds since 1970, as is the command's own time
     * @param returned whether it was taken before, and is given back as the database was restored since; null for no
     */
    record Sent(
            @NotNull Command command, long sentAt, @Nullable Boolean returned) {
        /** The command by the server's clock: never of the future, and not older than anything that still waits somewhere. */
        Command at(long now) {
            // Of clocks that say nonsense the difference may not even be a number.
            double ago = (double) sentAt - command.at();
            long at = now - (long) Math.max(0, Math.min(ago, LONGEST_WAIT_MILLIS));
            return new Command(command.id(), command.call(), command.device(), command.seq(), at, command.change());
        }
    }

    private final Commands commands;
    private final Turns turns;
    private final AccountStore accounts;
    private final Clock clock;

    CommandController(Commands commands, Turns turns, AccountStore accounts, Clock clock) {
        this.commands = commands;
        this.turns = turns;
        this.accounts = accounts;
        this.clock = clock;
    }

    @PostMapping("/api/commands")
    Taken handle(@Valid @RequestBody Sent sent, @AuthenticationPrincipal SignedIn me) {
        var command = sent.at(clock.millis());
        if (goesToNobody(command)) {
            return Taken.of(refused(Reason.Kind.NOBODY).taken());
        }
        return Taken.of(turns.of(command.call(), () -> handled(command, Boolean.TRUE.equals(sent.returned), me))
                .taken());
    }

    /** One whose id is that of something else stays a duplicate, however often it is tried. */
    private Handled handled(Command command, boolean returned, SignedIn me) {
        try {
            return RolledBack.again(() -> commands.handle(command, returned, me));
        } catch (DuplicateKeyException e) {
            return refused(Reason.Kind.BORROWED_ID);
        }
    }

    /** Whether a call is given to somebody who does not work here, or not any more. */
    private boolean goesToNobody(Command command) {
        return command.change() instanceof VisitChange.Assign given
                && !given.to().equals(Head.NOBODY)
                && !accounts.works(given.to());
    }

    private static Handled refused(Reason.Kind why) {
        return new Handled(null, Optional.of(Refusals.of(CommandResult.refused(why))));
    }
}
