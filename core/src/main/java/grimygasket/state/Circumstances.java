package grimygasket.state;

import grimygasket.call.Article;
import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.belief.Recent;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Pack;
import grimygasket.pack.Ways;
import grimygasket.pack.work.Competence;
import grimygasket.util.Copy;
import grimygasket.visit.ring.Upkeep.Last;
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
 * @param learnt of its model on the business's calls
 */
public record Circumstances(
        Map<String, String> schools,
        List<Article> shelf,
        Map<String, Last> before,
        double labourPerHour,
        double returnTripMinutes,
        double mainsVolts,
        Set<Competence> competences,
        Learnt learnt) {
    private static final int KEPT = 64;

    /** As ways in are known for many calls alike, and a machine is judged again after every entry. */
    private static final Recent<Pack> TAKEN = new Recent<>(KEPT);

    public Circumstances {
        schools = Copy.of(schools);
        shelf = List.copyOf(shelf);
        before = Copy.of(before);
        // A device may hold a call from before people were asked what they are qualified for.
        competences = Competence.set(competences);
        learnt = learnt == null ? Learnt.NOTHING : learnt;
    }

    /**
     * Those of a new call about a machine.
     *
     * @param parts that fit it
     * @param models what was learnt of models of its kind
     */
    public Circumstances of(CallMachine machine, List<Article> parts, List<OfModel> models) {
        return new Circumstances(
                schools,
                parts,
                before,
                labourPerHour,
                returnTripMinutes,
                mainsVolts,
                competences,
                OfModel.of(models, machine.maker(), machine.model()));
    }

    /** What a call is held against. */
    public Knowhow knowhow(KindKnowhow kind, Call call) {
        var on = call.machine();
        var known = kind.of(on.maker(), on.model());
        var pack = taken(known.pack(), call);
        var followed = new HashMap<>(schools);
        if (call.head().upkeep()) {
            pack.schools().stream()
                    .filter(school -> school.upkeep() != null)
                    .forEach(school -> followed.put(school.id(), school.upkeep()));
        }
        return new Knowhow(
                pack,
                known.codes().stream()
                        .filter(code -> code.maker().equalsIgnoreCase(on.maker()))
                        .toList(),
                Machine.of(pack, on.features(), followed, on.ratings()).on(mainsVolts),
                shelf,
                before,
                competences,
                learnt);
    }

    private Pack taken(Pack pack, Call call) {
        var choices = learnt.choices(call);
        var found = learnt.fastenings();
        return TAKEN.of(pack, List.of(choices, found), () -> Ways.taken(pack, choices, found));
    }

    public Van van() {
        return new Van(
                labourPerHour, returnTripMinutes, Article.prices(shelf), Article.onBoard(shelf), true, competences);
    }
}
