package grimygasket.server.accounts.audit;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that somebody did.
 *
 * @param place where it stands in the trail: what comes after a page is asked for by that of its last
 * @param at in milliseconds since 1970
 * @param by null where nobody was known, as at a sign-in under no name of ours
 * @param device what it was done on; null where it is not known any more
 * @param address where it came from; null of what was done to a call
 * @param operation method and path of the operation, or the kind of the change of a call
 * @param subject what it was about: ids and names out of its path; empty of what was done to a call
 * @param returned whether its device gave it back after a backup was restored
 * @param call that it was about; null for none
 * @param customer whose call it was; null for none
 */
record Happening(
        String place,
        long at,
        @Nullable String by,
        @Nullable String device,
        @Nullable String address,
        String operation,
        String subject,
        boolean taken,
        boolean returned,
        @Nullable UUID call,
        @Nullable String customer) {}
