package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.server.machines.Customer;

/** A call as it is on file, with whose machine it is about. */
public record Filed(Call call, Customer customer) {
    Filed with(Call other) {
        return new Filed(other, customer);
    }
}
