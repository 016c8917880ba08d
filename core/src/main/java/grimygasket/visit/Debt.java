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
        HEATER_UP("The home's water heater is still turned up", Authority.NOBODY),
        WATER_OFF("The water is still shut off", Authority.TECHNICIAN),
        POWER_OFF("The power is still off", Authority.TECHNICIAN),
        GAS_OFF("The gas is still shut off", Authority.TECHNICIAN),
        OTHER("Still to be put back", Authority.TECHNICIAN);

        private final String sentence;
        private final Authority authority;

        Kind(String sentence, Authority authority) {
            this.sentence = sentence;
            this.authority = authority;
        }
    }

    /** What is missing while it is not settled. */
    Gap gap() {
        return new Gap(what.sentence + (text.isBlank() ? "." : ": " + text + "."), what.authority);
    }

    @Override
    public Optional<Debt> merged(Debt was, Debt theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Debt(merge.of(Debt::what), merge.of(Debt::text), merge.of(Debt::settled)));
    }
}
