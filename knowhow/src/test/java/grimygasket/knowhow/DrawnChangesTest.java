package grimygasket.knowhow;

import static org.testng.Assert.assertTrue;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Head;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.call.Person;
import grimygasket.call.change.Change;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.CommandResult.Applied;
import grimygasket.call.change.Progress;
import grimygasket.call.change.SheetChange.Write;
import grimygasket.call.change.StoryChange.Settle;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.work.Competence;
import grimygasket.visit.ring.Authority;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Changes put together at random, of every kind that there is, some of them about things that no machine has: each is taken, or
 * refused in words. What is thrown is a mistake of ours, and no refusal.
 */
public class DrawnChangesTest {
    private static final long MORNING = 1_900_000_000_000L;
    private static final int CHANGES = 4000;
    /** A call of a long day. */
    private static final int OF_A_CALL = 80;
    /** So many of the kinds of change are taken at least, or nearly all that is drawn would be nonsense. */
    private static final int LEAST_KINDS = 15;

    /** Every kind, and oftener those that say the most. */
    private static final List<Class<?>> SORTS = List.of(Change.class, Change.class, Settle.class, Write.class);

    @DataProvider
    public Object[] kinds() {
        return Shipped.KINDS.toArray();
    }

    private static Knowhow knowhow(KindKnowhow known, List<String> features) {
        return new Knowhow(
                known.pack(),
                known.codes(),
                Machine.of(known.pack(), features, Map.of()),
                List.of(),
                Map.of(),
                EnumSet.allOf(Competence.class),
                Learnt.NOTHING);
    }

    private static Call begun(String kind, List<String> features) {
        var id = Drawn.SOME.get(0);
        var head = new Head(id, id, Drawn.SOME.get(1), 21_990L, 570, null, 1, null, false, null, null, 1);
        return Call.begun(head, new CallMachine(id, kind, "Corvanne", "DW", "", "", features, Map.of(), 1));
    }

    @Test(dataProvider = "kinds")
    public void everyChangeIsTakenOrRefusedInWords(String kind) {
        var known = Shipped.knowhow(kind);
        var usual = known.pack().features().stream()
                .filter(Feature::usual)
                .map(Feature::id)
                .toList();
        var knowhow = knowhow(known, usual);
        var drawn = new Drawn(new Random(41), known.pack());
        var taken = new HashSet<Class<?>>();
        var call = begun(kind, usual);
        for (int c = 0; c < CHANGES; c++) {
            if (c % OF_A_CALL == 0) {
                call = begun(kind, usual);
            }
            var change = drawn.one(drawn.any(SORTS));
            if (change.isEmpty()) {
                continue;
            }
            var by = new Person(drawn.id(), "Maren", drawn.any(List.of(Authority.values())));
            var command = new Command(
                    drawn.id(), call.head().id(), new UUID(3, 1), c, MORNING + 60_000L * c, (Change) change.get());
            var result = made(call, command, by, knowhow);
            if (result instanceof Applied applied) {
                taken.add(change.get().getClass());
                call = applied.call();
                isWhole(call, command, knowhow);
            }
        }
        assertTrue(taken.size() > LEAST_KINDS, taken.toString());
    }

    private static CommandResult made(Call call, Command command, Person by, Knowhow knowhow) {
        try {
            return command.on(call, by, knowhow);
        } catch (RuntimeException e) {
            throw new AssertionError(command.change().toString(), e);
        }
    }

    /** What was taken can be worked with. */
    private static void isWhole(Call call, Command command, Knowhow knowhow) {
        try {
            Progress.of(call, knowhow, command.at());
        } catch (RuntimeException e) {
            throw new AssertionError("after " + command.change(), e);
        }
    }
}
