package grimygasket.pack.soundness;

import grimygasket.pack.Pack;
import grimygasket.pack.Tools;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Grade;
import grimygasket.pack.evidence.Source;
import grimygasket.pack.machine.Screws;
import grimygasket.pack.work.Instruction;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds what a sound pack leaves unsaid: it can be used, but somebody should look at it. */
public final class Review {
    /** Outcomes whose strengths differ by less than this do not tell two faults apart. */
    private static final double TELLS_APART = 0.1;

    /** From this strength on, an outcome shows a fault. */
    private static final double SHOWS = 0.5;

    private static final Map<String, Integer> NUMBERS =
            Map.of("two", 2, "three", 3, "four", 4, "five", 5, "ten", 10, "fifteen", 15, "twenty", 20, "thirty", 30);

    private Review() {}

    /**
     * A sentence for each danger, each fault without symptom, check, remedy or advice, each symptom without fault, each check that
     * tells nothing apart or cries wolf, each driver that fits no screw, each tool that only the words name, each step that does not begin with a verb or is said twice, each dear remedy without its cheap look, each step shorter than what it waits for,
     * each number that a source claims and nobody uses, and each part, proof, layer or caution that nothing uses.
     */
    public static List<String> of(Pack pack) {
        var remarks = new ArrayList<>(Dangers.of(pack));
        var withSymptom = new HashSet<String>();
        var withCheck = new HashSet<String>();
        var withRemedy = new HashSet<String>();
        var withAdvice = new HashSet<String>();
        pack.symptoms().forEach(symptom -> withSymptom.addAll(symptom.causes().keySet()));
        pack.checks().forEach(check -> withCheck.addAll(accused(pack, check)));
        pack.remedies().forEach(remedy -> withRemedy.addAll(remedy.cures().keySet()));
        pack.habits().forEach(habit -> withAdvice.addAll(habit.faults()));
        pack.cadences().forEach(cadence -> withAdvice.addAll(cadence.faults()));
        for (var fault : pack.faults()) {
            missing(remarks, fault, withSymptom, "shows no symptom");
            missing(remarks, fault, withCheck, "is found by no check");
            missing(remarks, fault, withRemedy, "is cured by no remedy");
            missing(remarks, fault, withAdvice, "is covered by no advice to the customer");
        }
        for (var symptom : pack.symptoms()) {
            // What only licensed people may clear need not be of this machine.
            if (symptom.causes().isEmpty()
                    && (symptom.alarm() == null || !symptom.alarm().cleared().isEmpty())) {
                remarks.add("Symptom “" + symptom.name() + "” points to no fault.");
            }
        }
        for (var check : pack.checks()) {
            if (!tellsApart(pack, check)) {
                remarks.add("Check “" + check.name() + "” tells nothing apart.");
            }
            criesWolf(pack, check, remarks);
            var name = "Check “" + check.name() + "”";
            drivers(pack, name, check.layer(), Tools.of(pack, check), remarks);
            if (check.timerSeconds() > 60 * check.minutes()) {
                remarks.add(name + " is over before its timer.");
            }
            minutes(name, check.minutes(), check.steps(), remarks);
            tools(name, check.steps(), Tools.of(pack, check), remarks);
            remarks.addAll(Verbs.missing(name, check.steps()));
            twice(name, check.steps(), remarks);
        }
        for (var remedy : pack.remedies()) {
            var name = "Remedy “" + remedy.name() + "”";
            drivers(pack, name, remedy.layer(), Tools.of(pack, remedy), remarks);
            minutes(name, remedy.minutes() + remedy.dryMinutes(), remedy.steps(), remarks);
            tools(name, remedy.steps(), Tools.of(pack, remedy), remarks);
            remarks.addAll(Verbs.missing(name, remedy.steps()));
            twice(name, remedy.steps(), remarks);
        }
        remarks.addAll(DearRemedies.withoutLook(pack));
        for (var caution : pack.cautions()) {
            ToolWords.missing(caution)
                    .forEach(worn -> remarks.add("Caution “" + caution.title() + "” speaks of " + worn
                            + ", and does not say that it is put on."));
        }
        for (var proof : pack.proofs()) {
            var name = "Proof “" + proof.name() + "”";
            minutes(name, proof.minutes(), proof.steps(), remarks);
            remarks.addAll(Verbs.missing(name, proof.steps()));
            twice(name, proof.steps(), remarks);
        }
        unused(pack, remarks);
        unknownNumbers(pack, remarks);
        return List.copyOf(remarks);
    }

    private static void tools(String name, List<Instruction> steps, List<String> tools, List<String> remarks) {
        ToolWords.missing(steps, tools)
                .forEach(tool -> remarks.add(name + " speaks of “" + tool + "”, and it is not among its tools."));
    }

    private static void missing(List<String> remarks, Fault fault, Set<String> covered, String what) {
        if (!covered.contains(fault.id())) {
            remarks.add("Fault “" + fault.name() + "” " + what + ".");
        }
    }

    /** The faults that a check's outcomes point to, by name or by the place of a blockage. */
    private static Set<String> accused(Pack pack, Check check) {
        var accused = new HashSet<String>();
        for (var outcome : check.outcomes()) {
            accused.addAll(outcome.causes().keySet());
            accused.addAll(
                    pack.blocking(outcome.blockedUpTo()).stream().map(Fault::id).toList());
        }
        return accused;
    }

    /** Whether some fault makes an outcome clearly likelier than a machine without it. */
    private static boolean tellsApart(Pack pack, Check check) {
        return check.outcomes().stream()
                .anyMatch(outcome -> outcome.causes().values().stream().anyMatch(strength -> strength >= TELLS_APART)
                        || pack.blocking(outcome.blockedUpTo()).stream()
                                .anyMatch(fault -> fault.blocks() * outcome.seen() >= TELLS_APART));
    }

    /** A false alarm that is not well below the rates of what it accuses outweighs what is really there. */
    private static void criesWolf(Pack pack, Check check, List<String> remarks) {
        if (check.known() == null) {
            remarks.add("Check “" + check.name() + "” does not say how its answer is known.");
            return;
        }
        for (var outcome : check.outcomes().subList(0, check.outcomes().size() - 1)) {
            double rate = outcome.causes().entrySet().stream()
                    .filter(cause -> cause.getValue() >= SHOWS)
                    .mapToDouble(cause -> pack.fault(cause.getKey()).rate())
                    .sum();
            if (check.known() == Grade.SEEN && rate > 0 && outcome.leak() > rate && outcome.because() == null) {
                remarks.add("Check “" + check.name() + "”: “" + outcome.name()
                        + "” is a false alarm as often as it is none, and nobody says why.");
            }
        }
    }

    /** A driver that a piece of work names is one of those that its layers' screws take. */
    private static void drivers(Pack pack, String name, String layer, List<String> tools, List<String> remarks) {
        var fitting = pack.chain(layer).stream()
                .flatMap(one -> one.pieces().stream())
                .flatMap(piece -> piece.screws().stream())
                .map(Screws::drive)
                .collect(Collectors.toSet());
        tools.stream()
                .filter(tool -> tool.matches("T\\d+ driver"))
                .filter(tool -> !fitting.isEmpty() && !fitting.contains(tool.substring(0, tool.indexOf(' '))))
                .forEach(tool -> remarks.add(name + " names a " + tool + ", and none of its screws is one."));
    }

    /** A step that says how long it takes is no longer than the whole. */
    private static void minutes(String name, double minutes, List<Instruction> steps, List<String> remarks) {
        for (var step : steps) {
            if (step.minutes() != null && step.minutes() > minutes) {
                remarks.add(name + " is shorter than its step “" + step.text() + "”");
            }
            NUMBERS.forEach((word, number) -> {
                if (number > minutes && step.said().toLowerCase().contains(word + " minutes")) {
                    remarks.add(name + " is shorter than its step “" + step.text() + "”");
                }
            });
        }
    }

    private static void twice(String name, List<Instruction> steps, List<String> remarks) {
        var read = new HashSet<String>();
        steps.stream()
                .map(Instruction::text)
                .filter(text -> !read.add(text))
                .forEach(text -> remarks.add(name + " says twice: “" + text + "”"));
    }

    /** What a source claims has to be a number that there is. */
    private static void unknownNumbers(Pack pack, List<String> remarks) {
        var addresses = Numbers.of(pack).keySet();
        for (var source : pack.sources()) {
            for (var claimed : source.numbers()) {
                if (addresses.stream().noneMatch(address -> Source.matches(claimed, address))) {
                    remarks.add("Source “" + source.text() + "” claims " + claimed + ", and there is no such number.");
                }
            }
        }
    }

    private static void unused(Pack pack, List<String> remarks) {
        var used = new HashSet<String>();
        pack.layers().forEach(layer -> used.add("layer " + layer.within()));
        pack.faults().forEach(fault -> used.add("caution " + fault.danger()));
        pack.features().forEach(feature -> feature.cautions().forEach(caution -> used.add("caution " + caution)));
        for (var symptom : pack.symptoms()) {
            if (symptom.alarm() != null) {
                used.add("caution " + symptom.alarm().caution());
                used.add("proof " + symptom.alarm().proof());
            }
        }
        pack.notes().forEach(note -> note.cautions().forEach(caution -> used.add("caution " + caution)));
        pack.layers().forEach(layer -> layer.cautions().forEach(caution -> used.add("caution " + caution)));
        for (var check : pack.checks()) {
            used.add("layer " + check.layer());
            check.cautions().forEach(caution -> used.add("caution " + caution));
        }
        for (var remedy : pack.remedies()) {
            used.add("layer " + remedy.layer());
            used.add("proof " + remedy.proof());
            remedy.parts().forEach(part -> used.add("part " + part));
            remedy.cautions().forEach(caution -> used.add("caution " + caution));
        }
        pack.layers().forEach(layer -> unused(remarks, used, "layer " + layer.id(), layer.name()));
        pack.proofs().forEach(proof -> unused(remarks, used, "proof " + proof.id(), proof.name()));
        pack.parts().forEach(part -> unused(remarks, used, "part " + part.id(), part.name()));
        pack.cautions().forEach(caution -> unused(remarks, used, "caution " + caution.id(), caution.title()));
    }

    private static void unused(List<String> remarks, Set<String> used, String what, String name) {
        if (!used.contains(what)) {
            remarks.add("Nothing uses the " + what + " (“" + name + "”).");
        }
    }
}
