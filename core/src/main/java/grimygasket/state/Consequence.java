package grimygasket.state;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Applicable;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Competence;
import grimygasket.pack.work.Part;
import grimygasket.util.Unfit;
import java.util.EnumSet;
import java.util.Map;
import java.util.stream.Collectors;

/** What would follow from what is supposed of a machine that need not exist. */
public record Consequence(Assessment assessment, Applicable applicable) {

    /**
     * @param circumstances of a new call about a machine of the kind
     * @throws Unfit if the know-how does not have what is supposed
     */
    public static Consequence of(KindKnowhow known, Supposed supposed, Circumstances circumstances) {
        var pack = known.pack();
        var problems = pack.problemsOf(supposed.features());
        if (!problems.isEmpty()) {
            throw new Unfit(String.join(" ", problems));
        }
        var machine = Machine.of(pack, supposed.features(), circumstances.schools());
        var findings = supposed.findings().stream()
                .map(supposition -> supposition.in(known))
                .toList();
        return new Consequence(
                Diagnosis.assess(pack, machine, new Evidence(findings, van(pack, circumstances))),
                Applicable.of(pack, machine.traits()));
    }

    /** Nobody has to drive for a part of a machine that need not exist, but it has its usual price; and anybody may suppose anything. */
    private static Van van(Pack pack, Circumstances circumstances) {
        return new Van(
                circumstances.labourPerHour(),
                circumstances.returnTripMinutes(),
                Map.of(),
                pack.parts().stream().map(Part::id).collect(Collectors.toSet()),
                true,
                EnumSet.allOf(Competence.class));
    }
}
