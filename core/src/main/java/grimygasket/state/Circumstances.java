package grimygasket.state;

import grimygasket.call.Article;
import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Competence;
import grimygasket.pack.KindKnowhow;
import grimygasket.visit.Upkeep.Last;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a call is held against beside the know-how of its kind of machine.
 *
 * @param schools school id to the choice that is followed; one that is left out is the usual one
 * @param shelf the parts that fit the machine, with what of them is on the van
 * @param before remedy id to when it was last done on an earlier call; empty for a call that is not for upkeep
 * @param labourPerHour what an hour of work is worth
 * @param returnTripMinutes what a second visit costs
 * @param mainsVolts what the mains give where the business works
 * @param competences of the technician
 */
public record Circumstances(
        Map<String, String> schools,
        List<Article> shelf,
        Map<String, Last> before,
        double labourPerHour,
        double returnTripMinutes,
        double mainsVolts,
        Set<Competence> competences) {
    public Circumstances {
        schools = Map.copyOf(schools);
        shelf = List.copyOf(shelf);
        before = Map.copyOf(before);
        // A device may hold a call from before people were asked what they are qualified for.
        competences = Competence.set(competences);
    }

    public Circumstances with(List<Article> parts) {
        return new Circumstances(schools, parts, before, labourPerHour, returnTripMinutes, mainsVolts, competences);
    }

    /** What a call is held against. */
    public Knowhow knowhow(KindKnowhow kind, Call call) {
        var on = call.machine();
        var known = kind.of(on.maker(), on.model());
        var followed = new HashMap<>(schools);
        if (call.head().upkeep()) {
            known.pack().schools().stream()
                    .filter(school -> school.upkeep() != null)
                    .forEach(school -> followed.put(school.id(), school.upkeep()));
        }
        return new Knowhow(
                known.pack(),
                known.codes().stream()
                        .filter(code -> code.maker().equalsIgnoreCase(on.maker()))
                        .toList(),
                Machine.of(known.pack(), on.features(), followed, on.ratings()).on(mainsVolts),
                shelf,
                before,
                competences);
    }

    public Van van() {
        return new Van(
                labourPerHour, returnTripMinutes, Article.prices(shelf), Article.onBoard(shelf), true, competences);
    }
}
