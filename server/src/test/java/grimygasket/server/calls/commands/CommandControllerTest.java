package grimygasket.server.calls.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import grimygasket.call.change.CautionChange.Confirm;
import grimygasket.call.change.Command;
import grimygasket.server.accounts.SignedIn;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.CannotAcquireLockException;
import org.testng.annotations.Test;

public class CommandControllerTest {
    private static final Command COMMAND =
            new Command(UUID.randomUUID(), UUID.randomUUID(), UUID.randomUUID(), 1, 0, new Confirm("unplugged"));

    /** As often as said the database gives it up for another's sake. */
    private static final class GivenUp extends Commands {
        private final int times;
        private int tried;

        GivenUp(int times) {
            super(null, null, null, null, null, null, null, List.of(), Clock.systemUTC());
            this.times = times;
        }

        @Override
        public Handled handle(Command command, boolean returned, SignedIn me) {
            if (++tried <= times) {
                throw new CannotAcquireLockException(
                        "Deadlock found when trying to get lock; try restarting transaction");
            }
            throw new IllegalStateException("taken at try " + tried);
        }
    }

    private static String outcome(int times) {
        var controller = new CommandController(new GivenUp(times), new Turns(), null, Clock.systemUTC());
        return expectThrows(
                        RuntimeException.class,
                        () -> controller.handle(
                                new CommandController.Sent(COMMAND, System.currentTimeMillis(), null), null))
                .getMessage();
    }

    @Test
    public void whatTheDatabaseGaveUpIsTriedAgain() {
        assertEquals(outcome(0), "taken at try 1");
        assertEquals(outcome(2), "taken at try 3");
        assertEquals(outcome(99), "Deadlock found when trying to get lock; try restarting transaction");
    }
}
