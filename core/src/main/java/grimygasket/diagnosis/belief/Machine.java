package grimygasket.diagnosis.belief;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.machine.Needs;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.CleaningCalendar;
import grimygasket.pack.work.School;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What matters about a machine and its technician to the diagnosis.
 *
 * @param traits ids of the features that the machine has, and {@code school=choice} for every school that its technician
 *     follows; what the pack does not know has no effect
 * @param ratings what it is made for, and behind that what is usual for its kind
 */
public record Machine(Set<String> traits, Ratings ratings) {
    public Machine {
        traits = Set.copyOf(traits);
    }

    /**
     * @param chosen school id to choice; for a school left out, or a choice that the pack does not know, the usual one is
     *     taken
     */
    public static Machine of(Pack pack, Collection<String> features, Map<String, String> chosen) {
        return of(pack, features, chosen, Map.of());
    }

    /**
     * @param own what its plate or papers say, in base units
     * @see #of(Pack, Collection, Map)
     */
    public static Machine of(
            Pack pack, Collection<String> features, Map<String, String> chosen, Map<Rating, Double> own) {
        var traits = new HashSet<>(features);
        for (var school : pack.schools()) {
            traits.add(trait(school, school.way(chosen.get(school.id()))));
        }
        return new Machine(traits, pack.ratings(own));
    }

    /** The same machine on the mains of a region, see {@link Ratings#on}. */
    public Machine on(double mainsVolts) {
        return new Machine(traits, ratings.on(mainsVolts));
    }

    private static String trait(School school, School.Way choice) {
        return school.id() + "=" + choice.id();
    }

    /** By which the next date is set; {@link CleaningCalendar#FOUND} if no school that is followed says it. */
    public CleaningCalendar calendar(Pack pack) {
        return pack.schools().stream()
                .flatMap(school -> school.choices().stream()
                        .filter(choice -> choice.calendar() != null && traits.contains(trait(school, choice))))
                .map(School.Way::calendar)
                .findFirst()
                .orElse(CleaningCalendar.FOUND);
    }

    /** School id to the choice that is followed. */
    public Map<String, String> schools() {
        return traits.stream()
                .filter(trait -> trait.contains("="))
                .collect(Collectors.toMap(
                        trait -> trait.substring(0, trait.indexOf('=')),
                        trait -> trait.substring(trait.indexOf('=') + 1)));
    }

    public boolean meets(List<String> needs) {
        return Needs.met(needs, traits);
    }

    /** The faults that it can have: those of its features and stations. */
    public List<Fault> faults(Pack pack) {
        var stations = pack.paths().stream()
                .flatMap(path -> path.stations().stream())
                .filter(station -> meets(station.needs()))
                .map(Station::id)
                .collect(Collectors.toSet());
        return pack.faults().stream()
                .filter(fault -> meets(fault.needs()))
                .filter(fault -> fault.at().isEmpty() || fault.at().stream().anyMatch(stations::contains))
                .toList();
    }
}
