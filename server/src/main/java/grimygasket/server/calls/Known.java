package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.units.UnitSystem;

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

    /** The same, of the call as it has become; its parts are those that they were. */
    Known with(Call other) {
        var machine = Machine.of(
                        knowhow.pack(),
                        other.machine().features(),
                        knowhow.machine().schools(),
                        other.machine().ratings())
                .on(mainsVolts);
        var held = new Knowhow(knowhow.pack(), knowhow.codes(), machine, knowhow.shelf(), knowhow.before());
        return new Known(filed.with(other), held, van, units, mainsVolts);
    }
}
