package grimygasket.server.documents;

import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import java.util.List;

/**
 * All that is kept of a customer, for whoever asks for it; docs/call-format.md describes it.
 *
 * @param format always {@link #FORMAT}
 * @param formatVersion always {@link #VERSION}
 * @param addresses their other ones
 * @param calls in the order of their days, each a file of a call by itself
 */
record CustomerDocument(
        String format, int formatVersion, Customer customer, List<Address> addresses, List<CallDocument> calls) {
    static final String FORMAT = "grimy-gasket-customer";
    static final int VERSION = 1;
}
