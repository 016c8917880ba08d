package grimygasket.diagnosis;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Symptom;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The posterior by its definition, over all 2^n sets of faults and nothing shared with the code under test: slow and
 * plain. Facts, symptoms and complaints, exclusive symptoms, codes that point to faults, checks without path, faults that bring
 * others, and remedies that did, partly did or did not cure.
 */
final class BruteForce {
    private final Pack pack;
    private final Set<Symptom> complaints = new LinkedHashSet<>();

    /** Of those, the ones since the machine was last changed. */
    private final List<Symptom> told = new ArrayList<>();

    private double[] weights;

    private BruteForce(Pack pack) {
        this.pack = pack;
        weights = new double[1 << pack.faults().size()];
        for (int set = 0; set < weights.length; set++) {
            weights[set] = set == 0 ? pack.unexplained() : 1;
            for (int f = 0; f < pack.faults().size(); f++) {
                var fault = pack.faults().get(f);
                double comes = seen(set, fault.rate(), fault.broughtBy());
                weights[set] *= has(set, f) ? comes : 1 - comes;
            }
        }
    }

    /** The chance of each fault in the pack's order, and then that of none. */
    static double[] posterior(Pack pack, List<Finding> findings) {
        var force = new BruteForce(pack);
        var last = lastAnswers(findings);
        last.stream().filter(FactKnown.class::isInstance).forEach(force::weigh);
        last.stream().filter(finding -> !(finding instanceof FactKnown)).forEach(force::weigh);
        return force.marginals();
    }

    /** Of several answers to one question with no remedy between that changed the machine, the last; of facts ever. */
    private static List<Finding> lastAnswers(List<Finding> findings) {
        var kept = new ArrayList<Finding>();
        for (int i = 0; i < findings.size(); i++) {
            boolean stands = true;
            for (int later = i + 1; later < findings.size() && stands; later++) {
                if (findings.get(later) instanceof RemedyTried tried
                        && tried.proved() != Proved.PENDING
                        && !(findings.get(i) instanceof FactKnown)) {
                    break;
                }
                stands = !question(findings.get(i)).equals(question(findings.get(later)));
            }
            if (stands) {
                kept.add(findings.get(i));
            }
        }
        return kept;
    }

    private static Object question(Finding finding) {
        return finding instanceof SymptomSettled symptom
                ? symptom.symptom()
                : finding instanceof CheckMade check
                        ? check.check()
                        : finding instanceof FactKnown fact
                                ? fact.fact()
                                : finding instanceof CodeShown ? "code" : new Object();
    }

    private static boolean has(int set, int fault) {
        return (set >> fault & 1) == 1;
    }

    private int index(String fault) {
        return pack.faults().stream().map(f -> f.id()).toList().indexOf(fault);
    }

    private double seen(int set, double leak, Map<String, Double> causes) {
        double unseen = 1 - leak;
        for (var cause : causes.entrySet()) {
            if (has(set, index(cause.getKey()))) {
                unseen *= 1 - cause.getValue();
            }
        }
        return 1 - unseen;
    }

    private void weigh(Finding finding) {
        if (finding instanceof RemedyTried tried) {
            treat(tried);
            return;
        }
        for (int set = 0; set < weights.length; set++) {
            weights[set] *= likelihood(set, finding);
        }
        if (finding instanceof SymptomSettled settled && settled.complaint() && settled.answer() == Answer.YES) {
            complaints.add(pack.symptom(settled.symptom()));
            told.add(pack.symptom(settled.symptom()));
        }
    }

    private double likelihood(int set, Finding finding) {
        if (finding instanceof SymptomSettled settled) {
            var symptom = pack.symptom(settled.symptom());
            double yes = seen(set, symptom.leak(), symptom.causes());
            if (settled.answer() != Answer.YES) {
                return settled.answer() == Answer.NO ? 1 - yes : 1;
            }
            if (settled.complaint()) {
                var more = new ArrayList<>(told);
                more.add(symptom);
                yes = complained(set, more) / complained(set, told);
            }
            // s2 and s3 exclude each other, and s2 is asked first.
            return symptom.id().equals("s3")
                    ? yes
                            * (1
                                    - seen(
                                            set,
                                            pack.symptom("s2").leak(),
                                            pack.symptom("s2").causes()))
                    : yes;
        }
        if (finding instanceof CodeShown shown) {
            return seen(set, shown.code().leak(), shown.code().faults());
        }
        if (finding instanceof FactKnown known) {
            double all = 0;
            double chosen = 0;
            for (var choice : pack.fact(known.fact()).choices()) {
                double odds = choice.share();
                for (var shift : choice.shifts().entrySet()) {
                    odds *= has(set, index(shift.getKey())) ? shift.getValue() : 1;
                }
                all += odds;
                chosen += choice.id().equals(known.choice()) ? odds : 0;
            }
            return chosen / all;
        }
        var made = (CheckMade) finding;
        var outcomes = pack.check(made.check()).outcomes();
        double left = 1;
        for (int o = 0; o < outcomes.size() - 1; o++) {
            double chance = seen(set, outcomes.get(o).leak(), outcomes.get(o).causes());
            if (outcomes.get(o).id().equals(made.outcome())) {
                return left * chance;
            }
            left *= 1 - chance;
        }
        return left;
    }

    /** How likely some symptoms are complained of together: any of them may be why somebody called. */
    private double complained(int set, List<Symptom> symptoms) {
        if (symptoms.isEmpty()) {
            return 1;
        }
        double all = 0;
        for (var reason : symptoms) {
            double together = 1;
            for (var symptom : symptoms) {
                together *= symptom == reason ? complained(set, symptom) : seen(set, symptom.leak(), symptom.causes());
            }
            all += together / symptoms.size();
        }
        return set == 0 ? Math.max(all, unlisted(symptoms)) : all;
    }

    /** How often one listed fault shows some symptoms together: an unlisted one does as often. */
    private double unlisted(List<Symptom> symptoms) {
        double rates = 0;
        double showing = 0;
        for (int f = 0; f < pack.faults().size(); f++) {
            double rate = pack.faults().get(f).rate();
            rates += rate;
            showing += rate * complained(1 << f, symptoms);
        }
        return showing / rates;
    }

    private double complained(int set, Symptom symptom) {
        return seen(set, 0.03 * symptom.leak(), symptom.causes());
    }

    /**
     * How likely what is left of a set goes on showing something that was complained of, of those complaints that share, or
     * do not share, a cause with the faults that the remedy's proof shows; below 0 where there are none.
     */
    private double goesOn(int before, int after, String remedy, boolean about) {
        double silentBefore = 1;
        double silentAfter = 1;
        boolean some = false;
        for (var symptom : complaints) {
            int causes = 0;
            for (var cause : symptom.causes().keySet()) {
                causes |= 1 << index(cause);
            }
            if (hinders(causes, remedy) == about) {
                some = true;
                silentBefore *= 1 - complained(before, symptom);
                silentAfter *= 1 - complained(after, symptom);
            }
        }
        return some ? (1 - silentAfter) / (1 - silentBefore) : -1;
    }

    /** Every way in which a remedy may turn one set into another, each with its chance. */
    private void treat(RemedyTried tried) {
        if (tried.proved() == Proved.PENDING) {
            return;
        }
        told.clear();
        var cures = pack.remedy(tried.remedy()).cures();
        var next = new double[weights.length];
        for (int before = 0; before < weights.length; before++) {
            for (int after = 0; after < weights.length; after++) {
                double chance = turns(before, after, cures);
                if (tried.proved() == Proved.CURED) {
                    // Looks back: the weight stays with what had been wrong.
                    next[before] += after == 0 ? weights[before] * (before == 0 ? 0.01 : chance) : 0;
                } else {
                    boolean partly = tried.proved() == Proved.PARTLY;
                    double goesOn = goesOn(before, after, tried.remedy(), !partly);
                    if (goesOn < 0) {
                        goesOn = after != 0 || before == 0 ? 1 : 0;
                    }
                    boolean hindered = partly && hinders(after, tried.remedy());
                    next[after] += weights[before] * chance * goesOn * (hindered ? 0.02 : 1);
                }
            }
        }
        weights = next;
    }

    /** Whether a set has a fault for which there is a remedy with the same proof. */
    private boolean hinders(int set, String remedy) {
        return pack.remedies().stream()
                .filter(other -> other.proof().equals(pack.remedy(remedy).proof()))
                .anyMatch(other -> other.cures().keySet().stream().anyMatch(fault -> has(set, index(fault))));
    }

    private double turns(int before, int after, Map<String, Double> cures) {
        double chance = 1;
        for (int f = 0; f < pack.faults().size(); f++) {
            double cure = cures.getOrDefault(pack.faults().get(f).id(), 0.0);
            if (has(before, f)) {
                chance *= has(after, f) ? 1 - cure : cure;
            } else if (has(after, f)) {
                return 0;
            }
        }
        return chance;
    }

    private double[] marginals() {
        var marginals = new double[pack.faults().size() + 1];
        double sum = 0;
        for (int set = 0; set < weights.length; set++) {
            sum += weights[set];
            for (int f = 0; f < pack.faults().size(); f++) {
                marginals[f] += has(set, f) ? weights[set] : 0;
            }
        }
        marginals[pack.faults().size()] = weights[0];
        for (int f = 0; f < marginals.length; f++) {
            marginals[f] /= sum;
        }
        return marginals;
    }
}
