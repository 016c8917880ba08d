package grimygasket.pack.soundness;

import grimygasket.pack.work.Instruction;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The verbs that steps of a method begin with: a step says first what is done. */
public final class Verbs {
    private static final Set<String> VERBS = Set.of("""
            add adjust agree aim align allow apply arrange ask attach bail beware blow bring brush call cancel
            catch change charge check choose clamp clean clear click clip close collect comb come compare
            connect count cover cut decide disconnect divide do dose drain draw drill drop dry ease empty end
            enter explain feel fill find fit flush fold follow force free give glue go grease guide hang have
            heat hold hook insert inspect insulate keep kneel knock label lay lead leave let level lever lift
            line listen load lock look loosen lower make mark measure melt mix mount move multiply note oil open
            peel pick place plug pour press prop protect prove pull push put raise read release remove renew
            repeat replace reset return rinse rock roll rotate rub run say scoop scrape screw seal seat secure
            see send separate set shake shine show shower shut slide smear smell snap soak soften solder spin
            spray spread squeeze start stay stop straighten stretch strip support swap sweep swing switch take
            tap tape tell test throw tie tighten tilt time tip touch try turn twist unclip undo unfold unhook
            unlock unplug unscrew use vacuum vent verify wait warn wash watch wear weigh wet wind wipe withdraw
            work wrap write""".split("\\s+"));

    private Verbs() {}

    /** Whether a step begins with one. */
    public static boolean leads(Instruction step) {
        var text = step.text().toLowerCase(Locale.ROOT);
        int end = 0;
        while (end < text.length() && Character.isLetter(text.charAt(end))) {
            end++;
        }
        return VERBS.contains(text.substring(0, end));
    }

    /** A sentence for each step that begins with something else. */
    static List<String> missing(String name, List<Instruction> steps) {
        return steps.stream()
                .filter(step -> !leads(step))
                .map(step -> name + " has a step that does not begin with what is done: “" + step.text() + "”")
                .toList();
    }
}
