package grimygasket.call;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.util.Copy;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.JobLine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;

/**
 * All facts about a call, in the order in which they came about: by time, then by id, whatever the order in which they arrived.
 *
 * @param complaints why somebody called
 * @param story what was told, seen, checked and done
 * @param cautions that were confirmed
 * @param lines of the job sheet
 * @param parts used
 * @param photos of what lines are about
 * @param changes account to the version of the call that its last change made
 */
public record Call(
        Head head,
        CallMachine machine,
        List<Complaint> complaints,
        List<Entry> story,
        List<Confirmed> cautions,
        List<Line<?>> lines,
        List<PartUse> parts,
        List<Photo> photos,
        Map<UUID, Integer> changes) {
    public Call {
        complaints = List.copyOf(complaints);
        story = List.copyOf(story);
        cautions = List.copyOf(cautions);
        lines = List.copyOf(lines);
        parts = List.copyOf(parts);
        photos = List.copyOf(photos);
        changes = Copy.of(changes);
    }

    /** A call of which nothing is known but what it is about. */
    public static Call begun(Head head, CallMachine machine) {
        return new Call(head, machine, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Map.of());
    }

    /** The same with its first complaint. */
    public Call complainedOf(Complaint complaint) {
        return withComplaints(all -> all.add(complaint));
    }

    /** All complaints in one line. */
    public String complaint() {
        return complaints.stream().map(Complaint::text).collect(Collectors.joining(" · "));
    }

    /** What was found out, as the diagnosis takes it. */
    public List<Finding> findings(Knowhow knowhow) {
        return story.stream().map(entry -> knowhow.explained(entry.finding())).toList();
    }

    /** What is known of the machine, as the diagnosis takes it. */
    public Evidence evidence(Knowhow knowhow, Van van) {
        return new Evidence(findings(knowhow), van, confirmed());
    }

    /** What the diagnosis makes of it: with no plan for a visit for upkeep, where nothing is to be found. */
    public Assessment assessment(Knowhow knowhow, Van van) {
        var assessment = Diagnosis.assess(knowhow.pack(), knowhow.machine(), evidence(knowhow, van));
        return head.upkeep() ? assessment.withoutPlan() : assessment;
    }

    /** Ids of the remedies that were done, whatever they cured: cleaned is cleaned. */
    public Set<String> remediesDone() {
        return story.stream()
                .map(Entry::finding)
                .filter(RemedyTried.class::isInstance)
                .map(finding -> ((RemedyTried) finding).remedy())
                .collect(Collectors.toSet());
    }

    /** Whether nothing but the complaint was entered. */
    public boolean untouched() {
        return story.isEmpty() && cautions.isEmpty() && lines.isEmpty() && parts.isEmpty() && photos.isEmpty();
    }

    /** What was found at the stations. */
    public List<Condition> conditions() {
        return JobSheet.said(job().conditions());
    }

    public JobSheet job() {
        return JobSheet.of(lines);
    }

    /** Ids of the cautions that somebody has confirmed. */
    public Set<String> confirmed() {
        return cautions.stream().map(Confirmed::caution).collect(Collectors.toSet());
    }

    /** @param now in milliseconds since 1970 */
    public VisitRecord visit(Knowhow knowhow, long now) {
        var job = job();
        return new VisitRecord(
                complaint(),
                findings(knowhow),
                parts.stream().map(PartUse::counted).toList(),
                confirmed(),
                JobSheet.said(job.pieces()),
                JobSheet.said(job.conditions()),
                JobSheet.said(job.debts()),
                JobSheet.said(job.things()),
                JobSheet.said(job.notes()),
                JobSheet.said(job.proofs()),
                head.closing() != null,
                now);
    }

    public Optional<Entry> entry(UUID id) {
        return story.stream().filter(entry -> entry.id().equals(id)).findFirst();
    }

    public Optional<Line<?>> line(UUID id) {
        return lines.stream().filter(line -> line.id().equals(id)).findFirst();
    }

    /** The line that there is already about the only thing that another is about. */
    public Optional<Line<?>> lineLike(JobLine<?> what) {
        return lines.stream()
                .filter(line -> what.onlyAbout().isPresent())
                .filter(line -> line.what().getClass().equals(what.getClass()))
                .filter(line -> line.what().onlyAbout().equals(what.onlyAbout()))
                .findFirst();
    }

    /**
     * The entries among which a finding made at some time would stand: those between the changes of the machine before and
     * after it, and all facts, which are of the time before the call.
     */
    public List<Entry> stretch(long at, UUID id) {
        var stretch = new ArrayList<Entry>();
        boolean passed = false;
        for (var entry : story) {
            boolean after = isAfter(entry, at, id);
            if (entry.finding().changesTheMachine()) {
                if (after) {
                    passed = true;
                } else {
                    stretch.removeIf(one -> !(one.finding() instanceof Finding.FactKnown));
                }
            } else if (!passed || entry.finding() instanceof Finding.FactKnown) {
                stretch.add(entry);
            }
        }
        return stretch;
    }

    private static boolean isAfter(Entry entry, long at, UUID id) {
        return Order.isBefore(at, id, entry.at(), entry.id());
    }

    public Call with(Head other) {
        return new Call(other, machine, complaints, story, cautions, lines, parts, photos, changes);
    }

    public Call with(CallMachine other) {
        return new Call(head, other, complaints, story, cautions, lines, parts, photos, changes);
    }

    public Call withComplaints(Consumer<List<Complaint>> change) {
        return holding(
                changed(complaints, change, Complaint::at, Complaint::id), story, cautions, lines, parts, photos);
    }

    public Call withStory(Consumer<List<Entry>> change) {
        return holding(complaints, changed(story, change, Entry::at, Entry::id), cautions, lines, parts, photos);
    }

    public Call withCautions(Consumer<List<Confirmed>> change) {
        return holding(
                complaints, story, changed(cautions, change, Confirmed::at, Confirmed::id), lines, parts, photos);
    }

    public Call withLines(Consumer<List<Line<?>>> change) {
        return holding(complaints, story, cautions, changed(lines, change, Line::at, Line::id), parts, photos);
    }

    public Call withParts(Consumer<List<PartUse>> change) {
        return holding(complaints, story, cautions, lines, changed(parts, change, PartUse::at, PartUse::id), photos);
    }

    public Call withPhotos(Consumer<List<Photo>> change) {
        return holding(complaints, story, cautions, lines, parts, changed(photos, change, Photo::at, Photo::id));
    }

    private Call holding(
            List<Complaint> told,
            List<Entry> entries,
            List<Confirmed> confirmed,
            List<Line<?>> sheet,
            List<PartUse> used,
            List<Photo> taken) {
        return new Call(head, machine, told, entries, confirmed, sheet, used, taken, changes);
    }

    /** This call, one change of somebody's later. */
    public Call changedBy(Person by) {
        var later = new HashMap<>(changes);
        later.put(by.account(), head.version() + 1);
        return new Call(head.next(), machine, complaints, story, cautions, lines, parts, photos, later);
    }

    /** A list after a change, by time, then by id. */
    private static <T> List<T> changed(
            List<T> things, Consumer<List<T>> change, ToLongFunction<T> at, Function<T, UUID> id) {
        var others = new ArrayList<>(things);
        change.accept(others);
        others.sort((one, other) ->
                Order.compare(at.applyAsLong(one), id.apply(one), at.applyAsLong(other), id.apply(other)));
        return others;
    }
}
