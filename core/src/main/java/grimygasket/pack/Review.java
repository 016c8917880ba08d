package grimygasket.pack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Finds what a sound pack leaves unsaid: it can be used, but somebody should look at it. */
public final class Review {
    /** Outcomes whose strengths differ by less than this do not tell two faults apart. */
    private static final double TELLS_APART = 0.1;

    private Review() {}

    /**
     * A sentence for each fault without sign, check or remedy, each sign without fault, each check that tells nothing
     * apart, and each part, proof, layer or caution that nothing uses.
     */
    public static List<String> of(Pack pack) {
        var remarks = new ArrayList<String>();
        var withSign = new HashSet<String>();
        var withCheck = new HashSet<String>();
        var withRemedy = new HashSet<String>();
        pack.signs().forEach(sign -> withSign.addAll(sign.causes().keySet()));
        pack.checks().forEach(check -> withCheck.addAll(accused(pack, check)));
        pack.remedies().forEach(remedy -> withRemedy.addAll(remedy.cures().keySet()));
        for (var fault : pack.faults()) {
            missing(remarks, fault, withSign, "leaves no sign");
            missing(remarks, fault, withCheck, "is found by no check");
            missing(remarks, fault, withRemedy, "is cured by no remedy");
        }
        for (var sign : pack.signs()) {
            if (sign.causes().isEmpty()) {
                remarks.add("Sign “" + sign.name() + "” points to no fault.");
            }
        }
        for (var check : pack.checks()) {
            if (!tellsApart(pack, check)) {
                remarks.add("Check “" + check.name() + "” tells nothing apart.");
            }
        }
        unused(pack, remarks);
        return List.copyOf(remarks);
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

    private static void unused(Pack pack, List<String> remarks) {
        var used = new HashSet<String>();
        pack.layers().forEach(layer -> used.add("layer " + layer.within()));
        pack.faults().forEach(fault -> used.add("caution " + fault.danger()));
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
