package grimygasket.device;

import grimygasket.call.Call;
import grimygasket.call.change.Customer;
import grimygasket.state.Circumstances;

/**
 * A call as a device holds it.
 *
 * @param knowhow by what name the device was told the know-how of its kind of machine
 */
record Held(Call call, Customer customer, String knowhow, Circumstances circumstances) {}
