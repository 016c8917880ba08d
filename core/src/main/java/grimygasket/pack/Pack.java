package grimygasket.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Everything known about one kind of machine.
 *
 * @param id the machine kind
 * @param version counts up with every change
 * @param name of the kind, for example "Dishwasher"
 * @param referMinutes what it costs, in minutes, to give up and hand the call on when nothing listed fits; 0 to 600
 * @param unexplained chance that somebody calls about a machine with none of the listed faults, on a day on which a
 *     faulty one is called about for certain; between 0 and 1
 * @throws PackException if a reference leads nowhere or an id is used twice
 */
public record Pack(
        String id,
        int version,
        String name,
        double referMinutes,
        double unexplained,
        List<Feature> features,
        List<Layer> layers,
        List<Path> paths,
        List<Fault> faults,
        List<Sign> signs,
        List<Check> checks,
        List<Remedy> remedies,
        List<Proof> proofs,
        List<Part> parts,
        List<Caution> cautions) {
    public Pack {
        Range.text("pack id", id);
        Range.text("name of pack " + id, name);
        Range.minutes("referMinutes", referMinutes);
        Range.open("unexplained", unexplained);
        features = Lists.copy(features);
        layers = Lists.copy(layers);
        paths = Lists.copy(paths);
        faults = Lists.copy(faults);
        signs = Lists.copy(signs);
        checks = Lists.copy(checks);
        remedies = Lists.copy(remedies);
        proofs = Lists.copy(proofs);
        parts = Lists.copy(parts);
        cautions = Lists.copy(cautions);
        var problems = new References(features, layers, paths, faults, signs, checks, remedies, proofs, parts, cautions)
                .problems();
        if (!problems.isEmpty()) {
            throw new PackException(problems);
        }
    }

    public Fault fault(String faultId) {
        return find("fault", faults, Fault::id, faultId);
    }

    public Sign sign(String signId) {
        return find("sign", signs, Sign::id, signId);
    }

    public Check check(String checkId) {
        return find("check", checks, Check::id, checkId);
    }

    public Remedy remedy(String remedyId) {
        return find("remedy", remedies, Remedy::id, remedyId);
    }

    public Proof proof(String proofId) {
        return find("proof", proofs, Proof::id, proofId);
    }

    public Part part(String partId) {
        return find("part", parts, Part::id, partId);
    }

    /**
     * What a code table says about this pack that leads nowhere.
     *
     * @return a sentence for each bad reference; empty if the code fits
     */
    public List<String> problemsOf(Code code) {
        var where = "code " + code.code() + " of " + code.maker();
        var unknown = new ArrayList<String>();
        for (var fault : code.faults().keySet()) {
            if (faults.stream().noneMatch(f -> f.id().equals(fault))) {
                unknown.add(where + " points to the fault " + fault + ", which pack " + id + " does not have");
            }
        }
        for (var sign : code.signs().keySet()) {
            if (signs.stream().noneMatch(s -> s.id().equals(sign))) {
                unknown.add(where + " points to the sign " + sign + ", which pack " + id + " does not have");
            }
        }
        return unknown;
    }

    private <T> T find(String what, List<T> all, Function<T, String> idOf, String wanted) {
        for (T one : all) {
            if (idOf.apply(one).equals(wanted)) {
                return one;
            }
        }
        throw new IllegalArgumentException("pack " + id + " has no " + what + " " + wanted);
    }
}
