package grimygasket.cases;

import java.util.List;

/**
 * A call as it is told, and what good advice on it is.
 *
 * @param id unique among the cases of a kind
 * @param told the complaint in the customer's words; may be blank
 * @param features what the machine has; left out, what is usual for its kind
 * @param schools choices that differ from the usual ones, as {@code school=choice}
 * @param complaints ids of the symptoms that the customer complains of
 * @param found what else came to be known, in order: {@code "symptom hums yes"}, {@code "fact age old"},
 *     {@code "check filter-look clogged"}, {@code "read legs 8"} in the base unit,
 *     {@code "remedy clean-filter still-failing"}, {@code "code d4"}
 * @param maker whose codes they are; null where there is none
 * @param confirmed ids of the cautions that are confirmed
 * @param heard ids of the symptoms and facts that the words told are to be recognised by
 * @param cause ids of faults of which one is to be the likeliest; "none" for none of those listed; empty where it is open
 * @param chance least chance of it; 0 where it is left open
 * @param because ids of faults of which one is to be named as what brought the likeliest about
 * @param next acceptable next steps: {@code "check filter-look"}, {@code "remedy clean-filter"}, {@code "ask pump-sound"},
 *     {@code "refer"}, {@code "stop"}; empty where it is open
 * @param never steps that must not be advised, neither next nor later in the order
 * @param cautions ids of the cautions that must stand at the next step
 * @param proof id of the proof that must follow the next remedy; null where it is open
 * @param fails why this is known not to be met; null where it is
 */
public record Case(
        String id,
        String told,
        List<String> features,
        List<String> schools,
        List<String> complaints,
        List<String> found,
        String maker,
        List<String> confirmed,
        List<String> heard,
        List<String> cause,
        double chance,
        List<String> because,
        List<String> next,
        List<String> never,
        List<String> cautions,
        String proof,
        String fails) {
    public Case {
        if (id == null || id.isBlank()) {
            throw new IllegalArgumentException("a case has no id");
        }
        told = told == null ? "" : told;
        schools = copy(schools);
        complaints = copy(complaints);
        found = copy(found);
        confirmed = copy(confirmed);
        heard = copy(heard);
        cause = copy(cause);
        because = copy(because);
        next = copy(next);
        never = copy(never);
        cautions = copy(cautions);
    }

    private static List<String> copy(List<String> list) {
        return list == null ? List.of() : List.copyOf(list);
    }
}
