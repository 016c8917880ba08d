package grimygasket.call.change;

import static grimygasket.call.change.CallOfTest.CALL;
import static grimygasket.call.change.CallOfTest.MAREN;
import static grimygasket.call.change.CallOfTest.MORNING;
import static grimygasket.call.change.CallOfTest.settle;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.call.Call;
import grimygasket.call.Entry;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.call.Reason;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.evidence.Alarm;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Competence;
import grimygasket.state.CallState;
import grimygasket.state.MachineNow;
import grimygasket.state.MachineNow.Stored;
import grimygasket.state.MachineNow.Supply;
import grimygasket.state.Viewer;
import grimygasket.units.UnitSystem;
import grimygasket.visit.line.Debt;
import grimygasket.visit.ring.Authority;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.testng.annotations.Test;

/** What gives a machine power is taken only while it may have it, as things stood when it was done. */
public class PoweredTest {
    private static final Knowhow KNOWHOW = new Knowhow(
            new Packs()
                    .exposing("cover", null, 2, 2)
                    .caution("stop")
                    .caution(new Caution("scald", "Scald", "Wait.", null, Hazard.HEAT, List.of(), List.of()))
                    .fault("earth", 0.01)
                    .fault("jam", 0.05)
                    .symptom(new Symptom(
                            "burns",
                            "Burns",
                            "Does it burn?",
                            1,
                            0.003,
                            Map.of("earth", 0.9),
                            true,
                            List.of(),
                            List.of(),
                            new Alarm("stop", List.of("insulation"), "works"),
                            List.of()))
                    .symptom(new Symptom(
                            "gas",
                            "Gas",
                            "Does it smell of gas?",
                            1,
                            0.003,
                            Map.of(),
                            true,
                            List.of(),
                            List.of(),
                            new Alarm("stop", List.of(), null),
                            List.of()))
                    .check("insulation", "cover", 2, Packs.outcome("low", 0.01, Map.of("earth", 0.9)), sound())
                    .check(running())
                    .remedy("free", "cover", 5, null, Map.of("jam", 0.9))
                    .build(),
            List.of(),
            Packs.MACHINE,
            List.of(),
            Map.of(),
            EnumSet.allOf(Competence.class),
            Learnt.NOTHING);

    private static final Finding RUN = new CheckMade("run", "hums");
    private static final Finding ALARM = new SymptomSettled("burns", Answer.YES);

    private static Outcome sound() {
        return Packs.outcome("sound", 0, Map.of());
    }

    private static Check running() {
        return new Check(
                "run",
                "run",
                null,
                1,
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of(),
                List.of(),
                List.of(Packs.outcome("hums", 0.01, Map.of("jam", 0.9)), sound()),
                null,
                null,
                null,
                List.of(),
                Power.LIVE,
                List.of(),
                null);
    }

    private static CommandResult apply(Call call, int minute, Change change) {
        var command = new Command(new UUID(9, minute), CALL, MAREN.account(), 1, MORNING + 60_000L * minute, change);
        return command.on(call, MAREN, KNOWHOW);
    }

    private static Call after(Call call, int minute, Change change) {
        return ((CommandResult.Applied) apply(call, minute, change)).call();
    }

    private static Reason.Kind refused(Call call, int minute, Change change) {
        return ((CommandResult.Refused) apply(call, minute, change)).reason().kind();
    }

    private static Supply supply(Call call, int minute) {
        return now(call, minute).supply();
    }

    private static MachineNow now(Call call, int minute) {
        var assessment = call.assessment(KNOWHOW, Packs.VAN);
        var viewer = new Viewer(Authority.LEAD, UnitSystem.METRIC);
        return CallState.of(call, KNOWHOW, assessment, viewer, MORNING + 60_000L * minute, at -> 0)
                .now();
    }

    @Test
    public void nothingRunsAfterAnAlarmThatWasToldBefore() {
        var told = after(CallOfTest.begun(), 2, settle(ALARM));
        assertEquals(refused(told, 3, settle(RUN)), Reason.Kind.NO_POWER);
        assertTrue(apply(told, 1, settle(RUN)) instanceof CommandResult.Applied, "made before it, sent after it");
        var cleared = after(told, 3, settle(new CheckMade("insulation", "sound")));
        assertTrue(apply(cleared, 4, settle(RUN)) instanceof CommandResult.Applied);
    }

    @Test
    public void aWrongAnswerFromBeforeTheAlarmIsPutRightAfterIt() {
        var run = after(CallOfTest.begun(), 1, settle(RUN));
        var told = after(run, 2, settle(ALARM));
        var wrong = told.entry(new UUID(9, 1)).orElseThrow();
        var right = new StoryChange.Correct(wrong.id(), wrong.version(), new CheckMade("run", "sound"));
        assertTrue(apply(told, 3, right) instanceof CommandResult.Applied);
    }

    @Test
    public void nothingIsProvedWhileItsCoverIsOff() {
        var done = after(CallOfTest.begun(), 1, settle(new RemedyTried("free", Proved.PENDING)));
        var open = after(done, 2, new SheetChange.LayDown(Map.of("cover-cover", new UUID(8, 1))));
        var entry = open.entry(new UUID(9, 1)).orElseThrow();
        assertEquals(refused(open, 3, correct(entry, Proved.CURED)), Reason.Kind.IN_THE_WAY);
        assertTrue(apply(open, 3, correct(entry, Proved.STILL_FAILING)) instanceof CommandResult.Applied);
    }

    private static Change correct(Entry entry, Proved proved) {
        return new StoryChange.Correct(entry.id(), entry.version(), new RemedyTried("free", proved));
    }

    @Test
    public void whereNothingOfOursClearsAnAlarmNoCheckOfAnotherIsNamed() {
        var told = after(CallOfTest.begun(), 1, settle(ALARM));
        var gas = after(told, 2, settle(new SymptomSettled("gas", Answer.YES)));
        var refusal = (CommandResult.Refused) apply(gas, 3, settle(RUN));
        assertEquals(refusal.reason().about(), List.of());
    }

    @Test
    public void itsPowerIsAsItWasLastSaidToBe() {
        var call = CallOfTest.begun();
        assertEquals(supply(call, 0), Supply.LIVE, "nobody has said anything");
        call = after(call, 1, new CautionChange.Confirm("shock"));
        assertEquals(supply(call, 1), Supply.ISOLATED);
        call = after(call, 2, settle(RUN));
        assertEquals(supply(call, 2), Supply.LIVE);
        call = after(call, 3, new SheetChange.Write(new UUID(8, 2), null, new Debt(Debt.Kind.POWER_OFF, "", false)));
        assertEquals(supply(call, 3), Supply.ISOLATED);
        call = after(call, 4, new SheetChange.Write(new UUID(8, 3), null, new Debt(Debt.Kind.POWER_OFF, "", true)));
        assertEquals(supply(call, 4), Supply.LIVE);
        call = after(call, 5, settle(ALARM));
        assertEquals(supply(call, 5), Supply.QUARANTINED);
    }

    @Test
    public void whatWasProvedHasHadPower() {
        for (var proved : List.of(Proved.STILL_FAILING, Proved.PARTLY, Proved.CURED)) {
            var call = after(CallOfTest.begun(), 1, new CautionChange.Confirm("shock"));
            call = after(call, 2, settle(new RemedyTried("free", Proved.PENDING)));
            assertEquals(supply(call, 2), Supply.ISOLATED);
            call = after(call, 9, correct(call.entry(new UUID(9, 2)).orElseThrow(), proved));
            assertEquals(supply(call, 9), Supply.LIVE, proved + ": it ran for the proof");
            call = after(call, 10, new CautionChange.Confirm("shock"));
            assertEquals(supply(call, 10), Supply.ISOLATED);
        }
    }

    @Test
    public void aChargeStaysUntilSomebodyHasSeenToItAndComesBackWithARun() {
        var call = after(CallOfTest.begun(), 1, new CautionChange.Confirm("shock"));
        assertEquals(now(call, 1).stored(), Stored.GUARDED);
        call = after(call, 2, new SheetChange.LayDown(Map.of("cover-cover", new UUID(8, 1))));
        assertEquals(now(call, 2).stored(), Stored.PRESENT);
        call = after(call, 3, new CautionChange.Confirm("charge"));
        assertEquals(now(call, 3).stored(), Stored.RELEASED);
        call = after(call, 4, new SheetChange.Write(new UUID(8, 2), null, new Debt(Debt.Kind.POWER_OFF, "", true)));
        assertEquals(now(call, 4).stored(), Stored.PRESENT, "it has had power since");
        assertTrue(now(call, 4).lapsed().contains("charge"));
    }

    @Test
    public void whatWasTakenCareOfDoesNotHoldOnceItHasRun() {
        var call = CallOfTest.begun();
        call = after(call, 1, new CautionChange.Confirm("shock"));
        call = after(call, 2, new CautionChange.Confirm("scald"));
        call = after(call, 3, new CautionChange.Confirm("stop"));
        assertEquals(now(call, 3).lapsed(), List.of());
        call = after(call, 4, settle(RUN));
        assertEquals(Set.copyOf(now(call, 4).lapsed()), Set.of("shock", "scald"), "it has power, and is hot");
        call = after(call, 5, settle(new CheckMade("insulation", "sound")));
        assertEquals(now(call, 5).lapsed(), List.of("scald"), "made without power");
        call = after(call, 6, new CautionChange.Confirm("scald"));
        assertEquals(now(call, 6).lapsed(), List.of());
    }
}
