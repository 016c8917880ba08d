package grimygasket.device;

import static grimygasket.gauge.Source.SIMULATED_METER;

import grimygasket.call.Article;
import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Entry;
import grimygasket.call.Fitting;
import grimygasket.call.Learnt;
import grimygasket.call.PartUse.Source;
import grimygasket.call.Person;
import grimygasket.call.Plate;
import grimygasket.call.change.Begin;
import grimygasket.call.change.CautionChange.Confirm;
import grimygasket.call.change.Change;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.call.change.ComplaintChange.Complain;
import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import grimygasket.call.change.MachineChange.Describe;
import grimygasket.call.change.MachineChange.Fit;
import grimygasket.call.change.PartChange.UseOther;
import grimygasket.call.change.PartChange.UsePart;
import grimygasket.call.change.SheetChange.LayDown;
import grimygasket.call.change.SheetChange.Write;
import grimygasket.call.change.StoryChange.Settle;
import grimygasket.call.change.StoryChange.TakeBack;
import grimygasket.call.change.StoryChange.TakeReading;
import grimygasket.call.change.VisitChange.Assign;
import grimygasket.call.change.VisitChange.Cancel;
import grimygasket.call.change.VisitChange.Close;
import grimygasket.call.change.VisitChange.SeeFault;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.gauge.Readings.Typed;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.machine.Fastening;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Screws;
import grimygasket.pack.work.Competence;
import grimygasket.route.Location;
import grimygasket.route.Window;
import grimygasket.state.Circumstances;
import grimygasket.state.ClockChange;
import grimygasket.state.OfModel;
import grimygasket.units.UnitSystem;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.Labour;
import grimygasket.visit.line.Note;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.line.Signature;
import grimygasket.visit.line.WayFound;
import grimygasket.visit.ring.Authority;
import grimygasket.visit.ring.Upkeep.Last;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** A call made up from a seed, on which anything is done that can be, and some that cannot. */
final class RandomCall {
    static final Person MAREN = new Person(new UUID(2, 1), "Maren Tolliver", Authority.LEAD);
    /** They are changed in the middle of what is done. */
    static final List<ClockChange> CLOCKS =
            List.of(new ClockChange(1_890_000_000_000L, -300), new ClockChange(1_900_020_000_000L, -240));

    private static final long MORNING = 1_900_000_000_000L;
    private static final int DAY = 21_990;

    private final Random random;
    private final KindKnowhow kind;
    private final String maker;
    private final UUID id;
    private long at = MORNING;

    final String knowhow;
    final Customer customer;
    final Circumstances circumstances;

    RandomCall(String knowhow, KindKnowhow kind, long seed) {
        this.random = new Random(seed);
        this.knowhow = knowhow;
        this.kind = kind;
        this.id = uuid();
        this.maker = kind.codes().isEmpty() ? "Nomake" : one(kind.codes()).maker();
        this.customer = new Customer(
                uuid(),
                "Tess Örrin “T”",
                "2 Weir Lane\t",
                "",
                random.nextBoolean() ? null : "tess@örrin.example",
                random.nextBoolean() ? null : "Key under the pot; \"Bodo\" barks",
                random.nextBoolean() ? null : new Location(random.nextDouble(-90, 90), random.nextDouble(-180, 180)),
                random.nextBoolean() ? null : new Address(uuid(), "3 Löck Row", "Code 1\t2", null));
        this.circumstances = new Circumstances(
                Map.of(),
                shelf(),
                random.nextBoolean() ? Map.of() : before(),
                48 + random.nextInt(40),
                45,
                230,
                competences(),
                learnt());
    }

    /** Its parts and some that fit other makers' machines. */
    List<Fitting> fittings() {
        return circumstances.shelf().stream()
                .map(part -> new Fitting(random.nextBoolean() ? null : one(List.of(maker, "Nomake")), part))
                .toList();
    }

    /** What was learnt of its model and of another. */
    List<OfModel> models() {
        return List.of(new OfModel(maker, "m 1", circumstances.learnt()), new OfModel("nomake", "x", Learnt.NOTHING));
    }

    private Set<Competence> competences() {
        return Arrays.stream(Competence.values())
                .filter(one -> random.nextInt(4) > 0)
                .collect(Collectors.toSet());
    }

    private List<Article> shelf() {
        return kind.pack().parts().stream()
                .map(part -> new Article(
                        uuid(),
                        "N-" + part.id(),
                        part.name(),
                        part.id(),
                        new BigDecimal("7.40"),
                        random.nextInt(3),
                        "",
                        random.nextBoolean() ? null : 24))
                .toList();
    }

    private Map<String, Last> before() {
        return Map.of(one(kind.pack().remedies()).id(), new Last(random.nextInt(400), null));
    }

    Command begin() {
        var features = kind.pack().features().stream()
                .filter(Feature::usual)
                .map(Feature::id)
                .toList();
        var machine = new CallMachine(uuid(), kind.pack().id(), maker, "M-1", "", "cellar", features, Map.of(), 0);
        boolean upkeep = random.nextInt(5) == 0;
        return command(new Begin(
                null,
                null,
                upkeep,
                null,
                (long) DAY,
                570,
                random.nextBoolean() ? null : new Window(540, 660),
                upkeep ? "" : "It does not go.",
                customer,
                machine));
    }

    Command command(Change change) {
        at += 1 + random.nextInt(240_000);
        return new Command(uuid(), id, new UUID(3, 1), 1, at, change);
    }

    Held held(Call call) {
        return new Held(call, customer, knowhow, circumstances);
    }

    /** What a command makes of a call; the call as it was, if it is not taken. */
    static Call after(Call before, CommandResult outcome) {
        return outcome instanceof CommandResult.Applied applied ? applied.call() : before;
    }

    Change change(Call call) {
        var pack = kind.pack();
        return switch (random.nextInt(14)) {
            case 0, 1, 2 -> new Settle(new SymptomSettled(one(pack.symptoms()).id(), one(List.of(Answer.values()))));
            case 3, 4 -> check();
            case 5 -> pack.facts().isEmpty() ? new SeeFault() : fact();
            case 6 ->
                new Settle(new CodeRead(
                        kind.codes().isEmpty() ? "E9" : one(kind.codes()).code()));
            case 7, 8 -> new Settle(new RemedyTried(one(pack.remedies()).id(), one(List.of(Proved.values()))));
            case 9 -> new Confirm(one(pack.cautions()).id());
            case 10 -> line();
            case 11 -> layDown();
            case 12 -> part();
            default -> other(call);
        };
    }

    private Change check() {
        var check = one(kind.pack().checks());
        return check.measure() != null
                ? new TakeReading(
                        check.id(),
                        new Typed(
                                "" + (1 + random.nextInt(300)) / 7.0,
                                null,
                                null,
                                random.nextBoolean() ? SIMULATED_METER : null),
                        UnitSystem.METRIC)
                : new Settle(new CheckMade(check.id(), one(check.outcomes()).id()));
    }

    private Change fact() {
        var fact = one(kind.pack().facts());
        return new Settle(new FactKnown(fact.id(), one(fact.choices()).id()));
    }

    private WayFound wayFound() {
        var way = one(kind.pack().ways());
        return new WayFound(way.id(), one(way.choices()).id());
    }

    /** What calls about its model, if any, have said of it. */
    private Learnt learnt() {
        var noted = new ArrayList<Learnt.Noted>();
        for (int i = random.nextInt(4); i > 0; i--) {
            noted.add(new Learnt.Noted(MORNING - i, "Rollo", wayFound(), null, null));
            var piece = one(kind.pack().layers().get(0).pieces()).id();
            var screws = new Screws("T15", "", 12, 1 + random.nextInt(4), "", false);
            noted.add(new Learnt.Noted(
                    MORNING - i, "Rollo", null, piece, new Fastening(List.of(screws), null, List.of(), null)));
        }
        return Learnt.of(noted);
    }

    private Change line() {
        var path = one(kind.pack().paths());
        return new Write(
                uuid(),
                null,
                switch (random.nextInt(7)) {
                    case 5 -> new Labour(15 * random.nextInt(9));
                    case 6 -> new Signature("Tess “T” Orrin", random.nextInt(301) + ",7 300,100;0,0");
                    case 0 -> new Note(Note.About.DONE, "Straightened the “hook”", 5, random.nextBoolean());
                    case 1 ->
                        new Found(
                                "olive stone",
                                1 + random.nextInt(3),
                                one(List.of(Found.Fate.values())),
                                one(List.of(Found.Shape.values())));
                    case 3 -> wayFound();
                    case 2 -> new ProofRun(one(kind.pack().proofs()).id(), null, null, 1, List.of(), true);
                    default ->
                        new Condition(
                                one(path.stations()).id(),
                                Condition.Stuff.HAIR,
                                random.nextInt(101) / 100.0,
                                random.nextBoolean() ? 1.0 : null,
                                one(List.of(Condition.Wear.values())),
                                random.nextBoolean(),
                                1 + random.nextInt(400),
                                one(List.of(Condition.Amount.values())));
                });
    }

    private Change layDown() {
        var pieces = kind.pack().layers().stream()
                .flatMap(layer -> layer.pieces().stream())
                .toList();
        return pieces.isEmpty()
                ? new SeeFault()
                : new LayDown(Map.of(one(pieces).id(), uuid()));
    }

    private Change part() {
        if (random.nextInt(4) == 0) {
            var number = random.nextBoolean() ? "" : "Z 7";
            return new UseOther(
                    one(kind.pack().remedies()).id(),
                    one(kind.pack().parts()).id(),
                    number,
                    "Ring, “thin”",
                    new BigDecimal("3.50"),
                    1 + random.nextInt(3));
        }
        return circumstances.shelf().isEmpty()
                ? new SeeFault()
                : new UsePart(
                        one(kind.pack().remedies()).id(),
                        one(circumstances.shelf()).id(),
                        1,
                        Source.VAN);
    }

    private Change other(Call call) {
        return switch (random.nextInt(8)) {
            case 5 ->
                new Describe(
                        new Plate(call.machine().maker(), "X-" + random.nextInt(9), "é 7", ""),
                        call.machine().plate());
            case 6 -> new Assign(call.head().accountId(), random.nextBoolean() ? MAREN.account() : uuid());
            case 7 -> new Cancel(random.nextBoolean() ? "Entered twice" : "");
            case 0 -> new Complain("And it smells — of “burning”.");
            case 1 -> new Fit(call.machine().version(), List.of());
            case 2 ->
                new Close(call.head().version(), random.nextBoolean() ? "Nobody at home" : "", "Scrape the plates");
            case 3 -> new SeeFault();
            default -> call.story().isEmpty() ? new SeeFault() : takeBack(one(call.story()));
        };
    }

    private static Change takeBack(Entry entry) {
        return new TakeBack(entry.id(), entry.version());
    }

    private <T> T one(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private UUID uuid() {
        return new UUID(random.nextLong(), random.nextLong());
    }
}
