package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.Customer;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Assessment;

/**
 * A call that is on somebody's round.
 *
 * @param assessment what the diagnosis makes of it
 */
public record OnRound(Call call, Customer customer, Knowhow knowhow, Assessment assessment) {
    boolean isOpen() {
        return call.head().closing() == null;
    }
}
