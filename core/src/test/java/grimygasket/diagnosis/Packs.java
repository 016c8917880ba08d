package grimygasket.diagnosis;

import grimygasket.pack.Check;
import grimygasket.pack.Fault;
import grimygasket.pack.Feature;
import grimygasket.pack.Layer;
import grimygasket.pack.Outcome;
import grimygasket.pack.Pack;
import grimygasket.pack.Part;
import grimygasket.pack.Path;
import grimygasket.pack.Proof;
import grimygasket.pack.Remedy;
import grimygasket.pack.Sign;
import grimygasket.pack.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Small packs for tests, put together piece by piece. */
public final class Packs {
    public static final Van VAN = new Van(60, 40, Map.of());
    public static final Machine MACHINE = new Machine(Set.of());

    private final List<Feature> features = new ArrayList<>();
    private final List<Layer> layers = new ArrayList<>();
    private final List<Path> paths = new ArrayList<>(
            List.of(new Path("way", "Way", Path.Medium.WATER, List.of(new Station("s", "Station", null)))));
    private final List<Fault> faults = new ArrayList<>();
    private final List<Sign> signs = new ArrayList<>();
    private final List<Check> checks = new ArrayList<>();
    private final List<Remedy> remedies = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private double referMinutes = 120;

    public Packs refer(double minutes) {
        referMinutes = minutes;
        return this;
    }

    public Packs feature(String id) {
        features.add(new Feature(id, id, false));
        return this;
    }

    public Packs layer(String id, String within, double open, double close) {
        layers.add(new Layer(id, id, within, open, close));
        return this;
    }

    public Packs path(Path path) {
        paths.add(path);
        return this;
    }

    public Packs fault(String id, double rate) {
        return fault(new Fault(id, id, List.of(), rate, 0, null));
    }

    public Packs fault(Fault fault) {
        faults.add(fault);
        return this;
    }

    public Packs sign(String id, double leak, Map<String, Double> causes) {
        signs.add(new Sign(id, id, id + "?", 1, leak, causes, false, null));
        return this;
    }

    public Packs check(String id, String layer, double minutes, Outcome... outcomes) {
        checks.add(
                new Check(id, id, layer, minutes, List.of(), List.of(), 0, null, null, List.of(), List.of(outcomes)));
        return this;
    }

    public Packs remedy(String id, String layer, double minutes, String part, Map<String, Double> cures) {
        if (part != null && parts.stream().noneMatch(p -> p.id().equals(part))) {
            parts.add(new Part(part, part));
        }
        remedies.add(new Remedy(id, id, layer, minutes, cures, List.of(), List.of(), part, null, "works"));
        return this;
    }

    public Pack build() {
        return new Pack(
                "kind",
                1,
                "Kind",
                referMinutes,
                0.01,
                features,
                layers,
                paths,
                faults,
                signs,
                checks,
                remedies,
                List.of(new Proof("works", "It works", 2, List.of())),
                parts,
                List.of());
    }

    static Outcome outcome(String id, double leak, Map<String, Double> causes) {
        return new Outcome(id, id, leak, causes, null, 0);
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
