package grimygasket.call.change;

import grimygasket.call.Lengths;
import grimygasket.call.Reason;
import grimygasket.route.Location;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Whose machine it is.
 *
 * @param email null where nobody has said it, as all that follow
 * @param access how somebody gets in: the key, the dog, where to park
 * @param at where the home stands
 * @param elsewhere where the machine stands that a call is about; null where that is the customer's own address
 */
public record Customer(
        UUID id,
        String name,
        String street,
        String phone,
        @Nullable String email,
        @Nullable String access,
        @Nullable Location at,
        @Nullable Address elsewhere) {
    /** @param access how somebody gets in; null where nobody has said it, as what follows */
    public record Address(
            UUID id,
            String street,
            @Nullable String access,
            @Nullable Location at) {
        public Address {
            access = access == null || access.isBlank() ? null : access;
        }
    }

    public Customer {
        email = email == null || email.isBlank() ? null : email;
        access = access == null || access.isBlank() ? null : access;
    }

    /** One of whom nothing more is known. */
    public Customer(UUID id, String name, String street, String phone) {
        this(id, name, street, phone, null, null, null, null);
    }

    /** At which door somebody stands for the machine. */
    public Address door() {
        return elsewhere == null ? new Address(id, street, access, at) : elsewhere;
    }

    /** The same of a machine that stands elsewhere. */
    public Customer with(@Nullable Address other) {
        return new Customer(id, name, street, phone, email, access, at, other);
    }

    /** What is missing or too long, by the name of its field. */
    public Map<String, Reason> unfit() {
        var fields = new LinkedHashMap<String, Reason>();
        Lengths.wanted(fields, "name", name, Reason.Kind.NO_NAME);
        Lengths.wanted(fields, "street", street, Reason.Kind.NO_STREET);
        Lengths.fits(fields, "name", name, Lengths.MOST_OF_A_NAME);
        Lengths.fits(fields, "street", street, Lengths.MOST_OF_A_PLACE);
        Lengths.fits(fields, "phone", phone, Lengths.MOST_OF_A_PHONE);
        Lengths.fits(fields, "email", email == null ? "" : email, Lengths.MOST_OF_AN_EMAIL);
        Lengths.fits(fields, "access", access == null ? "" : access, Lengths.MOST_OF_AN_ACCESS);
        if (elsewhere != null) {
            Lengths.wanted(fields, "elsewhere.street", elsewhere.street, Reason.Kind.NO_STREET);
            Lengths.fits(fields, "elsewhere.street", elsewhere.street, Lengths.MOST_OF_A_PLACE);
            Lengths.fits(
                    fields,
                    "elsewhere.access",
                    elsewhere.access == null ? "" : elsewhere.access,
                    Lengths.MOST_OF_AN_ACCESS);
        }
        return fields;
    }
}
