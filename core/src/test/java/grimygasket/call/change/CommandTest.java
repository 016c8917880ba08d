package grimygasket.call.change;

import static grimygasket.call.change.CallOfTest.KNOWHOW;
import static grimygasket.call.change.CallOfTest.MAREN;
import static grimygasket.call.change.CallOfTest.MORNING;
import static grimygasket.call.change.CallOfTest.PACK;
import static grimygasket.call.change.CallOfTest.ROLLO;
import static grimygasket.call.change.CallOfTest.VALVE;
import static grimygasket.call.change.CallOfTest.after;
import static grimygasket.call.change.CallOfTest.apply;
import static grimygasket.call.change.CallOfTest.begun;
import static grimygasket.call.change.CallOfTest.settle;
import static grimygasket.call.change.CallOfTest.use;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import grimygasket.call.Entry;
import grimygasket.call.Plate;
import grimygasket.call.Reason;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.machine.Rating;
import grimygasket.units.UnitSystem;
import grimygasket.visit.PartCount.OldPart;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Condition.Stuff;
import grimygasket.visit.line.Condition.Wear;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.ProofRun;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.testng.annotations.Test;

/** What each command makes of a call, and what it refuses. */
public class CommandTest {
    private static final UUID ONE = new UUID(9, 1);
    private static final UUID TWO = new UUID(9, 2);
    private static final UUID THREE = new UUID(9, 3);

    private static Reason.Kind refused(CommandResult outcome) {
        return ((CommandResult.Refused) outcome).reason().kind();
    }

    private static Reason.Kind conflict(CommandResult outcome) {
        return ((CommandResult.Conflict) outcome).reason().kind();
    }

    private static void isSame(CommandResult outcome) {
        assertTrue(outcome instanceof CommandResult.Same, outcome.toString());
    }

    private static final SymptomSettled SMELLS = new SymptomSettled("smell", Answer.YES);
    private static final CheckMade CLOGGED = new CheckMade("look", "clogged");
    private static final CheckMade CLEAR = new CheckMade("look", "clear");

    @Test
    public void whatIsSettledStandsByTimeAndNotByArrival() {
        var call = after(begun(), MAREN, ONE, MORNING + 2000, settle(CLOGGED));
        call = after(call, ROLLO, TWO, MORNING + 1000, settle(SMELLS));
        assertEquals(call.story().stream().map(Entry::id).toList(), List.of(TWO, ONE));
        assertEquals(call.head().version(), 3);
        assertEquals(call.changes(), Map.of(MAREN.account(), 2, ROLLO.account(), 3));
    }

    @Test
    public void anotherAnswerIsAConflictUntilTheMachineWasChanged() {
        var call = after(begun(), MAREN, ONE, MORNING, settle(CLOGGED));
        var other = apply(call, ROLLO, TWO, MORNING + 2000, settle(CLEAR));
        assertEquals(conflict(other), Reason.Kind.ANSWERED);
        assertEquals(((CommandResult.Conflict) other).theirs().id(), ONE);
        // The remedy in between came later over the air, but was done before.
        call = after(call, MAREN, THREE, MORNING + 1000, settle(new RemedyTried("clean", Proved.STILL_FAILING)));
        call = after(call, ROLLO, TWO, MORNING + 2000, settle(CLEAR));
        assertEquals(call.story().size(), 3);
    }

    @Test
    public void twoWhoSawTheSameBothSawIt() {
        var call = after(begun(), MAREN, ONE, MORNING, settle(CLOGGED));
        call = after(call, ROLLO, TWO, MORNING + 1000, settle(CLOGGED));
        assertEquals(call.story().size(), 2);
        call = after(call, MAREN, THREE, MORNING + 2000, new StoryChange.TakeBack(ONE, 1));
        assertEquals(call.story().get(0).by(), "Rollo");
    }

    @Test
    public void aRemedyThatWaitsForItsProofIsDoneOnce() {
        var pending = settle(new RemedyTried("clean", Proved.PENDING));
        var call = after(begun(), MAREN, ONE, MORNING + 1000, pending);
        call = after(call, ROLLO, TWO, MORNING, pending);
        assertEquals(call.story().size(), 1);
        assertEquals(call.story().get(0).by(), "Rollo", "who did it first");
        assertEquals(call.story().get(0).version(), 2);
    }

    @Test
    public void whatTheKnowHowDoesNotHaveIsRefused() {
        var call = begun();
        assertEquals(
                refused(apply(call, MAREN, ONE, MORNING, settle(new SymptomSettled("ghost", Answer.YES)))),
                Reason.Kind.NOT_KNOWN);
        assertEquals(
                refused(apply(call, MAREN, ONE, MORNING, settle(new CheckMade("look", "purple")))),
                Reason.Kind.NO_ANSWER);
        var hums = after(call, MAREN, ONE, MORNING, settle(new SymptomSettled("hums", Answer.YES)));
        assertEquals(
                refused(apply(hums, MAREN, TWO, MORNING, settle(new SymptomSettled("silent", Answer.YES)))),
                Reason.Kind.EXCLUDED);
        assertEquals(
                refused(apply(call, MAREN, ONE, MORNING, new CautionChange.Confirm("dragons"))),
                Reason.Kind.NO_CAUTION);
        assertEquals(
                refused(apply(call, MAREN, ONE, MORNING, new ComplaintChange.Withdraw(new UUID(1, 4)))),
                Reason.Kind.LAST_COMPLAINT);
        assertEquals(refused(apply(call, MAREN, ONE, MORNING, use(0))), Reason.Kind.UNFIT);
    }

    @Test
    public void aCodeIsKeptAsItsTableWritesItAndExplainedWhenItIsJudged() {
        var call = after(begun(), MAREN, ONE, MORNING, settle(new CodeRead(" D4 ")));
        assertEquals(call.story().get(0).finding(), new CodeRead("d4"));
        assertTrue(call.findings(KNOWHOW).get(0) instanceof CodeShown);
        call = after(call, MAREN, TWO, MORNING, settle(new CodeRead("E99")));
        assertEquals(call.findings(KNOWHOW).get(1), new CodeRead("E99"));
    }

    @Test
    public void anIdIsOfOneEntryOnly() {
        var call = after(begun(), MAREN, ONE, MORNING, settle(SMELLS));
        isSame(apply(call, MAREN, ONE, MORNING, settle(SMELLS)));
        assertEquals(refused(apply(call, MAREN, ONE, MORNING, settle(CLOGGED))), Reason.Kind.BORROWED_ID);
    }

    @Test
    public void aCorrectionIsOfTheAnswerThatWasSeen() {
        var call = after(begun(), MAREN, ONE, MORNING, settle(CLOGGED));
        var corrected = after(call, ROLLO, TWO, MORNING, new StoryChange.Correct(ONE, 1, CLEAR));
        assertEquals(corrected.story().get(0).finding(), CLEAR);
        assertEquals(
                conflict(apply(corrected, MAREN, THREE, MORNING, new StoryChange.TakeBack(ONE, 1))),
                Reason.Kind.ANSWERED);
        isSame(apply(corrected, MAREN, THREE, MORNING, new StoryChange.Correct(ONE, 1, CLEAR)));
        assertEquals(
                refused(apply(call, MAREN, TWO, MORNING, new StoryChange.Correct(ONE, 1, SMELLS))),
                Reason.Kind.BORROWED_ID);
    }

    @Test
    public void aProofThatFailedBeginsAnew() {
        var call = after(begun(), MAREN, ONE, MORNING, settle(new RemedyTried("clean", Proved.PENDING)));
        call = after(
                call,
                MAREN,
                TWO,
                MORNING,
                new SheetChange.Write(TWO, null, new ProofRun("works", 1.5, null, 2, List.of(), false)));
        call = after(
                call,
                MAREN,
                THREE,
                MORNING,
                new StoryChange.Correct(ONE, 1, new RemedyTried("clean", Proved.STILL_FAILING)));
        assertEquals(call.job().proofs().get(0).what(), new ProofRun("works", 1.5, null, 0, List.of(), false));
    }

    private static Condition filter(Double before, Double after) {
        return new Condition("filter", Stuff.FOOD, before, after, Wear.DIRTY_ONLY, false, null, null);
    }

    @Test
    public void aLineTakesTheMembersThatEachChanged() {
        var call = after(begun(), MAREN, ONE, MORNING, new SheetChange.Write(ONE, null, filter(null, null)));
        call = after(call, MAREN, TWO, MORNING, new SheetChange.Write(ONE, filter(null, null), filter(0.2, null)));
        call = after(call, ROLLO, TWO, MORNING, new SheetChange.Write(ONE, filter(null, null), filter(null, 1.0)));
        assertEquals(call.job().conditions().get(0).what(), filter(0.2, 1.0));
        assertEquals(
                conflict(apply(
                        call, ROLLO, TWO, MORNING, new SheetChange.Write(ONE, filter(null, null), filter(0.5, null)))),
                Reason.Kind.CHANGED);
    }

    @Test
    public void runsThatTwoHaveSeenAddUp() {
        var none = ProofRun.none("works");
        var once = new ProofRun("works", null, null, 1, List.of(), false);
        var call = after(begun(), MAREN, ONE, MORNING, new SheetChange.Write(ONE, null, none));
        call = after(call, MAREN, TWO, MORNING, new SheetChange.Write(ONE, none, once));
        call = after(call, ROLLO, THREE, MORNING, new SheetChange.Write(ONE, none, once));
        assertEquals(call.job().proofs().get(0).what().runs(), 2);
    }

    @Test
    public void theOnlyLineAboutSomethingIsOfWhoeverWroteItFirst() {
        var call = after(begun(), MAREN, ONE, MORNING + 1, new SheetChange.Write(ONE, null, filter(0.2, null)));
        var both = after(call, ROLLO, TWO, MORNING, new SheetChange.Write(TWO, null, filter(0.2, null)));
        assertEquals(both.lines().size(), 1);
        assertEquals(both.lines().get(0).id(), TWO);
        assertEquals(
                conflict(apply(call, ROLLO, TWO, MORNING, new SheetChange.Write(TWO, null, filter(0.9, null)))),
                Reason.Kind.CHANGED);
        assertEquals(
                refused(apply(
                        call,
                        ROLLO,
                        TWO,
                        MORNING,
                        new SheetChange.Write(ONE, null, new Found("spoon", 1, Found.Fate.KEPT, null)))),
                Reason.Kind.ABOUT_ELSE);
        assertEquals(
                refused(apply(
                        begun(),
                        ROLLO,
                        TWO,
                        MORNING,
                        new SheetChange.Write(TWO, filter(0.2, null), filter(0.9, null)))),
                Reason.Kind.TAKEN_BACK);
    }

    @Test
    public void aPhotoGoesWithItsLine() {
        assertEquals(
                refused(apply(begun(), MAREN, TWO, MORNING, new SheetChange.AddPhoto(TWO, ONE))),
                Reason.Kind.TAKEN_BACK);
        var call = after(begun(), MAREN, ONE, MORNING, new SheetChange.Write(ONE, null, filter(null, null)));
        call = after(call, MAREN, TWO, MORNING, new SheetChange.AddPhoto(TWO, ONE));
        assertEquals(call.photos().size(), 1);
        assertEquals(
                after(call, MAREN, THREE, MORNING, new SheetChange.Strike(ONE, 1))
                        .photos(),
                List.of());
    }

    @Test
    public void partsAreCountedWhateverTheVanHolds() {
        var call = after(begun(), MAREN, ONE, MORNING, use(99));
        isSame(apply(call, MAREN, ONE, MORNING, use(99)));
        var described = after(
                call, MAREN, TWO, MORNING, new PartChange.DescribePart(ONE, "", OldPart.UNSAID, "S-1", OldPart.UNSAID));
        var binned = after(
                described,
                ROLLO,
                THREE,
                MORNING,
                new PartChange.DescribePart(ONE, "", OldPart.UNSAID, "", OldPart.BINNED));
        assertEquals(binned.parts().get(0).serial(), "S-1", "what the other noted stays");
        assertEquals(binned.parts().get(0).oldPart(), OldPart.BINNED);
        assertEquals(
                conflict(apply(
                        binned,
                        MAREN,
                        TWO,
                        MORNING,
                        new PartChange.DescribePart(ONE, "", OldPart.UNSAID, "", OldPart.TAKEN_ALONG))),
                Reason.Kind.CHANGED);
        assertEquals(binned.parts().get(0).partId(), VALVE);
        assertEquals(
                after(binned, MAREN, TWO, MORNING, new PartChange.PutBack(ONE)).parts(), List.of());
    }

    @Test
    public void thePlateIsReadInUnitsAndNotWrittenOver() {
        var metric = new MachineChange.Rate(Map.of(Rating.DRAIN_LIFT, "0.9"), UnitSystem.METRIC, Map.of());
        var call = after(begun(), MAREN, ONE, MORNING, metric);
        assertEquals(call.machine().ratings(), Map.of(Rating.DRAIN_LIFT, 0.9));
        isSame(apply(call, ROLLO, TWO, MORNING, metric));
        var other = new MachineChange.Rate(Map.of(Rating.DRAIN_LIFT, "1.1"), UnitSystem.METRIC, Map.of());
        assertEquals(conflict(apply(call, ROLLO, TWO, MORNING, other)), Reason.Kind.CHANGED);
        var wide = new MachineChange.Rate(Map.of(Rating.HOSE_BORE, "wide"), UnitSystem.METRIC, Map.of());
        var refused = (CommandResult.Refused) apply(call, ROLLO, TWO, MORNING, wide);
        assertEquals(refused.fields().keySet(), java.util.Set.of("HOSE_BORE"));
    }

    @Test
    public void aCallIsMovedFromWhereItWasSeen() {
        var call = after(begun(), MAREN, ONE, MORNING, new VisitChange.Move(20_000, 570, 20_001, 600, null));
        isSame(apply(call, ROLLO, TWO, MORNING, new VisitChange.Move(20_000, 570, 20_001, 600, null)));
        assertEquals(
                conflict(apply(call, ROLLO, TWO, MORNING, new VisitChange.Move(20_000, 570, 20_002, 600, null))),
                Reason.Kind.CHANGED);
        assertEquals(
                refused(apply(call, ROLLO, TWO, MORNING, new VisitChange.Move(20_001, 600, 20_002, 1440, null))),
                Reason.Kind.UNFIT);
        for (long far : new long[] {30_000, 0, Long.MAX_VALUE, Long.MIN_VALUE}) {
            assertEquals(
                    refused(apply(call, ROLLO, TWO, MORNING, new VisitChange.Move(20_001, 600, far, 600, null))),
                    Reason.Kind.FAR_DAY);
        }
    }

    @Test
    public void aCallIsGivenToSomebodyElseByItsOwnOrTheLead() {
        var mine = begun().head().accountId();
        var rollos = new VisitChange.Assign(mine, ROLLO.account());
        var call = after(begun(), MAREN, ONE, MORNING, rollos);
        assertEquals(call.head().accountId(), ROLLO.account());
        isSame(apply(call, MAREN, TWO, MORNING, rollos));
        var third = new UUID(2, 3);
        assertEquals(
                conflict(apply(call, MAREN, TWO, MORNING, new VisitChange.Assign(mine, third))), Reason.Kind.CHANGED);
        var given = after(call, ROLLO, TWO, MORNING, new VisitChange.Assign(ROLLO.account(), third));
        assertEquals(
                refused(apply(given, ROLLO, THREE, MORNING, new VisitChange.Assign(third, ROLLO.account()))),
                Reason.Kind.NOT_YOURS);
    }

    @Test
    public void onlyACallOnWhichNothingWasDoneIsCancelled() {
        assertEquals(refused(apply(begun(), ROLLO, ONE, MORNING, new VisitChange.Cancel(" "))), Reason.Kind.NO_REASON);
        var seen = after(begun(), ROLLO, ONE, MORNING, settle(SMELLS));
        assertEquals(
                refused(apply(seen, ROLLO, TWO, MORNING, new VisitChange.Cancel("Entered twice"))),
                Reason.Kind.UNDER_WAY);
        var cancelled = after(begun(), ROLLO, ONE, MORNING, new VisitChange.Cancel("Entered twice"));
        assertTrue(cancelled.head().closing().cancelled());
        assertEquals(refused(apply(cancelled, ROLLO, TWO, MORNING, settle(SMELLS))), Reason.Kind.CLOSED);
        assertNull(after(cancelled, ROLLO, TWO, MORNING, new VisitChange.Reopen())
                .head()
                .closing());
    }

    @Test
    public void whatAPlateSaysIsPutRightFromWhatWasSeen() {
        var was = begun().machine().plate();
        var read = new Plate(" Corvanne ", "DW-610", "2114-0937", "Kitchen");
        var call = after(begun(), MAREN, ONE, MORNING, new MachineChange.Describe(read, was));
        assertEquals(call.machine().plate(), new Plate("Corvanne", "DW-610", "2114-0937", "Kitchen"));
        isSame(apply(call, ROLLO, TWO, MORNING, new MachineChange.Describe(read, was)));
        var other = new Plate("Corvanne", "DW-620", "", "");
        assertEquals(
                conflict(apply(call, ROLLO, TWO, MORNING, new MachineChange.Describe(other, was))),
                Reason.Kind.CHANGED);
        var nameless = new MachineChange.Describe(
                new Plate(" ", "", "x".repeat(61), ""), call.machine().plate());
        var refused = (CommandResult.Refused) apply(call, ROLLO, TWO, MORNING, nameless);
        assertEquals(refused.fields().keySet(), java.util.Set.of("maker", "serial"));
    }

    @Test
    public void aCallIsClosedByWhoeverHasSeenAllOfIt() {
        var call = after(begun(), ROLLO, ONE, MORNING, settle(SMELLS));
        assertEquals(refused(apply(call, MAREN, TWO, MORNING, new VisitChange.Close(1, " ", ""))), Reason.Kind.GAPS);
        assertEquals(
                conflict(apply(call, MAREN, TWO, MORNING, new VisitChange.Close(1, "No time", ""))),
                Reason.Kind.MOVED_ON);
        var closed = after(call, ROLLO, TWO, MORNING, new VisitChange.Close(1, "No time", "Scrape"));
        assertEquals(closed.head().closing().signOff(), "No time");
        assertEquals(refused(apply(closed, MAREN, THREE, MORNING, settle(CLOGGED))), Reason.Kind.CLOSED);
        var open = after(closed, MAREN, THREE, MORNING, new VisitChange.Reopen());
        assertNull(open.head().closing());
        assertEquals(open.head().advice(), "Scrape", "what was advised is kept");
    }

    @Test
    public void aCautionThatTwoConfirmedStaysWhenOneTakesTheirsBack() {
        var call = after(begun(), MAREN, ONE, MORNING, new CautionChange.Confirm("shock"));
        call = after(call, ROLLO, TWO, MORNING, new CautionChange.Confirm("shock"));
        call = after(call, MAREN, THREE, MORNING, new CautionChange.Unconfirm(ONE));
        assertEquals(call.cautions().get(0).by(), "Rollo");
        isSame(apply(call, MAREN, THREE, MORNING, new CautionChange.Unconfirm(ONE)));
        assertEquals(PACK.cautions().size(), 2);
    }
}
