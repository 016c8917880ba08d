package grimygasket.diagnosis;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Exclusive;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.machine.Station;
import grimygasket.pack.machine.WayIn;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.CleaningCalendar;
import grimygasket.pack.work.Habit;
import grimygasket.pack.work.Part;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import grimygasket.pack.work.School;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Small packs for tests, put together piece by piece. */
public final class Packs {
    /** Those who clean soon, and those who clean late, as is usual. */
    public static final School DATES = new School(
            "dates",
            "When next?",
            "late",
            null,
            "It lasts.",
            List.of(
                    new School.Way("soon", "Soon", CleaningCalendar.SHORT),
                    new School.Way("late", "Late", CleaningCalendar.LONG)));

    public static final Van VAN = new Van(60, 40, Map.of());
    public static final Machine MACHINE = new Machine(Set.of(), Ratings.NONE);

    private final List<Feature> features = new ArrayList<>();
    private final List<Layer> layers = new ArrayList<>();
    private final List<Path> paths = new ArrayList<>(
            List.of(new Path("way", "Way", Path.Medium.WATER, List.of(new Station("s", "Station", List.of())))));
    private final List<Fault> faults = new ArrayList<>();
    private final List<Symptom> symptoms = new ArrayList<>();
    private final List<Check> checks = new ArrayList<>();
    private final List<Remedy> remedies = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private final List<Proof> proofs = new ArrayList<>(List.of(
            new Proof("works", "It works", 2, List.of(), 1, null, null, null, Power.LIVE, List.of(), List.of(), null)));
    private final List<Caution> cautions = new ArrayList<>();
    private final List<Fact> facts = new ArrayList<>();
    private final List<School> schools = new ArrayList<>();
    private final List<Habit> habits = new ArrayList<>();
    private final List<Cadence> cadences = new ArrayList<>();
    private final List<Exclusive> exclusive = new ArrayList<>();
    private List<WayIn> ways = List.of();
    private final Map<Rating, Double> ratings = new EnumMap<>(Rating.class);
    private double referMinutes = 120;

    public Packs refer(double minutes) {
        referMinutes = minutes;
        return this;
    }

    public Packs feature(String id) {
        return feature(new Feature(id, id, false, null, List.of()));
    }

    public Packs feature(Feature feature) {
        features.add(feature);
        return this;
    }

    public Packs layer(String id, String within, double open, double close) {
        return layer(new Layer(id, id, within, open, close, List.of(), List.of(), null, List.of()));
    }

    /** A layer behind which is what must not have power while it is open, and holds a charge. */
    public Packs exposing(String id, String within, double open, double close) {
        if (cautions.stream().noneMatch(caution -> caution.id().equals("shock"))) {
            caution(new Caution("shock", "Shock", "Unplug it.", null, Hazard.POWER, List.of(), List.of()));
            caution(new Caution("charge", "Charge", "Wait.", null, Hazard.STORED, List.of(), List.of()));
        }
        var cover = new Piece(
                id + "-cover",
                id,
                List.of(),
                null,
                List.of(),
                null,
                false,
                false,
                false,
                List.of(),
                List.of(),
                false,
                null);
        return layer(new Layer(
                id,
                id,
                within,
                open,
                close,
                List.of("shock", "charge"),
                List.of(cover),
                null,
                List.of(Hazard.POWER, Hazard.STORED)));
    }

    public Packs layer(Layer layer) {
        layers.add(layer);
        return this;
    }

    public Packs path(Path path) {
        paths.add(path);
        return this;
    }

    public Packs fault(String id, double rate) {
        return fault(new Fault(id, id, List.of(), rate, 0, null, null, List.of(), Map.of(), List.of()));
    }

    public Packs fault(Fault fault) {
        faults.add(fault);
        return this;
    }

    public Packs symptom(String id, double leak, Map<String, Double> causes) {
        symptoms.add(new Symptom(id, id, id + "?", 1, leak, causes, false, List.of(), List.of(), null, List.of()));
        return this;
    }

    public Packs check(Check check) {
        checks.add(check);
        return this;
    }

    public Packs check(String id, String layer, double minutes, Outcome... outcomes) {
        checks.add(new Check(
                id,
                id,
                layer,
                minutes,
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of(),
                List.of(),
                List.of(outcomes),
                null,
                null,
                null,
                List.of(),
                Power.DEAD,
                List.of(),
                null));
        return this;
    }

    public Packs remedy(String id, String layer, double minutes, String part, Map<String, Double> cures) {
        if (part != null && parts.stream().noneMatch(p -> p.id().equals(part))) {
            parts.add(new Part(part, part, false, false, 0));
        }
        return remedy(id, id, layer, minutes, part == null ? List.of() : List.of(part), cures, List.of(), false);
    }

    /** One without a part, before which something is looked at. */
    public Packs remedyAfter(String id, String layer, double minutes, Map<String, Double> cures, List<String> looks) {
        return remedy(id, id, layer, minutes, List.of(), cures, looks, false);
    }

    /** One without a part, worked from outside, that asks for what brings its faults about to be cleared or cured first. */
    public Packs remedyAfterCauses(String id, String name, double minutes, Map<String, Double> cures) {
        return remedy(id, name, null, minutes, List.of(), cures, List.of(), true);
    }

    private Packs remedy(
            String id,
            String name,
            String layer,
            double minutes,
            List<String> parts,
            Map<String, Double> cures,
            List<String> looks,
            boolean causesFirst) {
        return remedy(new Remedy(
                id,
                name,
                layer,
                minutes,
                cures,
                List.of(),
                List.of(),
                0,
                parts,
                List.of(),
                "works",
                List.of(),
                null,
                looks,
                causesFirst,
                null,
                null,
                false,
                Power.DEAD,
                null));
    }

    public Packs remedy(Remedy remedy) {
        remedies.add(remedy);
        return this;
    }

    public Packs fact(Fact fact) {
        facts.add(fact);
        return this;
    }

    public Packs school(School school) {
        schools.add(school);
        return this;
    }

    public Packs habit(Habit habit) {
        habits.add(habit);
        return this;
    }

    public Packs cadence(Cadence cadence) {
        cadences.add(cadence);
        return this;
    }

    public Packs ways(WayIn... all) {
        ways = List.of(all);
        return this;
    }

    public Packs exclusive(String id, String... symptoms) {
        exclusive.add(new Exclusive(id, id + "?", List.of(symptoms)));
        return this;
    }

    /** A fault that others may have brought about. */
    public Packs consequence(String id, double rate, Map<String, Double> broughtBy) {
        return fault(new Fault(id, id, List.of(), rate, 0, null, null, List.of(), broughtBy, List.of()));
    }

    public Packs symptom(Symptom symptom) {
        symptoms.add(symptom);
        return this;
    }

    public Packs proof(String id) {
        return proof(new Proof(id, id, 2, List.of(), 1, null, null, null, Power.LIVE, List.of(), List.of(), null));
    }

    public Packs proof(Proof proof) {
        proofs.add(proof);
        return this;
    }

    public Packs caution(String id) {
        return caution(new Caution(id, id, id, null, Hazard.OTHER, List.of(), List.of()));
    }

    public Packs caution(Caution caution) {
        cautions.add(caution);
        return this;
    }

    public Packs rating(Rating rating, double usual) {
        ratings.put(rating, usual);
        return this;
    }

    public Pack build() {
        return new Pack(
                "kind",
                "Kind",
                referMinutes,
                0.01,
                features,
                layers,
                paths,
                faults,
                symptoms,
                checks,
                remedies,
                proofs,
                parts,
                cautions,
                facts,
                schools,
                List.of(),
                habits,
                cadences,
                ratings,
                null,
                exclusive,
                List.of(),
                List.of(),
                ways,
                List.of());
    }

    public static Outcome outcome(String id, double leak, Map<String, Double> causes) {
        return new Outcome(id, id, leak, causes, null, 0, List.of(), null);
    }

    static Evidence evidence(Finding... findings) {
        return new Evidence(List.of(findings), VAN);
    }

    static double chance(Assessment assessment, String fault) {
        return assessment.ranking().stream()
                .filter(suspect -> suspect.fault().equals(fault))
                .findFirst()
                .orElseThrow()
                .chance();
    }
}
