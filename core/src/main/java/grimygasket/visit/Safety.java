package grimygasket.visit;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.pack.Caution;
import grimygasket.pack.Pack;
import java.util.List;

/** Whatever was done that can hurt, its caution is confirmed, once a call. */
public final class Safety {
    private Safety() {}

    /** The cautions of all checks made and remedies tried that are not confirmed, in the order in which they came up. */
    public static List<Caution> unconfirmed(Pack pack, VisitRecord visit) {
        return visit.findings().stream()
                .flatMap(finding -> cautions(pack, finding).stream())
                .distinct()
                .filter(caution -> !visit.cautionsKept().contains(caution))
                .map(pack::caution)
                .toList();
    }

    private static List<String> cautions(Pack pack, Finding finding) {
        if (finding instanceof CheckMade made) {
            return pack.check(made.check()).cautions();
        }
        return finding instanceof RemedyTried tried
                ? pack.remedy(tried.remedy()).cautions()
                : List.of();
    }
}
