package grimygasket.diagnosis.story;

import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Expectation;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.gauge.Verdict;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Alarm;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.work.Remedy;
import grimygasket.util.Distinct;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What keeps power from a machine after an alarm, until every check that clears the alarm has found nothing. It goes by these
 * checks alone and never by chance. So an everyday fault that was found does not explain the alarm. What a check has shown is
 * cured, and then the check is made again.
 *
 * @param told the symptoms with an alarm that were told, each once, in the order in which they were first told
 * @param open those of them that are not cleared, the ones that nothing clears first
 * @param looks ids of the checks that still have to find nothing, in their order; none where that would not be enough
 * @param shown ids of the faults that the last result of such a check shows, and that nothing was done about since
 */
public record Quarantine(List<Symptom> told, List<Symptom> open, List<String> looks, Set<String> shown) {
    private static final Quarantine NONE = new Quarantine(List.of(), List.of(), List.of(), Set.of());

    /** By what was told and seen so far. */
    public static Quarantine of(Pack pack, Machine machine, List<Finding> findings) {
        var told = findings.stream()
                .filter(finding -> isAlarm(pack, finding))
                .map(finding -> pack.symptom(((SymptomSettled) finding).symptom()))
                .collect(Distinct.toList());
        if (told.isEmpty()) {
            return NONE;
        }
        var shown = new HashSet<String>();
        var looks = told.stream()
                .flatMap(symptom -> clearing(pack, machine, symptom).stream())
                .collect(Distinct.toList())
                .stream()
                .filter(look -> !isSound(pack, machine, findings, look, told, shown))
                .map(Check::id)
                .toList();
        var never = told.stream()
                .filter(symptom -> clearing(pack, machine, symptom).isEmpty())
                .toList();
        var open = Stream.concat(
                        never.stream(),
                        told.stream()
                                .filter(symptom ->
                                        symptom.alarm().cleared().stream().anyMatch(looks::contains)))
                .toList();
        return new Quarantine(told, open, never.isEmpty() ? looks : List.of(), Set.copyOf(shown));
    }

    /** Whether the machine is to have no power. */
    public boolean holds() {
        return !open.isEmpty();
    }

    /** Whether nobody but licensed people may give it power again: the call is handed on. */
    public boolean forGood() {
        return holds() && looks.isEmpty();
    }

    /** Ids of the proofs that the call ends with because of its alarms. */
    public List<String> proofs() {
        return told.stream()
                .map(symptom -> symptom.alarm().proof())
                .filter(Objects::nonNull)
                .collect(Distinct.toList());
    }

    private static boolean isAlarm(Pack pack, Finding finding) {
        return finding instanceof SymptomSettled said
                && said.answer() == Answer.YES
                && pack.symptom(said.symptom()).alarm() != null;
    }

    /** The checks that clear an alarm on this machine. */
    private static List<Check> clearing(Pack pack, Machine machine, Symptom symptom) {
        Alarm alarm = symptom.alarm();
        return alarm.cleared().stream()
                .map(pack::check)
                .filter(check -> machine.meets(check.needs()))
                .toList();
    }

    /** Whether a check found nothing, since the last alarm that it clears and since anything was done about what it shows. */
    private static boolean isSound(
            Pack pack, Machine machine, List<Finding> findings, Check look, List<Symptom> told, Set<String> shown) {
        var clears = told.stream()
                .filter(symptom -> symptom.alarm().cleared().contains(look.id()))
                .map(Symptom::id)
                .toList();
        var shows = shows(pack, look, look.outcomes().size() - 1);
        boolean sound = false;
        var bad = Set.<String>of();
        for (var finding : findings) {
            if (finding instanceof SymptomSettled said
                    && said.answer() == Answer.YES
                    && clears.contains(said.symptom())) {
                sound = false;
            } else if (finding instanceof Checked made && made.check().equals(look.id())) {
                sound = isSound(pack, machine, look, made);
                bad = sound ? Set.of() : shownBy(pack, look, made, shows);
            } else if (finding instanceof RemedyTried tried && isFor(pack.remedy(tried.remedy()), shows)) {
                sound = false;
                bad = Set.of();
            }
        }
        shown.addAll(bad);
        return sound;
    }

    private static boolean isSound(Pack pack, Machine machine, Check look, Checked made) {
        return made instanceof CheckMade seen
                ? look.outcomeIndex(seen.outcome()) == look.outcomes().size() - 1
                : Expectation.of(pack, machine).get(look.id()).verdict(((ReadingTaken) made).reading()) == Verdict.GOOD;
    }

    /** What the outcome shows; of a reading, all that the check can show. */
    private static Set<String> shownBy(Pack pack, Check look, Checked made, Set<String> all) {
        return made instanceof CheckMade seen
                ? Set.copyOf(pack.strengths(look.outcomes().get(look.outcomeIndex(seen.outcome())))
                        .keySet())
                : all;
    }

    /** Ids of the faults that the first outcomes of a check show. */
    private static Set<String> shows(Pack pack, Check look, int outcomes) {
        var shows = new HashSet<String>();
        IntStream.range(0, outcomes)
                .forEach(
                        o -> shows.addAll(pack.strengths(look.outcomes().get(o)).keySet()));
        return shows;
    }

    private static boolean isFor(Remedy remedy, Set<String> faults) {
        return Causes.cured(remedy).stream().anyMatch(faults::contains);
    }
}
