package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.call.Person;
import grimygasket.call.Reason;
import grimygasket.util.Unfit;
import java.util.UUID;

/**
 * A change that somebody made on some device.
 *
 * @param id made by the device, once, so that a repeat changes nothing
 * @param call that it is about
 * @param device on which it was made
 * @param seq counts what was done on that device
 * @param at when it was made, in milliseconds since 1970, as the server's clock counts them
 */
public record Command(UUID id, UUID call, UUID device, long seq, long at, Change change) {
    /** What it makes of a call. */
    public CommandResult on(Call call, Person by, Knowhow knowhow) {
        if (call.head().closing() != null && !change.concernsClosed()) {
            return CommandResult.refused(Reason.Kind.CLOSED);
        }
        try {
            return change.on(call, new Moment(id, at, by, knowhow)).counted(by);
        } catch (Unfit e) {
            return CommandResult.refused(Reason.Kind.UNFIT, e.getMessage());
        }
    }
}
