package grimygasket.call;

import java.util.UUID;

/** The order of a call's story: by time, then by id. Ids are compared as text, as not everywhere where the core runs they can be otherwise. */
public final class Order {
    private Order() {}

    /** Negative if the first stands before the second, positive if it stands after it. */
    static int compare(long at, UUID id, long otherAt, UUID otherId) {
        int order = Long.compare(at, otherAt);
        return order != 0 ? order : id.toString().compareTo(otherId.toString());
    }

    public static boolean isBefore(long at, UUID id, long otherAt, UUID otherId) {
        return compare(at, id, otherAt, otherId) < 0;
    }
}
