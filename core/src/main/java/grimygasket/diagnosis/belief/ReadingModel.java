package grimygasket.diagnosis.belief;

import grimygasket.flow.Passage;
import grimygasket.flow.Prediction;
import grimygasket.flow.Suction;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Measure;
import grimygasket.pack.machine.Station;
import grimygasket.units.Amount;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * How likely a reading is under each set of faults: the density of what {@code flow} predicts. How far open a fault leaves
 * its station is not known, so the prediction is a mixture over several openings, each blurred by how much machines of a
 * kind differ and by the reading's own uncertainty.
 */
public final class ReadingModel {
    /** Chance that a reading is worthless: wrong unit, a slipped probe, another hose. No reading rules anything out. */
    private static final double WORTHLESS = 0.02;

    /** A worthless reading lies anywhere up to so many times the sound one. */
    private static final double ANYWHERE = 2.5;

    /** Spread that even the best reading of a flow has, as a share of the sound one. */
    private static final double LEAST_SPREAD = 0.015;

    /** Openings tried for a fault that visibly blocks, and for one that does not. */
    private static final int BLOCKED = 4;

    private static final int UNBLOCKED = 2;

    /** Shares of the sound reading that a plan tells apart. */
    private static final double[] EDGES = {0.1, 0.35, 0.6, 0.85};

    /** A reading speaks for a fault from this ratio of likelihoods on. */
    private static final double CLEARLY = 1.5;

    /** Spread of a reading that is not taken yet, as a share of the sound one. */
    private static final double USUAL_SPREAD = 0.03;

    /** Openings tried when so many faults come together. */
    private static final int BLOCKED_OF_MANY = 2;

    private static final int MANY = 3;

    private final Network network;
    private final Measure measure;
    private final int stations;

    /** Indices of the faults that change the reading. */
    private final int[] concerned;

    /** Faults that block on the way, by index. */
    private final boolean[] blocks;

    private final Map<Long, List<Component>> mixtures = Collections.synchronizedMap(new HashMap<>());

    /**
     * One of the normal distributions of which a reading's is made.
     *
     * @param mean in the reading's base unit
     * @param spread standard deviation, in the same unit
     * @param weight chance that the reading is of this one, 0 to 1
     */
    private record Component(double mean, double spread, double weight) {}

    /**
     * How far open a fault may leave its station.
     *
     * @param share that is open, 0 to 1
     * @param chance of that, 0 to 1
     */
    private record Openness(double share, double chance) {}

    private ReadingModel(Network network, Measure measure) {
        this.network = network;
        this.measure = measure;
        blocks = new boolean[network.faults.size()];
        stations = findBlocking();
        concerned = IntStream.range(0, blocks.length)
                .filter(f -> blocks[f] || isNamed(network.faults.get(f).id()))
                .toArray();
    }

    /**
     * @throws IllegalArgumentException if nothing can be measured at the check
     */
    static ReadingModel of(Network network, Check check) {
        if (check.measure() == null) {
            throw new IllegalArgumentException("nothing can be measured at check " + check.id());
        }
        return new ReadingModel(network, check.measure());
    }

    /**
     * Marks the faults that block where the flow passes.
     *
     * @return how many stations of this machine that are
     */
    private int findBlocking() {
        var passed = Passage.of(network.pack, measure);
        var ids = passed.stream().map(Station::id).toList();
        for (int f = 0; f < blocks.length; f++) {
            var fault = network.faults.get(f);
            blocks[f] = fault.blocks() > 0 && fault.at().stream().anyMatch(ids::contains);
        }
        return (int) passed.stream().filter(network::has).count();
    }

    private boolean isNamed(String fault) {
        return measure.levels().containsKey(fault)
                || measure.off().contains(fault)
                || measure.leaks().contains(fault);
    }

    /** Reading of the machine with nothing wrong. */
    Amount sound() {
        var one = mixture(new int[0]).get(0);
        return new Amount(measure.quantity(), one.mean, one.spread);
    }

    /**
     * Of some faults, given by their indices, those that a reading speaks for: alone they make it clearly likelier than a sound
     * machine does, and none of the others explains it clearly better.
     */
    IntStream spokenFor(int[] faults, Amount reading) {
        var densities = IntStream.of(faults)
                .mapToDouble(fault -> density(present(new int[] {fault}), reading))
                .toArray();
        double best = Arrays.stream(densities).max().orElse(0);
        double least = Math.max(CLEARLY * density(new int[0], reading), best / CLEARLY);
        return IntStream.range(0, faults.length)
                .filter(i -> densities[i] > least)
                .map(i -> faults[i]);
    }

    /** How likely a reading is with exactly some of the faults that change it. */
    private double density(int[] present, Amount reading) {
        var sound = sound();
        double anywhere = WORTHLESS
                / Math.max(Math.abs(reading.value()), ANYWHERE * Math.max(sound.value(), sound.standardUncertainty()));
        double own = Math.hypot(reading.standardUncertainty(), LEAST_SPREAD * Math.abs(sound.value()));
        return anywhere + (1 - WORTHLESS) * density(mixture(present), reading.value(), own);
    }

    /** By set, the density of the reading; up to a common factor. */
    double[] likelihood(FaultSets sets, Amount reading) {
        var known = new HashMap<Long, Double>();
        var likelihood = new double[sets.count()];
        for (int s = 0; s < likelihood.length; s++) {
            var present = present(sets.members(s));
            likelihood[s] = known.computeIfAbsent(key(present), key -> density(present, reading));
        }
        return likelihood;
    }

    /**
     * Where readings part into classes that mean different things, ascending: shares of the sound flow, or the places
     * between the levels.
     */
    private double[] edges() {
        if (measure.model() != Measure.Model.LEVEL) {
            double sound = sound().value();
            return Arrays.stream(EDGES).map(share -> share * sound).toArray();
        }
        var byMean = new TreeMap<Double, Measure.Level>();
        measure.levels().values().forEach(level -> byMean.put(level.mean(), level));
        var normal = measure.normal().on(network.ratings());
        byMean.put(normal.mean(), normal);
        var levels = List.copyOf(byMean.values());
        var edges = new double[levels.size() - 1];
        for (int i = 0; i < edges.length; i++) {
            var low = levels.get(i);
            var high = levels.get(i + 1);
            edges[i] = (low.mean() * high.spread() + high.mean() * low.spread()) / (low.spread() + high.spread());
        }
        return edges;
    }

    /** For each class of readings, by set, the chance that the reading falls into it: what a plan can reckon with. */
    public double[][] classes(FaultSets sets) {
        var edges = edges();
        var below = new double[edges.length][];
        for (int e = 0; e < edges.length; e++) {
            below[e] = below(sets, edges[e], (e + 1.0) / (edges.length + 1));
        }
        var classes = new double[edges.length + 1][sets.count()];
        for (int c = 0; c < classes.length; c++) {
            for (int s = 0; s < sets.count(); s++) {
                double to = c == edges.length ? 1 : below[c][s];
                double from = c == 0 ? 0 : below[c - 1][s];
                classes[c][s] = Math.max(0, to - from);
            }
        }
        return classes;
    }

    /** By set, the chance that the reading is below an edge; a worthless one is as likely in each class. */
    private double[] below(FaultSets sets, double edge, double worthless) {
        var known = new HashMap<Long, Double>();
        var below = new double[sets.count()];
        for (int s = 0; s < below.length; s++) {
            var present = present(sets.members(s));
            below[s] = known.computeIfAbsent(
                    key(present), key -> WORTHLESS * worthless + (1 - WORTHLESS) * below(mixture(present), edge));
        }
        return below;
    }

    private double below(List<Component> mixture, double edge) {
        double below = 0;
        for (var one : mixture) {
            double spread = Math.hypot(one.spread, USUAL_SPREAD * sound().value());
            // The logistic curve nearest to the normal one, within 0.01 of it (Haley, 1952).
            below += one.weight / (1 + Math.exp(-1.702 * (edge - one.mean) / spread));
        }
        return below;
    }

    private static double density(List<Component> mixture, double value, double own) {
        double density = 0;
        for (var one : mixture) {
            double spread = Math.hypot(one.spread, own);
            double off = (value - one.mean) / spread;
            density += one.weight * Math.exp(-off * off / 2) / spread;
        }
        return density / Math.sqrt(2 * Math.PI);
    }

    private int[] present(int[] set) {
        return Arrays.stream(set)
                .filter(f -> Arrays.binarySearch(concerned, f) >= 0)
                .toArray();
    }

    private static long key(int[] present) {
        long key = 0;
        for (int f : present) {
            key |= 1L << f;
        }
        return key;
    }

    /** What may be read with exactly these faults. */
    private List<Component> mixture(int[] present) {
        return mixtures.computeIfAbsent(key(present), key -> compute(present));
    }

    private List<Component> compute(int[] present) {
        if (measure.model() == Measure.Model.LEVEL) {
            return levels(present);
        }
        var components = new ArrayList<Component>();
        var blocking = Arrays.stream(present).filter(f -> blocks[f]).toArray();
        boolean off = Arrays.stream(present)
                .anyMatch(f -> measure.off().contains(network.faults.get(f).id()));
        boolean leaks = Arrays.stream(present)
                .anyMatch(f -> measure.leaks().contains(network.faults.get(f).id()));
        var bleeds = leaks ? Prediction.LEAKS : new double[] {Suction.SOUND_BLEED};
        for (double bleed : bleeds) {
            addOpenings(
                    blocking,
                    0,
                    new double[blocking.length],
                    1.0 / bleeds.length,
                    open -> Prediction.of(measure, network.ratings(), stations, open, bleed, off),
                    components);
        }
        return List.copyOf(components);
    }

    /** Of the faults present, the first that has a level shows it, or else the normal one stays. */
    private List<Component> levels(int[] present) {
        var normal = measure.normal().on(network.ratings());
        for (var entry : measure.levels().entrySet()) {
            var index = network.indexOf(entry.getKey());
            if (index != null && Arrays.binarySearch(present, index) >= 0) {
                var level = entry.getValue();
                return List.of(
                        new Component(level.mean(), level.spread(), level.shows()),
                        new Component(normal.mean(), normal.spread(), 1 - level.shows()));
            }
        }
        return List.of(new Component(normal.mean(), normal.spread(), 1));
    }

    private void addOpenings(
            int[] faults,
            int i,
            double[] open,
            double weight,
            ToDoubleFunction<double[]> prediction,
            List<Component> into) {
        if (i == faults.length) {
            double mean = prediction.applyAsDouble(open);
            into.add(new Component(mean, Math.abs(mean) * measure.varies(), weight));
            return;
        }
        for (var choice : openings(network.faults.get(faults[i]), faults.length)) {
            open[i] = choice.share;
            addOpenings(faults, i + 1, open, weight * choice.chance, prediction, into);
        }
    }

    /** Openings that a fault may leave, with their chances; fewer are tried where many faults come together. */
    private static List<Openness> openings(Fault fault, int together) {
        int blocked = together < MANY ? BLOCKED : BLOCKED_OF_MANY;
        int clear = together < MANY ? UNBLOCKED : 1;
        var openings = new ArrayList<Openness>(blocked + clear);
        double least = fault.open().least();
        double most = fault.open().most();
        for (int i = 0; i < blocked; i++) {
            openings.add(new Openness(least + (most - least) * (i + 0.5) / blocked, fault.blocks() / blocked));
        }
        for (int i = 0; i < clear; i++) {
            openings.add(new Openness(most + (1 - most) * (i + 0.5) / clear, (1 - fault.blocks()) / clear));
        }
        return openings;
    }
}
