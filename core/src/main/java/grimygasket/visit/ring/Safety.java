package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Caution;
import grimygasket.visit.VisitRecord;
import java.util.LinkedHashSet;
import java.util.List;

/** Whatever was done that can hurt, its caution is confirmed, once a call. */
public final class Safety {
    private Safety() {}

    /** The cautions of all checks made, remedies tried and layers opened that are not confirmed, in that order. */
    public static List<Caution> unconfirmed(Pack pack, Machine machine, VisitRecord visit) {
        var cautions = new LinkedHashSet<Caution>();
        for (var finding : visit.findings()) {
            if (finding instanceof Checked made) {
                var check = pack.check(made.check());
                cautions.addAll(pack.cautions(check, machine.traits()));
            } else if (finding instanceof RemedyTried tried) {
                var remedy = pack.remedy(tried.remedy());
                cautions.addAll(pack.cautions(remedy, machine.traits()));
            } else if (finding instanceof SymptomSettled symptom && symptom.answer() == Answer.YES) {
                var alarm = pack.symptom(symptom.symptom()).alarm();
                if (alarm != null) {
                    cautions.add(pack.caution(alarm.caution()));
                }
            }
        }
        visit.opened(pack).forEach(layer -> cautions.addAll(pack.cautions(layer.id(), List.of(), machine.traits())));
        return cautions.stream()
                .filter(caution -> !visit.cautionsKept().contains(caution.id()))
                .toList();
    }
}
