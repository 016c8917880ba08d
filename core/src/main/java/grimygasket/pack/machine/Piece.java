package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that comes off when a layer is opened, as it is known before anybody has knelt down: a proposal for the tray.
 *
 * @param id unique within the pack
 * @param name what it is called
 * @param screws the groups of screws that hold it, in the order in which they come out
 * @param turn which way it comes off, for example "a quarter turn to the left"; null where it is just lifted
 * @param clips how each of its clips is released
 * @param orientation how it has to sit, for example "arrow to the front"; null where it fits one way only
 * @param joint whether it keeps water or air in, so that its place is watched for leaks after
 * @param lastIn whether it goes back after everything else, such as a battery
 * @param optional whether it may well stay where it is
 * @param confirm what has to be seen when it is back
 * @param needs what a machine must meet to have it, see {@link Needs}
 * @param mayBeOff whether the machine may have power while it is off
 * @param drawing how it locks, or which way it sits; null for none
 */
public record Piece(
        String id,
        String name,
        List<Screws> screws,
        @Nullable String turn,
        List<String> clips,
        @Nullable String orientation,
        boolean joint,
        boolean lastIn,
        boolean optional,
        List<Confirmation> confirm,
        List<String> needs,
        boolean mayBeOff,
        @Nullable Drawing drawing) {
    public Piece {
        Arguments.text("piece id", id);
        Arguments.text("name of piece " + id, name);
        screws = Lists.copy(screws);
        clips = Lists.copy(clips);
        confirm = Lists.copy(confirm);
        needs = Lists.copy(needs);
    }

    /** The same, held otherwise. */
    public Piece held(Fastening by) {
        return new Piece(
                id,
                name,
                by.screws(),
                by.turn(),
                by.clips(),
                by.orientation(),
                joint,
                lastIn,
                optional,
                confirm,
                needs,
                mayBeOff,
                drawing);
    }
}
