package grimygasket.device;

import grimygasket.call.Command;
import grimygasket.call.Person;
import grimygasket.report.Currency;
import java.util.List;

/** What the page asks. */
final class Questions {
    private Questions() {}

    /** What follows from a call. */
    record OfState(Held held, Asker asker) {}

    /** What a command makes of a call. */
    record OfCommand(Held held, Command command, Person by) {}

    /**
     * What a command to begin a call makes.
     *
     * @param knowhow by what name the device was told the know-how of its kind of machine
     */
    record OfBegin(Command command, Person by, String knowhow, int revision) {}

    /** A day's calls, and those of earlier days that are still open. */
    record OfRound(List<Held> ofDay, List<Held> leftOpen, Asker asker) {}

    /** What the customer is given. */
    record OfReport(Held held, Asker asker, String business, Currency currency) {}
}
