package grimygasket.diagnosis.story;

import grimygasket.diagnosis.story.Waiting.Way;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.work.Competence;
import grimygasket.pack.work.Part;
import grimygasket.pack.work.Remedy;
import grimygasket.util.Copy;
import grimygasket.util.Unfit;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a call costs beside the technician's hands.
 *
 * @param labourPerHour money an hour of work is worth, above 0; it turns the price of a part into minutes
 * @param returnTripMinutes minutes that a second visit costs, 0 or more
 * @param prices pack part id to its price, as far as the catalogue has it; for another part its pack's usual one is taken
 * @param onBoard pack ids of the parts that need no second visit; what is on every van need not be named
 * @param instruments whether the instruments are on board; without them only what the eye, a bucket and a watch show can be
 *     checked
 * @param competences what the technician is qualified for
 */
public record Van(
        double labourPerHour,
        double returnTripMinutes,
        Map<String, Double> prices,
        Set<String> onBoard,
        boolean instruments,
        Set<Competence> competences) {
    /** Minutes to show a customer how a dry part goes back, and to ring them up after: estimate. */
    private static final double SHOWING = 15;

    /** One with the usual instruments and all parts that have a price, of somebody who may do everything. */
    public Van(double labourPerHour, double returnTripMinutes, Map<String, Double> prices) {
        this(labourPerHour, returnTripMinutes, prices, prices.keySet(), true, EnumSet.allOf(Competence.class));
    }

    public Van {
        if (!(labourPerHour > 0)) {
            throw new Unfit("labourPerHour must be above 0, but is " + labourPerHour);
        }
        if (!(returnTripMinutes >= 0)) {
            throw new Unfit("returnTripMinutes must be 0 or more, but is " + returnTripMinutes);
        }
        prices = Copy.of(prices);
        onBoard = Set.copyOf(onBoard);
        competences = Competence.set(competences);
    }

    /** Whether a check can be made with what is on board, and by whoever is there. */
    public boolean allows(Check check) {
        return (instruments || !check.needsInstrument()) && Competence.suffices(competences, check.competence());
    }

    /** Whether whoever is there does a remedy themselves; else it is handed on. */
    public boolean allows(Remedy remedy) {
        return remedy.isFor(competences);
    }

    public boolean carries(Part part) {
        return part.always() || onBoard.contains(part.id());
    }

    /** What a remedy makes the technician wait for, borne in the cheapest way. */
    public Waiting waiting(Pack pack, Remedy remedy) {
        if (!allows(remedy)) {
            // The minutes of a licensed remedy count the visit of whoever does it.
            double trip = remedy.licensed() == null ? returnTripMinutes : 0;
            return new Waiting(Way.HANDED_ON, trip, trip);
        }
        if (!remedy.parts().stream().map(pack::part).allMatch(this::carries)) {
            return new Waiting(Way.RETURN_PART, returnTripMinutes, returnTripMinutes);
        }
        double dry = remedy.dryMinutes();
        if (dry == 0) {
            return Waiting.NONE;
        }
        var wait = dry <= returnTripMinutes
                ? new Waiting(Way.WAIT, dry, dry)
                : new Waiting(Way.RETURN_DRY, dry, returnTripMinutes);
        if (remedy.leave() && SHOWING < wait.charged()) {
            wait = new Waiting(Way.LEAVE, dry, SHOWING);
        }
        if (remedy.spare() != null && carries(pack.part(remedy.spare()))) {
            double spare = priceInMinutes(pack, List.of(remedy.spare()));
            if (spare < wait.charged()) {
                return new Waiting(Way.SPARE, dry, spare);
            }
        }
        return wait;
    }

    /** Price of some parts in minutes of work. */
    public double priceInMinutes(Pack pack, List<String> parts) {
        double price = parts.stream()
                .map(pack::part)
                .mapToDouble(part -> prices.getOrDefault(part.id(), part.price()))
                .sum();
        return 60 * price / labourPerHour;
    }
}
