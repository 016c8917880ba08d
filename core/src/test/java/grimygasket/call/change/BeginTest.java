package grimygasket.call.change;

import static grimygasket.call.change.CallOfTest.MAREN;
import static grimygasket.call.change.CallOfTest.MORNING;
import static grimygasket.call.change.CallOfTest.PACK;
import static grimygasket.call.change.CallOfTest.command;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.call.CallMachine;
import grimygasket.call.Reason;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.testng.annotations.Test;

public class BeginTest {
    private static final UUID ONE = new UUID(9, 1);
    private static final Customer TESS = new Customer(new UUID(4, 1), "Tess Orrin", "2 Weir Lane", "");

    private static CallMachine machine(String maker, String... features) {
        return new CallMachine(new UUID(4, 2), "kind", maker, "DW", "", "", List.of(features), Map.of(), 0);
    }

    private static CommandResult begun(Begin begin) {
        return begin.begun(command(ONE, MORNING, begin), MAREN, PACK, 7);
    }

    private static Begin begin(boolean upkeep, Integer plannedAt, String complaint, Customer customer, CallMachine on) {
        return new Begin(null, null, upkeep, null, 20_000L, plannedAt, null, complaint, customer, on);
    }

    @Test
    public void aCallBeginsOnTheRoundOfWhoeverMadeIt() {
        var begin = begin(false, 570, " Hums ", TESS, machine(" Corvanne "));
        var call = ((CommandResult.Applied) begun(begin)).call();
        assertEquals(call.head().accountId(), MAREN.account());
        assertEquals(call.head().visitId(), call.head().id(), "a visit of its own");
        assertEquals(call.head().revision(), 7);
        assertEquals(call.complaint(), "Hums");
        assertEquals(call.machine().maker(), "Corvanne");
        assertEquals(call.machine().version(), 1);
        assertTrue(CallOfTest.apply(call, MAREN, ONE, MORNING, begin) instanceof CommandResult.Same, "it has begun");
    }

    @Test
    public void allThatIsMissingIsNamedAtOnce() {
        var nobody = new Customer(TESS.id(), " ", "s".repeat(121), "");
        var refused = (CommandResult.Refused)
                begun(new Begin(null, null, false, null, null, null, null, "", nobody, machine("")));
        assertEquals(
                refused.fields().keySet(),
                Set.of("day", "plannedAt", "complaint", "customer.name", "customer.street", "machine.maker"));
        assertEquals(refused.fields().get("customer.street"), Reason.of(Reason.Kind.TOO_LONG, "120"));
    }

    @Test
    public void upkeepNeedsNoComplaint() {
        var call = ((CommandResult.Applied) begun(begin(true, 570, "", TESS, machine("Corvanne")))).call();
        assertEquals(call.complaints(), List.of());
    }

    @Test
    public void whatCannotBeIsRefused() {
        var winged = (CommandResult.Refused) begun(begin(false, 570, "Hums", TESS, machine("Corvanne", "wings")));
        assertEquals(winged.reason().kind(), Reason.Kind.FEATURES);
        var never = (CommandResult.Refused) begun(begin(false, 24 * 60, "Hums", TESS, machine("Corvanne")));
        assertEquals(never.reason().kind(), Reason.Kind.UNFIT);
    }
}
