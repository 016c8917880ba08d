package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.outcome;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fact.Choice;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Packs and findings put together at random, the same ones for the same seed. */
final class RandomCases {
    private RandomCases() {}

    static Pack pack(Random random, int faults) {
        var packs = new Packs();
        for (int f = 0; f < faults; f++) {
            packs.consequence("f" + f, 0.01 + 0.2 * random.nextDouble(), broughtBy(random, f));
        }
        packs.exclusive("which", "s2", "s3");
        for (int s = 0; s < 4; s++) {
            packs.symptom("s" + s, 0.01 + 0.1 * random.nextDouble(), causes(random, faults));
        }
        for (int c = 0; c < 3; c++) {
            packs.check(
                    "c" + c,
                    null,
                    2,
                    outcome("x", 0.02, causes(random, faults)),
                    outcome("y", 0.03, causes(random, faults)),
                    outcome("z", 0, Map.of()));
        }
        for (int f = 0; f < faults; f++) {
            packs.remedy("r" + f, null, 5 + random.nextInt(20), null, Map.of("f" + f, 0.3 + 0.6 * random.nextDouble()));
        }
        packs.proof("other");
        packs.remedy(new Remedy(
                "half",
                "half",
                null,
                4,
                Map.of("f1", 0.7),
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of(),
                "other",
                List.of(),
                null,
                List.of(),
                false,
                null,
                null,
                false,
                Power.DEAD,
                null));
        packs.fact(new Fact(
                "age",
                "Age",
                "How old?",
                1,
                List.of(
                        new Choice("old", "Old", 0.3, Map.of("f0", 4.0, "f1", 0.5), List.of()),
                        new Choice("new", "New", 0.7, Map.of("f0", 0.25), List.of())),
                List.of()));
        return packs.remedy("both", null, 9, null, Map.of("f0", 0.8, "f1", 0.6)).build();
    }

    /** Only of faults before it, so that none runs in a circle. */
    private static Map<String, Double> broughtBy(Random random, int fault) {
        var broughtBy = new LinkedHashMap<String, Double>();
        for (int f = 0; f < fault; f++) {
            if (random.nextInt(3) == 0) {
                broughtBy.put("f" + f, 0.05 + 0.6 * random.nextDouble());
            }
        }
        return broughtBy;
    }

    private static Map<String, Double> causes(Random random, int faults) {
        var causes = new LinkedHashMap<String, Double>();
        for (int f = 0; f < faults; f++) {
            if (random.nextBoolean()) {
                causes.put("f" + f, 0.05 + 0.9 * random.nextDouble());
            }
        }
        return causes;
    }

    static List<Finding> findings(Random random, Pack pack) {
        var findings = new ArrayList<Finding>();
        for (int i = 0; i < 6; i++) {
            findings.add(
                    switch (random.nextInt(6)) {
                        case 0 ->
                            new SymptomSettled(
                                    "s" + random.nextInt(4), Answer.values()[random.nextInt(3)], random.nextBoolean());
                        case 1 ->
                            new CheckMade(
                                    "c" + random.nextInt(3),
                                    List.of("x", "y", "z").get(random.nextInt(3)));
                        case 2 ->
                            new CodeShown(new Code(
                                    "M",
                                    "kind",
                                    Code.Display.CODE,
                                    "E",
                                    "Meaning",
                                    0.05,
                                    Map.of("f0", 0.7, "f1", 0.2),
                                    Map.of(),
                                    ""));
                        case 3 -> new FactKnown("age", random.nextBoolean() ? "old" : "new");
                        case 4 -> new RemedyTried("half", Proved.PARTLY);
                        default ->
                            new RemedyTried(
                                    random.nextInt(3) == 0
                                            ? "both"
                                            : "r" + random.nextInt(pack.faults().size()),
                                    random.nextInt(4) == 0 ? Proved.PENDING : Proved.STILL_FAILING);
                    });
        }
        if (random.nextBoolean()) {
            findings.add(new RemedyTried("both", Proved.CURED));
        }
        return findings;
    }
}
