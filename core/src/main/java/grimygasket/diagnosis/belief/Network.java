package grimygasket.diagnosis.belief;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.Remedy;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A pack as it applies to one machine: only the faults, symptoms, checks and remedies that its features leave, with the
 * faults numbered from 0.
 */
public final class Network {
    public final Pack pack;
    public final List<Fault> faults;
    public final List<Fact> facts;
    public final List<Symptom> symptoms;
    public final List<Check> checks;
    public final List<Remedy> remedies;
    public final FaultSets sets;
    public final Access access;

    /** By set; not to be changed. */
    final double[] priorMass;

    private final Machine machine;
    private final double[][] spares;
    private final double[] bringsNothing;
    private final Map<String, Integer> indexOf = new HashMap<>();
    private final Map<String, NoisyOr> symptomModels = new HashMap<>();
    private final Map<String, NoisyOr> reasonModels = new HashMap<>();
    private final Map<String, FactModel> factModels = new HashMap<>();
    private final Map<String, NoisyOr[]> checkModels = new HashMap<>();
    private final Map<String, ReadingModel> readingModels = Collections.synchronizedMap(new HashMap<>());
    private final Map<String, int[]> setsAt = Collections.synchronizedMap(new HashMap<>());
    private final Map<String, Double> priorAt = Collections.synchronizedMap(new HashMap<>());
    private final Map<String, double[]> cures = new HashMap<>();
    private final Map<String, Outcomes> outcomes = new HashMap<>();

    /**
     * @param most size of the largest set of faults considered
     */
    public Network(Pack pack, Machine machine, int most) {
        this.pack = pack;
        this.machine = machine;
        faults = machine.faults(pack);
        for (int f = 0; f < faults.size(); f++) {
            indexOf.put(faults.get(f).id(), f);
        }
        facts = pack.facts().stream().filter(f -> machine.meets(f.needs())).toList();
        symptoms =
                pack.symptoms().stream().filter(s -> machine.meets(s.needs())).toList();
        checks = pack.checks().stream().filter(c -> machine.meets(c.needs())).toList();
        remedies = pack.remedies().stream()
                .filter(r -> machine.meets(r.needs()))
                .filter(r -> r.cures().keySet().stream().anyMatch(indexOf::containsKey))
                .toList();
        sets = FaultSets.of(faults.size(), most);
        spares = new double[faults.size()][faults.size()];
        bringsNothing = new double[faults.size()];
        Arrays.fill(bringsNothing, 1);
        for (var row : spares) {
            Arrays.fill(row, 1);
        }
        for (int f = 0; f < faults.size(); f++) {
            for (var brought : faults.get(f).broughtBy().entrySet()) {
                var cause = indexOf.get(brought.getKey());
                if (cause != null) {
                    spares[cause][f] = 1 - brought.getValue();
                    bringsNothing[cause] *= 1 - brought.getValue();
                }
            }
        }
        pack.symptoms().forEach(s -> {
            symptomModels.put(s.id(), model(s.leak(), s.causes()));
            reasonModels.put(s.id(), model(s.leak() * Complaints.MISTAKEN, s.causes()));
        });
        pack.facts().forEach(f -> factModels.put(f.id(), FactModel.of(f, indexOf)));
        pack.checks().forEach(c -> checkModels.put(c.id(), models(c)));
        pack.checks().forEach(c -> outcomes.put(c.id(), Outcomes.of(this, c)));
        remedies.forEach(r -> cures.put(r.id(), chances(r)));
        access = new Access(pack);
        priorMass = Prior.mass(this);
    }

    /** The stations of a path that this machine has. */
    public List<Station> stations(Path path) {
        return path.stations().stream().filter(this::has).toList();
    }

    boolean has(Station station) {
        return machine.meets(station.needs());
    }

    /** Chance that a cause, while it is there, does not bring a fault, by their indices. */
    double spares(int cause, int fault) {
        return spares[cause][fault];
    }

    /** Chance that a cause brings no other fault at all. */
    double bringsNothing(int cause) {
        return bringsNothing[cause];
    }

    /** Some faults as bits; those that this machine cannot have are left out. */
    public long mask(Collection<String> ids) {
        long mask = 0;
        for (var id : ids) {
            var index = indexOf.get(id);
            mask |= index == null ? 0 : 1L << index;
        }
        return mask;
    }

    /** What the outcomes of a check show and clear. */
    public Outcomes outcomes(Check check) {
        return outcomes.get(check.id());
    }

    /** Index of a fault; null for one that this machine cannot have. */
    public Integer indexOf(String fault) {
        return indexOf.get(fault);
    }

    /** The model of what is read at a check. */
    public ReadingModel reading(Check check) {
        return readingModels.computeIfAbsent(check.id(), id -> ReadingModel.of(this, check));
    }

    public Machine machine() {
        return machine;
    }

    Ratings ratings() {
        return machine.ratings();
    }

    /** The sets of faults of which any stands at a station; not to be changed. */
    public int[] setsAt(String station) {
        return setsAt.computeIfAbsent(station, at -> {
            var here = new boolean[faults.size()];
            for (int f = 0; f < here.length; f++) {
                here[f] = faults.get(f).at().contains(at);
            }
            return sets.withAny(here);
        });
    }

    /** Chance before any evidence that something is wrong at a station. */
    public double priorAt(String station) {
        return priorAt.computeIfAbsent(station, at -> Belief.prior(this).chance(setsAt(at)));
    }

    public NoisyOr symptom(String id) {
        return symptomModels.get(id);
    }

    /** The model of a symptom that somebody called for: nobody calls by chance, so its leak is far smaller. */
    NoisyOr reason(String id) {
        return reasonModels.get(id);
    }

    public FactModel fact(String id) {
        return factModels.get(id);
    }

    /** The models of a check's outcomes but the last, in order of precedence. */
    public NoisyOr[] check(String id) {
        return checkModels.get(id);
    }

    /**
     * How likely a finding is under each set of faults, up to a common factor; null for one that says nothing in this way.
     */
    public double[] likelihood(Finding finding) {
        return finding.to(new Likelihoods());
    }

    /** Null for what says nothing in this way: a remedy changes the machine, see {@link Diagnosis}. */
    private final class Likelihoods implements Finding.Cases<double[]> {
        @Override
        public double[] symptom(Finding.SymptomSettled settled) {
            return switch (settled.answer()) {
                case YES -> seen(settled);
                case NO -> Network.this.symptom(settled.symptom()).likelihood(sets, false);
                case UNKNOWN -> null;
            };
        }

        @Override
        public double[] fact(Finding.FactKnown known) {
            int choice = pack.fact(known.fact()).choiceIndex(known.choice());
            return Network.this.fact(known.fact()).likelihoods(sets)[choice];
        }

        @Override
        public double[] code(Finding.CodeShown shown) {
            return Network.this.code(shown.code()).likelihood(sets, true);
        }

        @Override
        public double[] codeRead(Finding.CodeRead read) {
            return null;
        }

        @Override
        public double[] check(Finding.CheckMade made) {
            return likelihood(
                    Network.this.check(made.check()), pack.check(made.check()).outcomeIndex(made.outcome()));
        }

        @Override
        public double[] reading(Finding.ReadingTaken taken) {
            return Network.this.reading(pack.check(taken.check())).likelihood(sets, taken.reading());
        }

        @Override
        public double[] remedy(Finding.RemedyTried tried) {
            return null;
        }
    }

    /**
     * Of a symptom that is there, and therefore of none that it excludes and that takes precedence over it; of a complaint only the
     * latter, see {@link Complaints}.
     */
    private double[] seen(Finding.SymptomSettled settled) {
        var likelihood = settled.complaint() ? null : symptom(settled.symptom()).likelihood(sets, true);
        var question = pack.exclusive(settled.symptom());
        if (question != null) {
            for (var other : question.symptoms().subList(0, question.symptoms().indexOf(settled.symptom()))) {
                var absent = symptom(other).likelihood(sets, false);
                likelihood = likelihood == null ? absent : multiply(likelihood, absent);
            }
        }
        return likelihood;
    }

    /**
     * By set, how likely one of the complaints that a proof is about, or is not about, shows on the machine: while one does, it
     * is not cured.
     *
     * @param complaints ids of symptoms
     * @param about whether those that share a cause with what the proof shows, or the others
     * @return null where there are none: then it is only known that something is wrong
     */
    public double[] persistence(Collection<String> complaints, String proof, boolean about, FaultSets sets) {
        double[] silent = null;
        var hindering = pack.hindering(proof);
        for (var complaint : complaints) {
            boolean shares = pack.symptom(complaint).causes().keySet().stream().anyMatch(hindering::contains);
            if (shares == about) {
                var one = reasonModels.get(complaint).likelihood(sets, false);
                silent = silent == null ? one : multiply(silent, one);
            }
        }
        for (int s = 0; silent != null && s < silent.length; s++) {
            silent[s] = 1 - silent[s];
        }
        return silent;
    }

    private static double[] multiply(double[] into, double[] factors) {
        for (int s = 0; s < into.length; s++) {
            into[s] *= factors[s];
        }
        return into;
    }

    /** Of the outcome at an index, which was seen, and therefore none that takes precedence over it. */
    private double[] likelihood(NoisyOr[] outcomes, int seen) {
        var likelihood = new double[sets.count()];
        Arrays.fill(likelihood, 1);
        for (int o = 0; o <= seen && o < outcomes.length; o++) {
            multiply(likelihood, outcomes[o].likelihood(sets, o == seen));
        }
        return likelihood;
    }

    /** By fault index, whether a fault hinders what a proof shows: whether a remedy for it has that proof. */
    boolean[] hinders(String proof) {
        var hinders = new boolean[faults.size()];
        pack.hindering(proof).stream()
                .filter(indexOf::containsKey)
                .forEach(fault -> hinders[indexOf.get(fault)] = true);
        return hinders;
    }

    /** A code that points to a symptom points to the symptom's causes, as strongly as both links together. */
    NoisyOr code(Code code) {
        var strengths = new HashMap<String, Double>();
        code.symptoms()
                .forEach((symptom, strength) -> pack.symptom(symptom)
                        .causes()
                        .forEach((fault, shown) -> strengths.merge(fault, strength * shown, Network::either)));
        code.faults().forEach((fault, strength) -> strengths.merge(fault, strength, Network::either));
        return model(code.leak(), strengths);
    }

    /**
     * The chance, by fault index, that a remedy takes the fault away; as factors of {@link FaultSets#product}, not to be
     * changed.
     */
    public double[] cures(Remedy remedy) {
        var kept = cures.get(remedy.id());
        return kept == null ? chances(remedy) : kept;
    }

    private double[] chances(Remedy remedy) {
        var chances = FaultSets.factors(faults.size(), 0);
        remedy.cures().forEach((fault, chance) -> {
            var index = indexOf.get(fault);
            if (index != null) {
                chances[index] = chance;
            }
        });
        return chances;
    }

    private NoisyOr[] models(Check check) {
        return check.outcomes().stream()
                .limit(check.outcomes().size() - 1L)
                .map(outcome -> model(outcome.leak(), pack.strengths(outcome)))
                .toArray(NoisyOr[]::new);
    }

    private static double either(double a, double b) {
        return 1 - (1 - a) * (1 - b);
    }

    private NoisyOr model(double leak, Map<String, Double> byId) {
        var byIndex = new HashMap<Integer, Double>();
        byId.forEach((fault, strength) -> {
            var index = indexOf.get(fault);
            if (index != null) {
                byIndex.put(index, strength);
            }
        });
        return NoisyOr.of(leak, byIndex, faults.size());
    }
}
