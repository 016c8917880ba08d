package grimygasket.round;

import grimygasket.call.Article;
import grimygasket.diagnosis.plan.Ties;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A part that the day's open calls may need.
 *
 * @param name of the part for the cheapest article that fits, or of the kind of part if the catalogue has none
 * @param chance that a remedy with it is the one that ends the call, by the plan as it stands
 * @param onVan how many fitting ones are on board
 */
public record PartToLoad(String name, String complaint, double chance, int onVan) {
    /** Below this chance it is not worth the room. */
    static final double WORTH_LOADING = 0.05;

    static List<PartToLoad> of(List<OnRound> calls) {
        var load = new ArrayList<PartToLoad>();
        for (var call : calls) {
            if (call.isOpen() && !call.call().story().isEmpty()) {
                load.addAll(of(call));
            }
        }
        load.sort(Ties.descending(PartToLoad::chance));
        return List.copyOf(load);
    }

    /**
     * How many of each article some calls are expected to take: the chances that each takes one, added up, of the cheapest that fits.
     *
     * @return by article id
     */
    public static Map<UUID, Double> expected(List<OnRound> calls) {
        var expected = new HashMap<UUID, Double>();
        for (var call : calls) {
            if (call.isOpen() && !call.call().story().isEmpty()) {
                chances(call)
                        .forEach((part, chance) -> call.knowhow().shelf().stream()
                                .filter(article -> article.fits().equals(part))
                                .findFirst()
                                .ifPresent(article -> expected.merge(article.id(), chance, Double::sum)));
            }
        }
        return expected;
    }

    /** By kind of part, the chance that a remedy with it is the one that ends the call. */
    private static Map<String, Double> chances(OnRound call) {
        var pack = call.knowhow().pack();
        var chances = new HashMap<String, Double>();
        double before = 0;
        for (var milestone : call.assessment().plan().order()) {
            for (var part : pack.remedy(milestone.remedy()).parts()) {
                chances.merge(part, milestone.cured() - before, Double::sum);
            }
            before = milestone.cured();
        }
        return chances;
    }

    private static List<PartToLoad> of(OnRound call) {
        var pack = call.knowhow().pack();
        return chances(call).entrySet().stream()
                .filter(entry -> entry.getValue() >= WORTH_LOADING)
                .map(entry -> {
                    var fitting = call.knowhow().shelf().stream()
                            .filter(part -> part.fits().equals(entry.getKey()))
                            .toList();
                    return new PartToLoad(
                            fitting.stream()
                                    .findFirst()
                                    .map(part -> part.number() + " " + part.name())
                                    .orElse(pack.part(entry.getKey()).name()),
                            call.call().complaint(),
                            entry.getValue(),
                            fitting.stream().mapToInt(Article::onVan).sum());
                })
                .toList();
    }
}
