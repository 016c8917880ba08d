package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Plate;
import grimygasket.call.Reason;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Figures;
import grimygasket.units.UnitSystem;
import grimygasket.util.Unfit;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What is found out about the machine itself. */
public sealed interface MachineChange extends Change {

    /**
     * What is fitted, corrected on site.
     *
     * @param base the machine's version as it was seen
     */
    record Fit(int base, List<String> features) implements MachineChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var problems = moment.knowhow().pack().problemsOf(features);
            if (!problems.isEmpty()) {
                return CommandResult.refused(Reason.Kind.FEATURES, problems.toArray(String[]::new));
            }
            var fitted = features.stream().sorted().toList();
            if (fitted.equals(call.machine().features())) {
                return new CommandResult.Same();
            }
            return call.machine().version() == base
                    ? new CommandResult.Applied(call.with(call.machine().with(fitted)))
                    : CommandResult.conflict(Reason.Kind.FEATURES_CHANGED);
        }
    }

    /**
     * Maker, model, serial number and place, put right.
     *
     * @param was as it stood when it was typed
     */
    record Describe(Plate plate, Plate was) implements MachineChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var fields = plate.unfit();
            if (!fields.isEmpty()) {
                return CommandResult.refused(Reason.of(Reason.Kind.INCOMPLETE), fields);
            }
            var stands = call.machine().plate();
            if (plate.stripped().equals(stands)) {
                return new CommandResult.Same();
            }
            return stands.equals(was)
                    ? new CommandResult.Applied(call.with(call.machine().described(plate.stripped())))
                    : CommandResult.conflict(Reason.Kind.CHANGED);
        }
    }

    /**
     * What it is made for, read off its plate.
     *
     * @param typed as it was typed; blank to forget one
     * @param units of whoever typed it
     * @param was what was known of it when it was typed
     */
    record Rate(Map<Rating, String> typed, UnitSystem units, Map<Rating, Double> was) implements MachineChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var ratings = new EnumMap<Rating, Double>(Rating.class);
            ratings.putAll(call.machine().ratings());
            var problems = new LinkedHashMap<String, Reason>();
            typed.forEach((rating, text) -> {
                try {
                    if (text.isBlank()) {
                        ratings.remove(rating);
                    } else {
                        ratings.put(rating, value(rating, text));
                    }
                } catch (Unfit e) {
                    problems.put(rating.name(), Reason.of(Reason.Kind.MISREAD, e.getMessage()));
                }
            });
            if (!problems.isEmpty()) {
                return CommandResult.refused(Reason.of(Reason.Kind.RATINGS), problems);
            }
            var stands = call.machine().ratings();
            if (ratings.equals(stands)) {
                return new CommandResult.Same();
            }
            boolean clash = typed.keySet().stream()
                    .anyMatch(rating -> !Objects.equals(stands.get(rating), was.get(rating))
                            && !Objects.equals(stands.get(rating), ratings.get(rating)));
            return clash
                    ? CommandResult.conflict(Reason.Kind.CHANGED)
                    : new CommandResult.Applied(call.with(call.machine().rated(ratings)));
        }

        private double value(Rating rating, String text) {
            double value = rating.quantity().unit(units).toBase(Figures.read(text));
            rating.check(value);
            return value;
        }
    }
}
