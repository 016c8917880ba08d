package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Pack;
import grimygasket.units.UnitSystem;
import java.util.Map;

/**
 * A call with all that its facts are held against.
 *
 * @param van of whoever looks at it
 * @param units that they work in
 * @param mainsVolts where the business works
 */
public record Known(Filed filed, Knowhow knowhow, Van van, UnitSystem units, int mainsVolts) {
    public Call call() {
        return filed.call();
    }

    /** What matters of a machine to the diagnosis, by the schools that are followed. */
    static Machine machine(Pack pack, CallMachine machine, Map<String, String> schools, int mainsVolts) {
        return Machine.of(pack, machine.features(), schools, machine.ratings()).on(mainsVolts);
    }

    /** The same, of the call as it has become; its parts are those that they were. */
    Known with(Call other) {
        var machine = machine(knowhow.pack(), other.machine(), knowhow.machine().schools(), mainsVolts);
        var held = new Knowhow(knowhow.pack(), knowhow.codes(), machine, knowhow.shelf(), knowhow.before());
        return new Known(filed.with(other), held, van, units, mainsVolts);
    }
}
