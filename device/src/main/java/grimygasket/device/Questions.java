package grimygasket.device;

import grimygasket.call.Fitting;
import grimygasket.call.Person;
import grimygasket.call.change.Command;
import grimygasket.diagnosis.plan.Step;
import grimygasket.gauge.Readings.Typed;
import grimygasket.report.Sender;
import grimygasket.route.Shift;
import grimygasket.state.Circumstances;
import grimygasket.state.OfModel;
import grimygasket.state.Supposed;
import grimygasket.units.UnitSystem;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

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
     * @param circumstances without the parts
     * @param shelf the parts for its kind, whosever machines they fit
     * @param models what was learnt of models of its kind
     */
    record OfBegin(
            Command command,
            Person by,
            String knowhow,
            int revision,
            Circumstances circumstances,
            List<Fitting> shelf,
            List<OfModel> models) {
        OfBegin {
            // A device may have got what new calls need from before models were learnt of.
            models = models == null ? List.of() : models;
        }
    }

    /** What would follow from a call after some commands, one after the other. */
    record OfForesight(Held held, Asker asker, Person by, List<Command> commands) {}

    /** A day's calls, and those of earlier days that are still open. */
    record OfRound(List<Held> ofDay, List<Held> leftOpen, Shift shift, Asker asker) {}

    /** Every step that can be taken now. */
    record OfSteps(Held held) {}

    /** A step of a call's plan with all its detail. */
    record OfStep(Held held, Step.Kind kind, String id) {}

    /**
     * Every gauge.
     *
     * @param held the call whose machine's data stand in them; null for none
     */
    record OfGauges(@Nullable Held held, UnitSystem units) {}

    /**
     * What is entered at a gauge.
     *
     * @param held as of all gauges
     * @param inputs input id to what stands there
     */
    record OfGauge(@Nullable Held held, String gauge, Map<String, Typed> inputs, UnitSystem units) {}

    /**
     * What a simulated meter shows next.
     *
     * @param held the call at whose machine it is; null for a machine to practise with
     * @param knowhow by what name the device was told the know-how of its kind of machine
     * @param machine number of one to practise with
     * @param given how many samples have come
     */
    record OfMeter(@Nullable Held held, String knowhow, String check, int machine, int given, UnitSystem units) {}

    /**
     * What is meant by some words.
     *
     * @param knowhow by what name the device was told the know-how that is searched
     * @param maker whose codes are looked through too; blank for nobody's
     * @param features what the machine has
     */
    record OfWords(String knowhow, String maker, List<String> features, String text) {}

    /**
     * What would follow if a machine were found so.
     *
     * @param knowhow by what name the device was told the know-how of its kind
     * @param circumstances of a new call about one of the kind
     */
    record OfSupposition(String knowhow, Circumstances circumstances, Supposed supposed) {}

    /**
     * Which part a barcode is on.
     *
     * @param read as it was scanned
     */
    record OfScan(Held held, String read) {}

    /**
     * What a rating plate says.
     *
     * @param text that was read off its photo, line by line
     * @param makers that are known
     */
    record OfPlate(String text, List<String> makers) {}

    /** What the customer is given. */
    record OfReport(Held held, Asker asker, Sender sender) {}
}
