package grimygasket.visit;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.pack.machine.Confirmation;
import grimygasket.pack.machine.Screws;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Cupped;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Laid.Place;
import grimygasket.visit.line.Note;
import grimygasket.visit.line.ProofRun;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Records of visits for tests, put together piece by piece. */
public final class Visits {
    public static final long NOW = 1_900_000_000_000L;

    private String complaint = "Does not drain";
    private List<Finding> findings = List.of();
    private Set<String> kept = Set.of();
    private boolean closed;
    private final List<PartCount> parts = new ArrayList<>();
    private final List<Laid> laid = new ArrayList<>();
    private final List<Condition> conditions = new ArrayList<>();
    private final List<Debt> debts = new ArrayList<>();
    private final List<Found> things = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();
    private final List<ProofRun> proofs = new ArrayList<>();

    public Visits complaint(String text) {
        complaint = text;
        return this;
    }

    public Visits findings(Finding... some) {
        findings = List.of(some);
        return this;
    }

    public Visits kept(String... cautions) {
        kept = Set.of(cautions);
        return this;
    }

    public Visits closed() {
        closed = true;
        return this;
    }

    public Visits part(PartCount part) {
        parts.add(part);
        return this;
    }

    public Visits laid(Laid... pieces) {
        laid.addAll(List.of(pieces));
        return this;
    }

    public Visits condition(Condition condition) {
        conditions.add(condition);
        return this;
    }

    public Visits debt(Debt debt) {
        debts.add(debt);
        return this;
    }

    public Visits thing(Found thing) {
        things.add(thing);
        return this;
    }

    public Visits note(Note note) {
        notes.add(note);
        return this;
    }

    public Visits seen(String proof, int runs, String... dry) {
        return proof(new ProofRun(proof, null, null, runs, List.of(dry), false));
    }

    public Visits proof(ProofRun run) {
        proofs.add(run);
        return this;
    }

    public VisitRecord build() {
        return new VisitRecord(
                complaint, findings, parts, kept, laid, conditions, debts, things, notes, proofs, closed, NOW);
    }

    /** A piece without screws on the tray. */
    public static Laid piece(String id, String layer) {
        return piece(id, layer, null, Place.TRAY, 0);
    }

    public static Laid piece(String id, String layer, Screws screws, Place place, int screwsBack) {
        return piece(id, layer, screws, place, screwsBack, 0, List.of(), List.of());
    }

    public static Laid piece(
            String id,
            String layer,
            Screws screws,
            Place place,
            int screwsBack,
            long dryUntil,
            List<Confirmation> confirm,
            List<Confirmation> confirmed) {
        var reason = place == Place.LEFT_OUT ? "cracked" : null;
        return new Laid(
                id,
                id,
                layer,
                null,
                screws == null ? List.of() : List.of(new Cupped(screws, "A", screwsBack)),
                null,
                List.of(),
                null,
                false,
                false,
                confirm,
                dryUntil,
                place,
                confirmed,
                reason);
    }

    public static Laid lastIn(String id) {
        return new Laid(
                id,
                id,
                null,
                null,
                List.of(),
                null,
                List.of(),
                null,
                false,
                true,
                List.of(),
                0,
                Place.TRAY,
                List.of(),
                null);
    }

    public static Laid joint(String id, Place place) {
        return new Laid(
                id, id, null, null, List.of(), null, List.of(), null, true, false, List.of(), 0, place, List.of(),
                null);
    }
}
