package grimygasket.server.calls.records;

import grimygasket.call.Call;
import grimygasket.call.change.Customer;

/**
 * A call as it is on file, with whose machine it is about.
 *
 * @param isAlone whether no other machine is looked at on its visit
 */
public record Filed(Call call, Customer customer, boolean isAlone) {}
