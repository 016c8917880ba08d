package grimygasket.call.change;

import grimygasket.call.Lengths;
import grimygasket.call.Reason;
import grimygasket.route.Location;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * In whose home a machine stands.
 *
 * @param email null where nobody has said it, as all that follow
 * @param access how somebody gets in: the key, the dog, where to park
 * @param at where the home stands
 */
public record Customer(
        UUID id,
        String name,
        String street,
        String phone,
        @Nullable String email,
        @Nullable String access,
        @Nullable Location at) {
    public Customer {
        email = email == null || email.isBlank() ? null : email;
        access = access == null || access.isBlank() ? null : access;
    }

    /** One of whom nothing more is known. */
    public Customer(UUID id, String name, String street, String phone) {
        this(id, name, street, phone, null, null, null);
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
        return fields;
    }
}
