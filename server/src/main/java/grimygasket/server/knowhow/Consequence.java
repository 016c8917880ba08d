package grimygasket.server.knowhow;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Applicable;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.work.Part;
import grimygasket.server.accounts.BusinessStore.Business;
import java.util.Map;
import java.util.stream.Collectors;

/** What would follow from what is supposed of a machine that need not exist. */
record Consequence(Assessment assessment, Applicable applicable) {
    /**
     * @param schools school id to the choice that is followed
     */
    static Consequence of(KindKnowhow known, Supposed supposed, Map<String, String> schools, Business business) {
        var pack = known.pack();
        Library.requireFeatures(pack, supposed.features());
        var machine = Machine.of(pack, supposed.features(), schools);
        var findings = supposed.findings().stream()
                .map(supposition -> supposition.in(known))
                .toList();
        // Nobody has to drive for a part of a machine that need not exist, but it has its usual price.
        var onBoard = pack.parts().stream().map(Part::id).collect(Collectors.toSet());
        var van = business.van(Map.of(), onBoard);
        return new Consequence(
                Diagnosis.assess(pack, machine, new Evidence(findings, van)), Applicable.of(pack, machine.traits()));
    }
}
