package grimygasket.knowhow;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Confirmed;
import grimygasket.call.Head;
import grimygasket.call.JobSheet;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.call.Person;
import grimygasket.call.change.CautionChange;
import grimygasket.call.change.Change;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.SheetChange;
import grimygasket.call.change.StoryChange;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.Ways;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Needs;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.WayIn;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Competence;
import grimygasket.state.CallState;
import grimygasket.state.MachineNow;
import grimygasket.state.MachineNow.Stored;
import grimygasket.state.MachineNow.Supply;
import grimygasket.state.Viewer;
import grimygasket.units.UnitSystem;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.ring.Authority;
import grimygasket.visit.ring.Gap;
import grimygasket.visit.ring.Stage;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Walks through a call as people might, on a machine that opens in one of its ways: answers what is asked, tells alarms at any time, opens, lays down, forgets to put back, and tries
 * what is not offered. In every state everything that is shown, and all that is taken, is held against what must never be.
 */
final class Exploration {
    private static final UUID CALL = new UUID(1, 1);
    private static final Person MAREN = new Person(new UUID(2, 1), "Maren", Authority.LEAD);
    private static final Viewer VIEWER = new Viewer(Authority.LEAD, UnitSystem.METRIC);
    private static final long MORNING = 1_900_000_000_000L;
    private static final int DEPTH = 14;
    private static final Set<Hazard> CUT_OFF = Set.of(Hazard.POWER, Hazard.BATTERY);

    private final PowerTable table;
    private final Pack pack;
    private final Machine machine;
    private final Knowhow knowhow;
    private final Van van;
    private final Random random;
    private final Set<String> broken = new LinkedHashSet<>();
    private int states;
    private Call call;
    private long at;

    /** By alarm that was told, the looks that have found nothing since; kept apart from what the core makes of it. */
    private final Map<String, Set<String>> told = new HashMap<>();

    /** Whether somebody has seen to what stays after power is cut off, and it has not run since; kept apart, too. */
    private boolean released;

    /** Whether it had power last; not known where nobody has said anything. */
    private Boolean powered;

    Exploration(PowerTable table, Pack described, Set<String> features, long seed) {
        this.table = table;
        random = new Random(seed);
        pack = Ways.taken(
                described,
                described.ways().stream()
                        .collect(Collectors.toMap(
                                WayIn::id, way -> one(way.choices()).id())),
                Map.of());
        machine = Machine.of(pack, features, Map.of());
        var held = Arrays.stream(Competence.values())
                .filter(one -> random.nextBoolean())
                .collect(Collectors.toSet());
        knowhow = new Knowhow(pack, List.of(), machine, List.of(), Map.of(), held, Learnt.NOTHING);
        van = new Van(60, 60, Map.of(), Set.of(), true, held);
    }

    /** What must never be, and was. */
    Set<String> broken() {
        return broken;
    }

    int states() {
        return states;
    }

    void walk() {
        begin();
        for (int step = 0; step < DEPTH && broken.isEmpty(); step++) {
            var assessment = call.assessment(knowhow, van);
            var state = CallState.of(call, knowhow, assessment, VIEWER, at, at -> 0);
            states++;
            hold(state, assessment.plan());
            broken.addAll(new TrueReasons(pack, machine, assessment).lies());
            holdAdvice(assessment.plan());
            tryForbidden();
            act(assessment.plan());
        }
    }

    private void begin() {
        var head = new Head(CALL, CALL, MAREN.account(), 20_000, 570, null, 1, null, false, null, null, 1);
        var machine = new CallMachine(new UUID(1, 3), pack.id(), "Corvanne", "X", "", "", List.of(), Map.of(), 1);
        call = Call.begun(head, machine)
                .complainedOf(new Complaint(new UUID(1, 4), MORNING - 1000, "It does not work"));
        at = MORNING;
        told.clear();
        released = false;
        powered = null;
        var complaints = pack.symptoms().stream()
                .filter(symptom -> symptom.complaint() && meets(symptom.needs()))
                .toList();
        settle(new SymptomSettled(one(complaints).id(), Answer.YES, true));
    }

    private boolean meets(List<String> needs) {
        return Needs.met(needs, machine.traits());
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    // What people do.

    private void act(Plan plan) {
        at += 1000 + random.nextInt(600_000);
        int what = random.nextInt(16);
        if (what == 0) {
            settle(new SymptomSettled(one(possibleAlarms()), Answer.YES));
        } else if (what == 1 && plan.next() != null) {
            putBack();
        } else if (plan.next() != null) {
            var shown = plan.steps();
            take(what < 11 ? plan.next() : shown.get(random.nextInt(shown.size())), plan);
        }
    }

    private List<String> possibleAlarms() {
        return table.alarms().stream()
                .filter(alarm -> meets(pack.symptom(alarm).needs()))
                .toList();
    }

    private void take(Step step, Plan plan) {
        switch (step.kind()) {
            case STOP -> apply(new CautionChange.Confirm(step.id()));
            case ASK -> ask(step.id());
            case FACT ->
                settle(new FactKnown(
                        step.id(), one(pack.fact(step.id()).choices()).id()));
            case CHECK -> {
                takeCare(step);
                open(pack.check(step.id()).layer());
                settle(new CheckMade(
                        step.id(), one(pack.check(step.id()).outcomes()).id()));
            }
            case REMEDY -> {
                takeCare(step);
                open(pack.remedy(step.id()).layer());
                settle(new RemedyTried(step.id(), Proved.PENDING));
            }
            case PROVE -> prove();
            case REFER -> {
                // Somebody goes on all the same.
                var others = plan.steps();
                var other = others.get(random.nextInt(others.size()));
                if (other.kind() != Step.Kind.REFER) {
                    take(other, plan);
                }
            }
        }
    }

    /** Confirms the cautions of a step, mostly. */
    private void takeCare(Step step) {
        for (var caution : cautions(step)) {
            if (random.nextInt(3) > 0 && apply(new CautionChange.Confirm(caution.id()))) {
                released |= holdsCharge(caution.id());
                powered = CUT_OFF.contains(caution.hazard()) ? Boolean.FALSE : powered;
            }
        }
    }

    private List<Caution> cautions(Step step) {
        return step.kind() == Step.Kind.CHECK
                ? pack.cautions(pack.check(step.id()), machine.traits())
                : pack.cautions(pack.remedy(step.id()), machine.traits());
    }

    /** What somebody has done gave the machine power, took it, or neither. */
    private void has(Power power) {
        if (power == Power.LIVE) {
            powered = true;
            released = false;
        } else if (power == Power.DEAD) {
            powered = false;
        }
    }

    private void ask(String id) {
        pack.exclusive().stream()
                .filter(question -> question.id().equals(id))
                .findFirst()
                .ifPresentOrElse(
                        question -> settle(new SymptomSettled(one(question.symptoms()), Answer.YES)),
                        () -> settle(new SymptomSettled(id, random.nextBoolean() ? Answer.YES : Answer.NO)));
    }

    private void prove() {
        if (random.nextInt(3) > 0) {
            putBack();
        }
        var pending = call.story().stream()
                .filter(entry -> entry.finding() instanceof RemedyTried tried && tried.proved() == Proved.PENDING)
                .reduce((first, second) -> second)
                .orElseThrow();
        var remedy = ((RemedyTried) pending.finding()).remedy();
        var proved = random.nextBoolean() ? Proved.CURED : Proved.STILL_FAILING;
        if (apply(new StoryChange.Correct(pending.id(), pending.version(), new RemedyTried(remedy, proved)))) {
            has(pack.proof(pack.remedy(remedy).proof()).power());
        }
    }

    /** Lays down what comes off, mostly. */
    private void open(String layer) {
        if (layer == null || random.nextInt(4) == 0) {
            return;
        }
        var lines = new HashMap<String, UUID>();
        pack.chain(layer).stream()
                .flatMap(one -> one.pieces().stream())
                .filter(piece -> meets(piece.needs()) && (!piece.optional() || random.nextBoolean()))
                .forEach(piece -> lines.put(piece.id(), id()));
        apply(new SheetChange.LayDown(lines));
    }

    private void putBack() {
        for (var line : List.copyOf(call.job().pieces())) {
            var laid = line.what();
            if (laid.place() == Laid.Place.TRAY) {
                apply(new SheetChange.Write(
                        line.id(),
                        laid,
                        new Laid(
                                laid.id(),
                                laid.name(),
                                laid.layer(),
                                laid.piece(),
                                laid.screws(),
                                laid.turn(),
                                laid.clips(),
                                laid.orientation(),
                                laid.joint(),
                                laid.lastIn(),
                                laid.confirm(),
                                0,
                                Laid.Place.BACK,
                                laid.confirm(),
                                null)));
            }
        }
    }

    private UUID id() {
        return new UUID(random.nextLong(), random.nextLong());
    }

    private boolean settle(Finding finding) {
        if (!apply(new StoryChange.Settle(finding))) {
            return false;
        }
        if (finding instanceof SymptomSettled said && said.answer() == Answer.YES && table.isAlarm(said.symptom())) {
            told.put(said.symptom(), new HashSet<>());
        } else if (finding instanceof CheckMade made) {
            has(pack.check(made.check()).power());
            var outcomes = pack.check(made.check()).outcomes();
            boolean clean = outcomes.get(outcomes.size() - 1).id().equals(made.outcome());
            told.values().forEach(seen -> {
                if (clean) {
                    seen.add(made.check());
                } else {
                    seen.remove(made.check());
                }
            });
        } else if (finding instanceof RemedyTried tried) {
            has(pack.remedy(tried.remedy()).power());
            // Whatever is done about what a look shows, it is looked at again.
            for (var alarm : told.entrySet()) {
                table.looks(alarm.getKey()).stream()
                        .filter(look -> isFor(tried.remedy(), look))
                        .forEach(alarm.getValue()::remove);
            }
        }
        return true;
    }

    private boolean isFor(String remedy, String look) {
        var shown = pack.check(look).outcomes().stream()
                .flatMap(outcome -> pack.strengths(outcome).keySet().stream())
                .collect(Collectors.toSet());
        return pack.remedy(remedy).cures().entrySet().stream()
                .anyMatch(cure -> cure.getValue() >= 0.3 && shown.contains(cure.getKey()));
    }

    private boolean apply(Change change) {
        // What one touch lays down is written a millisecond apart, and nobody is that quick.
        at += 100;
        var result = new Command(id(), CALL, MAREN.account(), 1, at, change).on(call, MAREN, knowhow);
        if (result instanceof CommandResult.Applied applied) {
            call = applied.call();
            return true;
        }
        return false;
    }

    // What must never be.

    private boolean isQuarantined() {
        return told.entrySet().stream().anyMatch(alarm -> {
            var looks = table.looks(alarm.getKey()).stream()
                    .filter(look -> meets(pack.check(look).needs()))
                    .toList();
            return looks.isEmpty() || !alarm.getValue().containsAll(looks);
        });
    }

    private boolean isForGood() {
        return told.keySet().stream().anyMatch(alarm -> table.looks(alarm).isEmpty());
    }

    /** Names of the covers that lie on the tray, of layers that expose something and may not be open. */
    private List<String> coversOff(Set<String> mayBeOff) {
        return JobSheet.said(call.job().pieces()).stream()
                .filter(laid -> laid.place() != Laid.Place.BACK && laid.layer() != null)
                .filter(laid -> table.exposes(laid.layer()) && !mayBeOff.contains(laid.layer()))
                .filter(laid -> pack.layer(laid.layer()).pieces().stream()
                        .anyMatch(piece -> piece.id().equals(laid.piece()) && !piece.optional()))
                .map(Laid::name)
                .toList();
    }

    private boolean givesPower(Step step) {
        return switch (step.kind()) {
            case CHECK -> table.givesPower("check", step.id());
            case REMEDY -> table.givesPower("remedy", step.id());
            case PROVE -> true;
            case ASK, FACT, REFER, STOP -> false;
        };
    }

    /** What is advised is the best by what is shown, and nobody gives up what something listed would save. */
    private void holdAdvice(Plan plan) {
        plan.alternatives().stream()
                .filter(other -> other.extraCost() < 0)
                .forEach(other -> broken.add(other.id() + " is cheaper than what is advised"));
        if (plan.next() != null
                && plan.next().kind() == Step.Kind.REFER
                && !plan.order().isEmpty()) {
            broken.add("handed on, though it would pay: " + plan.order().get(0).remedy());
        }
    }

    private void hold(CallState state, Plan plan) {
        var all = plan.steps();
        if (isQuarantined()) {
            all.stream()
                    .filter(step -> givesPower(step) || step.kind() == Step.Kind.ASK)
                    .forEach(step -> breaks("advised after an alarm: " + step.kind() + " " + step.id()));
            if (!state.call().phoneChecks().isEmpty()) {
                breaks("asked by telephone after an alarm");
            }
            if (state.now().supply() != Supply.QUARANTINED) {
                breaks("not shown to be without power after an alarm");
            }
        }
        if (isForGood() && plan.next() != null) {
            all.stream()
                    .filter(step -> step.kind() != Step.Kind.STOP && step.kind() != Step.Kind.REFER)
                    .forEach(
                            step -> breaks("advised where only licensed people may: " + step.kind() + " " + step.id()));
        }
        var next = plan.next();
        if (next != null && givesPower(next)) {
            var mayBeOff = next.kind() == Step.Kind.CHECK ? table.mayBeOff(next.id()) : Set.<String>of();
            var off = coversOff(mayBeOff);
            boolean shown = next.kind() == Step.Kind.PROVE
                    ? state.stands() == Stage.CLOSE
                    : state.now().off().containsAll(off);
            if (!off.isEmpty() && !shown) {
                breaks("led to " + next.kind() + " " + next.id() + " with this off: " + off);
            }
        }
        holdPower(state.now());
        all.forEach(this::holdBehindCovers);
        all.forEach(this::holdForTheQualified);
        if (!told.isEmpty()) {
            boolean demanded = state.ring().stream()
                    .flatMap(segment -> segment.gaps().stream())
                    .anyMatch(gap -> gap.about().contains("It is electrically safe")
                            || gap.about().contains("It is safe to run")
                            || gap.kind() == Gap.Kind.NO_POWER);
            if (!demanded
                    && call.job().proofs().stream()
                            .noneMatch(run -> run.what().proof().equals("safe"))) {
                breaks("no proof demanded that it is safe after an alarm");
            }
        }
    }

    /** Nothing that may have power, or hold a charge, is shown as if it did not. */
    private void holdPower(MachineNow now) {
        if (now.supply() == Supply.ISOLATED && !Boolean.FALSE.equals(powered)) {
            breaks("shown to be cut off, and it may have power");
        }
        boolean uncovered = JobSheet.said(call.job().pieces()).stream()
                .anyMatch(laid -> laid.place() != Laid.Place.BACK
                        && laid.layer() != null
                        && table.exposes(laid.layer(), Hazard.STORED));
        if (uncovered && !released && now.stored() != Stored.PRESENT) {
            breaks("shown to hold no charge, and it may");
        }
        if (!released) {
            call.cautions().stream()
                    .map(Confirmed::caution)
                    .filter(caution -> holdsCharge(caution) && !now.lapsed().contains(caution))
                    .forEach(caution -> breaks("a charge is held to be seen to, and it has run since"));
        }
    }

    /** Whether a caution is against what is held behind a cover. */
    private boolean holdsCharge(String caution) {
        return pack.caution(caution).hazard() == Hazard.STORED
                && pack.layers().stream().anyMatch(layer -> layer.cautions().contains(caution));
    }

    /** Whoever works behind a cover does so without power, under a caution that says so. */
    private void holdBehindCovers(Step step) {
        if (step.kind() != Step.Kind.CHECK && step.kind() != Step.Kind.REMEDY) {
            return;
        }
        boolean isCheck = step.kind() == Step.Kind.CHECK;
        var layer =
                isCheck ? pack.check(step.id()).layer() : pack.remedy(step.id()).layer();
        boolean exposed = pack.chain(layer).stream()
                .map(Layer::id)
                .filter(one -> !isCheck
                        || !Objects.requireNonNullElse(table.mayBeOff(step.id()), Set.of())
                                .contains(one))
                .anyMatch(
                        one -> table.exposes(one) && !pack.layer(one).exposes().equals(List.of(Hazard.WATER)));
        if (!exposed) {
            return;
        }
        var power =
                isCheck ? pack.check(step.id()).power() : pack.remedy(step.id()).power();
        var cautions = cautions(step);
        if (power != Power.DEAD) {
            breaks("behind a cover and not without power: " + step.id());
        }
        if (cautions.stream().noneMatch(caution -> CUT_OFF.contains(caution.hazard()))) {
            breaks("behind a cover and without a caution that cuts it off: " + step.id());
        }
        if (pack.chain(layer).stream().anyMatch(one -> table.exposes(one.id(), Hazard.STORED))
                && cautions.stream().noneMatch(caution -> caution.hazard() == Hazard.STORED)) {
            breaks("at what holds a charge and without a caution against it: " + step.id());
        }
    }

    /** Whoever is not qualified for something hands it on. */
    private void holdForTheQualified(Step step) {
        boolean isForOthers = switch (step.kind()) {
            case CHECK -> !isQualified("check", step.id());
            case REMEDY -> !isQualified("remedy", step.id()) && !step.name().startsWith("Hand on: ");
            case ASK, FACT, PROVE, REFER, STOP -> false;
        };
        if (isForOthers) {
            breaks("advised to somebody who is not qualified: " + step.kind() + " " + step.id());
        }
    }

    private boolean isQualified(String what, String id) {
        var held = knowhow.competences().stream().map(Enum::name).toList();
        return held.containsAll(table.competence(what, id));
    }

    /** What is for somebody qualified cannot be entered by who is not. */
    private void tryUnqualified() {
        var before = call;
        pack.checks().stream()
                .filter(check -> !isQualified("check", check.id()))
                .forEach(check -> {
                    if (apply(new StoryChange.Settle(
                            new CheckMade(check.id(), check.outcomes().get(0).id())))) {
                        breaks("taken of somebody who is not qualified: check " + check.id());
                    }
                    call = before;
                });
        pack.remedies().stream()
                .filter(remedy -> !isQualified("remedy", remedy.id()))
                .forEach(remedy -> {
                    if (apply(new StoryChange.Settle(new RemedyTried(remedy.id(), Proved.PENDING)))) {
                        breaks("taken of somebody who is not qualified: remedy " + remedy.id());
                    }
                    call = before;
                });
        pack.proofs().stream()
                .filter(proof -> !isQualified("proof", proof.id()))
                .forEach(proof -> {
                    if (apply(new SheetChange.Write(
                            id(), null, new ProofRun(proof.id(), null, null, 1, List.of(), false)))) {
                        breaks("taken of somebody who is not qualified: proof " + proof.id());
                    }
                    call = before;
                });
    }

    /** What is not offered cannot be entered either. */
    private void tryForbidden() {
        tryUnqualified();
        var before = call;
        boolean quarantined = isQuarantined();
        for (var check : pack.checks()) {
            if (!table.givesPower("check", check.id()) || random.nextInt(6) > 0) {
                continue;
            }
            var off = coversOff(table.mayBeOff(check.id()));
            if (quarantined || !off.isEmpty()) {
                if (apply(new StoryChange.Settle(
                        new CheckMade(check.id(), check.outcomes().get(0).id())))) {
                    breaks("taken with power " + (quarantined ? "after an alarm" : "with this off: " + off) + ": check "
                            + check.id());
                }
                call = before;
            }
        }
        if (quarantined || !coversOff(Set.of()).isEmpty()) {
            var proof = one(pack.proofs());
            if (apply(new SheetChange.Write(id(), null, new ProofRun(proof.id(), null, null, 1, List.of(), false)))) {
                breaks("seen to work " + (quarantined ? "after an alarm" : "with covers off") + ": " + proof.id());
            }
            call = before;
        }
    }

    private void breaks(String what) {
        broken.add(pack.id() + ": " + what);
    }
}
