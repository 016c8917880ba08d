package grimygasket.cases;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Exclusive;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Competence;
import grimygasket.pack.work.Part;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import grimygasket.units.Amount;
import grimygasket.words.Lexicon;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What comes of a case with a pack.
 *
 * @param leader name of the likeliest fault, or "none of these"
 * @param chance of it
 * @param next the step advised, as a case writes it
 * @param failures a sentence for each expectation that is not met; empty if all are
 */
public record CaseRun(Case one, String leader, double chance, String next, List<String> failures) {
    /** An hour is worth 60, a second visit takes 50 minutes, and every part is on board. */
    private static final double LABOUR = 60;

    private static final double RETURN_TRIP = 50;

    /** A reading in a case is good to so much. */
    private static final double SPREAD = 0.03;

    /** How many steps are held against what must never be advised; questions only where they come next. */
    private static final int LOOKED_AT = 3;

    /**
     * @throws IllegalArgumentException if the case names what the pack does not have
     */
    public static CaseRun of(Pack pack, List<Code> codes, Case one) {
        var features = one.features() == null
                ? pack.features().stream()
                        .filter(Feature::usual)
                        .map(Feature::id)
                        .collect(Collectors.toSet())
                : new HashSet<>(one.features());
        Map<String, String> schools = one.schools().stream()
                .collect(Collectors.toMap(
                        school -> school.substring(0, school.indexOf('=')),
                        school -> school.substring(school.indexOf('=') + 1)));
        var machine = Machine.of(pack, features, schools);
        var own = codes.stream()
                .filter(code -> code.maker().equalsIgnoreCase(one.maker()))
                .toList();
        var findings = new ArrayList<Finding>();
        one.complaints()
                .forEach(symptom -> findings.add(
                        new Finding.SymptomSettled(pack.symptom(symptom).id(), Answer.YES, true)));
        one.found().forEach(found -> findings.add(finding(pack, own, one.complaints(), found.split(" "))));
        var parts = pack.parts().stream().map(Part::id).collect(Collectors.toSet());
        var van = new Van(LABOUR, RETURN_TRIP, Map.of(), parts, true, EnumSet.allOf(Competence.class));
        var evidence = new Evidence(findings, van, Set.copyOf(one.confirmed()));
        return new Held(pack, machine, own, one, Diagnosis.assess(pack, machine, evidence)).run();
    }

    private static Finding finding(Pack pack, List<Code> codes, List<String> complaints, String[] words) {
        return switch (words[0]) {
            // What is complained of, and asked again after a repair, stays a complaint.
            case "symptom" ->
                new Finding.SymptomSettled(
                        pack.symptom(words[1]).id(),
                        Answer.valueOf(words[2].toUpperCase()),
                        complaints.contains(words[1]));
            case "fact" -> {
                pack.fact(words[1]).choiceIndex(words[2]);
                yield new Finding.FactKnown(words[1], words[2]);
            }
            case "check" -> {
                pack.check(words[1]).outcomeIndex(words[2]);
                yield new Finding.CheckMade(words[1], words[2]);
            }
            case "read" -> {
                double value = Double.parseDouble(words[2]);
                yield new Finding.ReadingTaken(
                        words[1],
                        new Amount(
                                pack.check(words[1]).measure().quantity(),
                                value,
                                Math.max(0.1, SPREAD * Math.abs(value))));
            }
            case "remedy" ->
                new Finding.RemedyTried(
                        pack.remedy(words[1]).id(),
                        Proved.valueOf(words[2].toUpperCase().replace('-', '_')));
            case "code" ->
                codes.stream()
                        .filter(code -> code.code().equalsIgnoreCase(words[1]))
                        .<Finding>map(Finding.CodeShown::new)
                        .findFirst()
                        .orElse(new Finding.CodeRead(words[1]));
            default -> throw new IllegalArgumentException("a case cannot say “" + String.join(" ", words) + "”");
        };
    }

    /** A case with its assessment, held against what it expects. */
    private record Held(Pack pack, Machine machine, List<Code> codes, Case one, Assessment assessment) {
        CaseRun run() {
            var failures = new ArrayList<String>();
            words(failures);
            cause(failures);
            steps(failures);
            var first = assessment.ranking().get(0);
            boolean none = assessment.noneOfThese() > first.chance();
            return new CaseRun(
                    one,
                    none ? "none of these" : pack.fault(first.fault()).name(),
                    none ? assessment.noneOfThese() : first.chance(),
                    said(assessment.plan().next()),
                    List.copyOf(failures));
        }

        private void words(List<String> failures) {
            var heard = Lexicon.of(pack, machine.traits(), codes).heard(one.told()).stream()
                    .map(one -> one.hit().id())
                    .toList();
            one.heard().stream()
                    .filter(wanted -> !heard.contains(wanted))
                    .forEach(wanted ->
                            failures.add("Not heard in it: " + name(wanted) + "; heard " + names(heard) + "."));
        }

        private void cause(List<String> failures) {
            if (!one.cause().isEmpty()) {
                var first = assessment.ranking().get(0);
                boolean none = assessment.noneOfThese() > first.chance();
                var leader = none ? "none" : first.fault();
                double chance = none ? assessment.noneOfThese() : first.chance();
                if (!one.cause().contains(leader)) {
                    failures.add(name(leader) + " leads with " + percent(chance) + ", not " + names(one.cause()) + ".");
                } else if (chance < one.chance()) {
                    failures.add(name(leader) + " has " + percent(chance) + ", under " + percent(one.chance()) + ".");
                }
                if (!one.because().isEmpty()
                        && (none
                                || first.because().stream()
                                        .noneMatch(cause -> one.because().contains(cause.fault())))) {
                    failures.add("Not because of " + names(one.because()) + ".");
                }
            }
        }

        private void steps(List<String> failures) {
            var plan = assessment.plan();
            var next = plan.next();
            if (!one.next().isEmpty() && !one.next().contains(said(next))) {
                failures.add("Next: " + name(said(next)) + ", not " + names(one.next()) + ".");
            }
            var advised = new LinkedHashSet<String>();
            Stream.concat(
                            Stream.ofNullable(next),
                            plan.alternatives().stream()
                                    .limit(LOOKED_AT - 1L)
                                    .filter(step -> step.kind() == Step.Kind.CHECK || step.kind() == Step.Kind.REMEDY))
                    .map(Held::said)
                    .forEach(advised::add);
            plan.order().stream().limit(1).forEach(milestone -> {
                if (plan.heldBack().stream().noneMatch(held -> held.remedy().equals(milestone.remedy()))) {
                    advised.add("remedy " + milestone.remedy());
                }
            });
            one.never().stream()
                    .filter(advised::contains)
                    .forEach(step -> failures.add("Advised: " + name(step) + "."));
            if (next != null) {
                var cautions = cautions(next);
                one.cautions().stream()
                        .filter(wanted -> !cautions.contains(wanted))
                        .forEach(
                                wanted -> failures.add("No caution " + name(wanted) + " at " + name(said(next)) + "."));
            }
            if (one.proof() != null && !proof(next).equals(one.proof())) {
                failures.add("Proof: " + name(proof(next)) + ", not " + name(one.proof()) + ".");
            }
        }

        private String proof(Step next) {
            return next != null && next.kind() == Step.Kind.REMEDY
                    ? pack.remedy(next.id()).proof()
                    : "none";
        }

        private List<String> cautions(Step step) {
            var cautions = switch (step.kind()) {
                case CHECK -> pack.cautions(pack.check(step.id()), machine.traits());
                case REMEDY -> pack.cautions(pack.remedy(step.id()), machine.traits());
                case STOP -> List.of(pack.caution(step.id()));
                case ASK, FACT, PROVE, REFER -> List.<Caution>of();
            };
            return cautions.stream().map(Caution::id).toList();
        }

        private static String said(Step step) {
            if (step == null) {
                return "done";
            }
            return switch (step.kind()) {
                case REFER -> "refer";
                case STOP -> "stop";
                case ASK, FACT, CHECK, REMEDY, PROVE -> step.kind().name().toLowerCase() + " " + step.id();
            };
        }

        private String names(List<String> all) {
            return all.isEmpty() ? "nothing" : all.stream().map(this::name).collect(Collectors.joining(" or "));
        }

        /** "check filter-look" as "check “Look at the filter”". */
        private String name(String said) {
            int space = said.indexOf(' ');
            var id = said.substring(space + 1);
            var found = switch (said.substring(0, Math.max(space, 0))) {
                case "ask" ->
                    first(pack.symptoms(), Symptom::id, Symptom::name, id)
                            .or(() -> first(pack.exclusive(), Exclusive::id, Exclusive::ask, id));
                case "fact" -> first(pack.facts(), Fact::id, Fact::name, id);
                case "check" -> first(pack.checks(), Check::id, Check::name, id);
                case "remedy" -> first(pack.remedies(), Remedy::id, Remedy::name, id);
                default ->
                    first(pack.faults(), Fault::id, Fault::name, id)
                            .or(() -> first(pack.symptoms(), Symptom::id, Symptom::name, id))
                            .or(() -> first(pack.facts(), Fact::id, Fact::name, id))
                            .or(() -> first(pack.cautions(), Caution::id, Caution::title, id))
                            .or(() -> first(pack.proofs(), Proof::id, Proof::name, id));
            };
            return found.map(name -> said.substring(0, space + 1) + "“" + name + "”")
                    .orElse(said);
        }

        private static <T> Optional<String> first(
                List<T> all, Function<T, String> idOf, Function<T, String> nameOf, String id) {
            return all.stream()
                    .filter(one -> idOf.apply(one).equals(id))
                    .map(nameOf)
                    .findFirst();
        }

        private static String percent(double chance) {
            return Math.round(100 * chance) + " %";
        }
    }
}
