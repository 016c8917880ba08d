package grimygasket.visit.ring;

import grimygasket.cadence.Dirt;
import grimygasket.cadence.Interval;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.Tools;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.CleaningCalendar;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import grimygasket.util.Distinct;
import grimygasket.visit.VisitRecord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a visit for upkeep has to do: all that the pack's cadences ask of this machine, in one order in which each layer is
 * opened once, from outside in.
 *
 * @param tasks in the order of the work
 * @param minutes still to go, over the tasks that are due and not done: their work, each layer opened and closed once, each
 *     proof once
 * @param tools for the tasks that are due, each named once
 */
public record Upkeep(List<Task> tasks, double minutes, List<String> tools) {
    /** From this share of its time on a task is done on this visit, rather than left for another drive: estimate. */
    private static final double WORTH_DOING_NOW = 0.75;

    public Upkeep {
        tasks = List.copyOf(tasks);
        tools = List.copyOf(tools);
    }

    /**
     * When a task was last done.
     *
     * @param daysAgo 0 for today
     * @param found how dirty it was then; null where nobody noted it
     */
    public record Last(int daysAgo, Dirt found) {}

    /**
     * @param cadence its id
     * @param task what is to be done, as an order
     * @param remedy id of the one whose method it is
     * @param layer id of the layer in which it is done; null for work from outside
     * @param minutes of the work itself
     * @param everyDays from one time to the next; 0 for every use
     * @param daysLeft until it is due, negative for overdue; null where it is not known when it was last done
     * @param due whether it is to be done on this visit
     * @param last whether it is done after all others
     */
    public record Task(
            String cadence,
            String task,
            String remedy,
            @Nullable String layer,
            double minutes,
            int everyDays,
            @Nullable Integer daysLeft,
            boolean due,
            boolean last,
            boolean done) {}

    /**
     * @param last remedy id to when it was last done before this visit; one that is not named is due
     */
    public static Upkeep of(Pack pack, Machine machine, Map<String, Last> last, VisitRecord visit) {
        var calendar = machine.calendar(pack);
        Set<String> done = new LinkedHashSet<>();
        visit.remedies().forEach(tried -> done.add(tried.remedy()));
        var tasks = new ArrayList<Task>();
        pack.cadences().stream()
                .filter(cadence -> machine.meets(cadence.needs()))
                .forEach(cadence -> methods(pack, machine, cadence)
                        .forEach(remedy -> tasks.add(
                                task(cadence, remedy, last.get(remedy.id()), calendar, done.contains(remedy.id())))));
        var layers = pack.layers().stream().map(Layer::id).toList();
        tasks.sort(Comparator.comparingInt(task -> depth(layers, task)));
        return new Upkeep(tasks, minutes(pack, visit, tasks), tools(pack, tasks));
    }

    /** Those of a cadence's methods that this machine, and the schools that are followed, ask for. */
    private static List<Remedy> methods(Pack pack, Machine machine, Cadence cadence) {
        var possible = machine.faults(pack).stream().map(Fault::id).collect(Collectors.toSet());
        return cadence.remedies().stream()
                .map(pack::remedy)
                .filter(remedy -> machine.meets(remedy.needs()))
                .filter(remedy -> remedy.cures().keySet().stream().anyMatch(possible::contains))
                .toList();
    }

    private static Task task(Cadence cadence, Remedy remedy, Last last, CleaningCalendar calendar, boolean done) {
        int every = Interval.days(calendar, cadence, last == null ? null : last.found());
        Integer left = last == null ? null : every - last.daysAgo();
        boolean due = last == null || last.daysAgo() >= WORTH_DOING_NOW * every;
        return new Task(
                cadence.id(),
                cadence.task(),
                remedy.id(),
                remedy.layer(),
                remedy.minutes(),
                every,
                left,
                due,
                cadence.last(),
                done);
    }

    /** The place of a task's layer in the order in which layers are opened; what is done from outside comes first. */
    private static int depth(List<String> layers, Task task) {
        if (task.last()) {
            return layers.size();
        }
        return task.layer() == null ? -1 : layers.indexOf(task.layer());
    }

    private static double minutes(Pack pack, VisitRecord visit, List<Task> tasks) {
        var opened = visit.opened(pack);
        var toOpen = new LinkedHashSet<Layer>();
        var proofs = new LinkedHashSet<Proof>();
        double minutes = 0;
        for (var task : tasks) {
            if (task.due() && !task.done()) {
                minutes += task.minutes();
                toOpen.addAll(pack.chain(task.layer()));
                proofs.add(pack.proof(pack.remedy(task.remedy()).proof()));
            }
        }
        toOpen.removeAll(opened);
        minutes += toOpen.stream()
                .mapToDouble(layer -> layer.openMinutes() + layer.closeMinutes())
                .sum();
        return minutes + proofs.stream().mapToDouble(Proof::minutes).sum();
    }

    private static List<String> tools(Pack pack, List<Task> tasks) {
        return tasks.stream()
                .filter(Task::due)
                .flatMap(task -> Tools.of(pack, pack.remedy(task.remedy())).stream())
                .collect(Distinct.toList());
    }

    /** The methods of what is due and not done, in order. */
    List<Remedy> ahead(Pack pack) {
        return tasks.stream()
                .filter(task -> task.due() && !task.done())
                .map(task -> pack.remedy(task.remedy()))
                .toList();
    }

    /** What is due and not done. */
    List<Gap> gaps(Pack pack) {
        return ahead(pack).stream()
                .map(remedy -> Gap.of(Gap.Kind.TASK, remedy.name()))
                .toList();
    }
}
