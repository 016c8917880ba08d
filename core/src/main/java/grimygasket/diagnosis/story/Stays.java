package grimygasket.diagnosis.story;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import java.util.List;
import java.util.stream.Collectors;

/** What is asked after a repair that helped in part: which of the complaints is gone, and which stays. */
public final class Stays {
    private Stays() {}

    /** Ids of the symptoms complained of before the last repair, where that helped in part, which nobody has spoken of since. */
    public static List<String> toAsk(List<Finding> findings) {
        int last = findings.size() - 1;
        while (last >= 0 && !findings.get(last).changesTheMachine()) {
            last--;
        }
        if (last < 0 || !(findings.get(last) instanceof RemedyTried tried) || tried.proved() != Proved.PARTLY) {
            return List.of();
        }
        var said = findings.subList(last, findings.size()).stream()
                .filter(SymptomSettled.class::isInstance)
                .map(finding -> ((SymptomSettled) finding).symptom())
                .collect(Collectors.toSet());
        return Story.complaints(findings, last).stream()
                .filter(complaint -> !said.contains(complaint))
                .toList();
    }
}
