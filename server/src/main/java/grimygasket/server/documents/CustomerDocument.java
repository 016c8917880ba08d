package grimygasket.server.documents;

import grimygasket.call.change.Customer;
import java.util.List;

/**
 * All that is kept of a customer, for whoever asks for it; docs/call-format.md describes it.
 *
 * @param format always {@link #FORMAT}
 * @param formatVersion always {@link #VERSION}
 * @param calls in the order of their days, each a file of a call by itself
 */
record CustomerDocument(String format, int formatVersion, Customer customer, List<CallDocument> calls) {
    static final String FORMAT = "grimy-gasket-customer";
    static final int VERSION = 1;
}
