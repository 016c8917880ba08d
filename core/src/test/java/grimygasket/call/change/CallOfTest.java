package grimygasket.call.change;

import grimygasket.call.Article;
import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Head;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.call.PartUse.Source;
import grimygasket.call.Person;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.work.Competence;
import grimygasket.visit.ring.Authority;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A call that tests change, command by command. */
public final class CallOfTest {
    static final long MORNING = 1_900_000_000_000L;
    static final UUID CALL = new UUID(1, 1);
    public static final UUID VALVE = new UUID(1, 2);

    static final Pack PACK = new Packs()
            .layer("filter-out", null, 2, 2)
            .path(new grimygasket.pack.machine.Path(
                    "drain",
                    "Drain",
                    grimygasket.pack.machine.Path.Medium.WATER,
                    List.of(new grimygasket.pack.machine.Station("filter", "Filter", List.of()))))
            .fault("a", 0.1)
            .fault("b", 0.1)
            .symptom("hums", 0.1, Map.of("a", 0.9))
            .symptom("silent", 0.1, Map.of("b", 0.9))
            .symptom("smell", 0.1, Map.of("b", 0.4))
            .exclusive("pump", "hums", "silent")
            .check(
                    "look",
                    "filter-out",
                    2,
                    Packs.outcome("clogged", 0.01, Map.of("a", 0.9)),
                    Packs.outcome("clear", 0.01, Map.of()))
            .remedy("clean", "filter-out", 5, "valve", Map.of("a", 0.9))
            .caution("shock")
            .caution("cuts")
            .build();

    public static final Knowhow KNOWHOW = new Knowhow(
            PACK,
            List.of(new Code(
                    "Corvanne",
                    "kind",
                    Code.Display.CODE,
                    "d4",
                    "Drains too long",
                    0.01,
                    Map.of("a", 0.5),
                    Map.of(),
                    "")),
            Packs.MACHINE,
            List.of(new Article(VALVE, "RV-20", "Valve", "valve", new BigDecimal("7.40"), 3, "6291041500213", 24)),
            Map.of(),
            EnumSet.allOf(Competence.class),
            Learnt.NOTHING);

    static final Person MAREN = new Person(new UUID(2, 1), "Maren", Authority.LEAD);
    static final Person ROLLO = new Person(new UUID(2, 2), "Rollo", Authority.TECHNICIAN);

    private CallOfTest() {}

    static Call begun() {
        var head = new Head(CALL, CALL, MAREN.account(), 20_000, 570, null, 1, null, false, null, null, 1);
        var machine = new CallMachine(new UUID(1, 3), "kind", "Corvanne", "DW", "", "", List.of(), Map.of(), 1);
        return Call.begun(head, machine).complainedOf(new Complaint(new UUID(1, 4), MORNING - 1000, "Does not drain"));
    }

    static Command command(UUID id, long at, Change change) {
        return new Command(id, CALL, new UUID(3, 1), 1, at, change);
    }

    static CommandResult apply(Call call, Person by, UUID id, long at, Change change) {
        return command(id, at, change).on(call, by, KNOWHOW);
    }

    static Change settle(Finding finding) {
        return new StoryChange.Settle(finding);
    }

    static Change use(int count) {
        return new PartChange.UsePart("clean", VALVE, count, Source.VAN);
    }

    /** The call after a change that is taken. */
    static Call after(Call call, Person by, UUID id, long at, Change change) {
        return ((CommandResult.Applied) apply(call, by, id, at, change)).call();
    }
}
