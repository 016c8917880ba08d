package grimygasket.diagnosis.story;

import grimygasket.diagnosis.belief.Access;
import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Network;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Grade;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What the findings of a call, in their order, make of it: what need not be asked again, what is open, what is to be proved. */
public final class Story {
    /** What the hands that cured it have seen or felt. */
    private static final Set<Grade> AT_HAND = EnumSet.of(Grade.SEEN, Grade.FELT);

    private final Network network;
    private final List<Finding> findings;
    private final Set<String> confirmed;
    private final Set<String> settled = new HashSet<>();
    private final Set<String> looked = new HashSet<>();
    private final Set<String> tried = new HashSet<>();
    private long open = Access.CLOSED;
    private final List<Symptom> alarms = new ArrayList<>();
    private final Quarantine quarantine;
    /** The last remedy for something that was wrong; null for none. */
    private RemedyTried last;

    public Story(Network network, Evidence evidence) {
        this.network = network;
        findings = evidence.findings();
        confirmed = evidence.confirmed();
        var told = new Told();
        findings.forEach(finding -> finding.to(told));
        quarantine = Quarantine.of(network.pack, network.machine(), findings);
    }

    /** What each finding settles, opens and reopens. */
    private final class Told implements Finding.Cases<Void> {
        @Override
        public Void symptom(SymptomSettled symptom) {
            add(symptom);
            return null;
        }

        @Override
        public Void fact(FactKnown fact) {
            settled.add(fact.fact());
            return null;
        }

        @Override
        public Void code(CodeShown code) {
            return null;
        }

        @Override
        public Void codeRead(CodeRead code) {
            return null;
        }

        @Override
        public Void check(CheckMade check) {
            return made(check);
        }

        @Override
        public Void reading(ReadingTaken reading) {
            return made(reading);
        }

        private Void made(Checked made) {
            var check = network.pack.check(made.check());
            settled.add(check.id());
            settled.addAll(check.settles());
            looked.add(check.id());
            looked.addAll(check.settles());
            open = network.access.after(check, open);
            return null;
        }

        @Override
        public Void remedy(RemedyTried remedy) {
            tried.add(remedy.remedy());
            last = remedy.proved() == Proved.KEPT_UP ? last : remedy;
            open = opened(remedy);
            reopen(network.pack.remedy(remedy.remedy()));
            return null;
        }
    }

    /** What is open once a remedy is done, and what is open still once it is proved. */
    private long opened(RemedyTried tried) {
        var remedy = network.pack.remedy(tried.remedy());
        long opened = open | network.access.chain(remedy.layer());
        return switch (tried.proved()) {
            case PENDING, KEPT_UP -> opened;
            case CURED, PARTLY, STILL_FAILING -> network.access.after(network.pack.proof(remedy.proof()), opened);
        };
    }

    private void add(SymptomSettled finding) {
        var symptom = network.pack.symptom(finding.symptom());
        settled.add(symptom.id());
        if (finding.answer() == Finding.Answer.YES) {
            settled.addAll(symptom.settles());
            looked.addAll(symptom.settles());
            var question = network.pack.exclusive(symptom.id());
            if (question != null) {
                settled.addAll(question.symptoms());
            }
            if (symptom.alarm() != null) {
                alarms.add(symptom);
            }
        }
    }

    /**
     * A remedy reopens the checks whose answer it can have changed. Those that only look or feel for what it puts right are
     * made by the work itself: whoever clears a place sees that it is clear.
     */
    private void reopen(Remedy remedy) {
        var cured = remedy.cures().keySet();
        for (var check : network.checks) {
            var accused = accused(check);
            if (AT_HAND.contains(check.known()) && cured.containsAll(accused)) {
                settled.add(check.id());
                looked.add(check.id());
            } else if (!AT_HAND.contains(check.known()) && accused.stream().anyMatch(cured::contains)) {
                settled.remove(check.id());
            }
        }
    }

    private Set<String> accused(Check check) {
        var accused = new HashSet<String>();
        check.outcomes()
                .forEach(outcome ->
                        accused.addAll(network.pack.strengths(outcome).keySet()));
        return accused;
    }

    /** Ids of the symptoms, facts and checks that would tell nothing new. */
    public Set<String> settled() {
        return settled;
    }

    /** Ids of the checks that were ever made, by themselves or by a remedy's work. */
    public Set<String> looked() {
        return looked;
    }

    /** Ids of the remedies that were tried. */
    public Set<String> tried() {
        return tried;
    }

    /** The layers that are open, as far as the findings tell: what exposes was closed before the machine had power again. */
    public long open() {
        return open;
    }

    /** Ids of the faults that are cleared or cured. */
    public Collection<String> cleared() {
        return network.remedies.stream().anyMatch(Remedy::causesFirst)
                ? Causes.settled(network.pack, network.machine(), findings)
                : Set.of();
    }

    /** Ids of the symptoms that somebody complains of. */
    public List<String> complaints() {
        return complaints(findings, findings.size());
    }

    /** Ids of the symptoms that were complained of before a finding, given by its index, and not said to be gone since. */
    public static List<String> complaints(List<Finding> findings, int before) {
        var superseded = superseded(findings);
        var complaints = new LinkedHashSet<String>();
        for (int i = 0; i < before; i++) {
            if (!superseded[i] && findings.get(i) instanceof SymptomSettled settled) {
                if (settled.isComplaint()) {
                    complaints.add(settled.symptom());
                } else if (settled.answer() == Finding.Answer.NO) {
                    complaints.remove(settled.symptom());
                }
            }
        }
        return List.copyOf(complaints);
    }

    public boolean isCured() {
        return last != null && last.proved() == Proved.CURED;
    }

    /** Id of the remedy that is done and not proved; null for none. */
    public String toProve() {
        return last != null && last.proved() == Proved.PENDING ? last.remedy() : null;
    }

    /** Whether something was smelt or tripped: nobody is asked for what only a run would show. */
    public boolean isAlarming() {
        return !alarms.isEmpty();
    }

    /** What keeps power from the machine because of it. */
    public Quarantine quarantine() {
        return quarantine;
    }

    /** The symptom that stops the call until what it asks for is confirmed; null for none. */
    public Symptom alarm() {
        return alarms.stream()
                .filter(symptom -> !confirmed.contains(symptom.alarm().caution()))
                .findFirst()
                .orElse(null);
    }

    /**
     * By finding, whether a later one says something else about the same thing before the machine was changed: only the last
     * answer counts, however the entries came to stand so.
     */
    public static boolean[] superseded(List<Finding> findings) {
        var superseded = new boolean[findings.size()];
        var latest = new HashMap<String, Integer>();
        for (int i = 0; i < findings.size(); i++) {
            var finding = findings.get(i);
            if (finding.changesTheMachine()) {
                latest.keySet().removeIf(Story::isOfTheMachine);
            } else if (!(finding instanceof RemedyTried)) {
                var before = latest.put(finding.subject(), i);
                if (before != null) {
                    superseded[before] = true;
                }
            }
        }
        return superseded;
    }

    /** Facts are of the time before the call: no remedy changes them. */
    private static boolean isOfTheMachine(String subject) {
        return !subject.startsWith("fact ");
    }
}
