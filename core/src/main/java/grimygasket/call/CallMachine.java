package grimygasket.call;

import grimygasket.pack.machine.Rating;
import grimygasket.util.Copy;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * The machine that a call is about.
 *
 * @param kind id of its pack
 * @param place where it stands
 * @param features ids of the pack's features that it has
 * @param ratings what its plate or papers say, in base units
 * @param version counts the changes of its features; 0 for a machine that is not on file yet
 */
public record CallMachine(
        UUID id,
        String kind,
        String maker,
        String model,
        String serial,
        String place,
        List<String> features,
        Map<Rating, Double> ratings,
        int version) {
    public CallMachine {
        features = List.copyOf(features);
        ratings = Copy.of(ratings);
    }

    /** As it is put on file. */
    public CallMachine onFile() {
        return version > 0
                ? this
                : new CallMachine(id, kind, maker.strip(), model, serial, place, features, ratings, 1);
    }

    public Plate plate() {
        return new Plate(maker, model, serial, place);
    }

    public CallMachine described(Plate plate) {
        return new CallMachine(
                id, kind, plate.maker(), plate.model(), plate.serial(), plate.place(), features, ratings, version);
    }

    public CallMachine with(List<String> others) {
        return new CallMachine(id, kind, maker, model, serial, place, others, ratings, version + 1);
    }

    public CallMachine rated(Map<Rating, Double> others) {
        return new CallMachine(id, kind, maker, model, serial, place, features, others, version);
    }
}
