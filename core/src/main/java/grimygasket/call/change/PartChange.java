package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Lengths;
import grimygasket.call.PartUse;
import grimygasket.call.PartUse.Source;
import grimygasket.call.Reason;
import grimygasket.pack.work.Part;
import grimygasket.pack.work.Remedy;
import grimygasket.util.ById;
import grimygasket.util.Unfit;
import grimygasket.visit.PartCount.OldPart;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.UUID;

/** Parts used, described and put back. What was used was used: the van's count follows, and may ask for a recount. */
public sealed interface PartChange extends Change {
    /** At one time. */
    int MOST = 99;

    private static void requireCount(int used) {
        if (used < 1 || used > MOST) {
            throw new Unfit("count 1 to " + MOST + " parts, not " + used);
        }
    }

    /** @param used how many, 1 to 99 */
    record UsePart(String remedy, UUID part, int used, Source source) implements PartChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            requireCount(used);
            if (call.parts().stream().anyMatch(one -> one.id().equals(moment.id()))) {
                return new CommandResult.Same();
            }
            var unknown = ById.missing(moment.knowhow().pack().remedies(), Remedy::id, remedy);
            if (unknown.isPresent()) {
                return CommandResult.refused(Reason.Kind.NOT_KNOWN, unknown.get());
            }
            var article = moment.knowhow().shelf().stream()
                    .filter(one -> one.id().equals(part))
                    .findFirst();
            if (article.isEmpty()) {
                return CommandResult.refused(Reason.Kind.NOT_KNOWN, part.toString());
            }
            var it = article.get();
            return new CommandResult.Applied(call.withParts(parts -> parts.add(new PartUse(
                    moment.id(),
                    moment.at(),
                    moment.by().account(),
                    remedy,
                    part,
                    it.number(),
                    it.name(),
                    it.fits(),
                    used,
                    it.price(),
                    it.warrantyMonths(),
                    source,
                    "",
                    OldPart.UNSAID))));
        }
    }

    /**
     * Uses a part that the list of parts does not have: bought or brought along for this call. It becomes a proposal for the list.
     *
     * @param fits pack id of the kind of part that it is
     * @param number that stands on it; blank where nobody knows it
     * @param price of one
     * @param used how many, 1 to 99
     */
    record UseOther(String remedy, String fits, String number, String name, BigDecimal price, int used)
            implements PartChange {
        private static final BigDecimal DEAREST = new BigDecimal("99999.99");
        private static final int CENTS = 2;
        private static final int OF_AN_ID = 6;

        @Override
        public CommandResult on(Call call, Moment moment) {
            requireCount(used);
            var fields = new LinkedHashMap<String, Reason>();
            Lengths.wanted(fields, "name", name, Reason.Kind.NO_PART_NAME);
            Lengths.fits(fields, "name", name, Lengths.MOST_OF_A_NAME);
            Lengths.fits(fields, "number", number, Lengths.MOST_OF_A_NUMBER);
            if (price.signum() < 0 || price.compareTo(DEAREST) > 0 || price.scale() > CENTS) {
                fields.put("price", Reason.of(Reason.Kind.NO_PRICE));
            }
            if (!fields.isEmpty()) {
                return CommandResult.refused(Reason.of(Reason.Kind.INCOMPLETE), fields);
            }
            if (call.parts().stream().anyMatch(one -> one.id().equals(moment.id()))) {
                return new CommandResult.Same();
            }
            var pack = moment.knowhow().pack();
            var unknown = ById.missing(pack.remedies(), Remedy::id, remedy)
                    .or(() -> ById.missing(pack.parts(), Part::id, fits));
            if (unknown.isPresent()) {
                return CommandResult.refused(Reason.Kind.NOT_KNOWN, unknown.get());
            }
            return new CommandResult.Applied(call.withParts(parts -> parts.add(new PartUse(
                    moment.id(),
                    moment.at(),
                    moment.by().account(),
                    remedy,
                    moment.id(),
                    number.isBlank() ? ownNumber(moment.id()) : number.strip(),
                    name.strip(),
                    fits,
                    used,
                    price,
                    null,
                    Source.ORDERED,
                    "",
                    OldPart.UNSAID))));
        }

        /** One that nobody else gives. */
        private static String ownNumber(UUID id) {
            var text = id.toString();
            return "OWN-" + text.substring(text.length() - OF_AN_ID).toUpperCase(Locale.ROOT);
        }
    }

    /**
     * Notes the new part's serial number, and where the old part went.
     *
     * @param wasSerial what stood there as it was seen
     * @param wasOldPart what stood there as it was seen
     */
    record DescribePart(UUID use, String wasSerial, OldPart wasOldPart, String serial, OldPart oldPart)
            implements PartChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (serial.length() > Lengths.MOST_OF_A_SERIAL) {
                return CommandResult.refused(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_A_SERIAL);
            }
            var found =
                    call.parts().stream().filter(one -> one.id().equals(use)).findFirst();
            if (found.isEmpty()) {
                return CommandResult.refused(Reason.Kind.TAKEN_BACK);
            }
            var stands = found.get();
            var newSerial = serial.equals(wasSerial) ? stands.serial() : serial.strip();
            var newOldPart = oldPart == wasOldPart ? stands.oldPart() : oldPart;
            if (newSerial.equals(stands.serial()) && newOldPart == stands.oldPart()) {
                return new CommandResult.Same();
            }
            boolean clash =
                    !newSerial.equals(stands.serial()) && !stands.serial().equals(wasSerial)
                            || newOldPart != stands.oldPart() && stands.oldPart() != wasOldPart;
            if (clash) {
                return CommandResult.conflict(Reason.Kind.CHANGED);
            }
            return new CommandResult.Applied(call.withParts(
                    parts -> parts.replaceAll(one -> one == stands ? one.described(newSerial, newOldPart) : one)));
        }
    }

    /** Puts parts back where they came from. */
    record PutBack(UUID use) implements PartChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            return call.parts().stream().noneMatch(one -> one.id().equals(use))
                    ? new CommandResult.Same()
                    : new CommandResult.Applied(call.withParts(
                            parts -> parts.removeIf(one -> one.id().equals(use))));
        }
    }
}
