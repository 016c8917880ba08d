package grimygasket.visit;

import java.util.Optional;

/**
 * Something that was changed for the work and has to be put back before the call ends.
 *
 * @param what it is
 * @param text in the technician's words; blank where the kind says enough
 * @param settled whether it is put back
 */
public record Debt(Kind what, String text, boolean settled) implements JobLine<Debt> {
    public enum Kind {
        HEATER_UP(Gap.Kind.HEATER_UP),
        WATER_OFF(Gap.Kind.WATER_OFF),
        POWER_OFF(Gap.Kind.POWER_OFF),
        GAS_OFF(Gap.Kind.GAS_OFF),
        OTHER(Gap.Kind.PUT_BACK);

        private final Gap.Kind gap;

        Kind(Gap.Kind gap) {
            this.gap = gap;
        }
    }

    /** What is missing while it is not settled. */
    Gap gap() {
        return Gap.of(what.gap, text);
    }

    @Override
    public Optional<Debt> merged(Debt was, Debt theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Debt(merge.of(Debt::what), merge.of(Debt::text), merge.of(Debt::settled)));
    }
}
