package grimygasket.bench;

import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.FactKnown;
import grimygasket.diagnosis.Finding.ReadingTaken;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Check;
import grimygasket.pack.Fact;
import grimygasket.pack.Pack;
import grimygasket.pack.Remedy;
import grimygasket.pack.Sign;
import grimygasket.practice.SimulatedMachine;
import grimygasket.units.Amount;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;

/** A call at a simulated machine, which counts the minutes. */
final class World {
    /** Standard deviation of a reading, as a share of it. */
    private static final double METER_SPREAD = 0.04;

    private final Pack pack;
    private final SimulatedMachine machine;
    private final Set<String> open = new HashSet<>();
    private final Random meters;
    private double minutes;
    private boolean secondVisit;
    private boolean measured;

    World(Pack pack, Machine machine, Set<String> faults, long seed) {
        this.pack = pack;
        this.machine = SimulatedMachine.of(pack, machine, faults, seed);
        this.meters = new Random(seed);
    }

    double minutes() {
        return minutes;
    }

    boolean secondVisit() {
        return secondVisit;
    }

    /** Whether the sign is seen, at no cost: the customer says it. */
    boolean shows(Sign sign) {
        return machine.look(sign) == Answer.YES;
    }

    /** Whether something was measured. */
    boolean measured() {
        return measured;
    }

    SignSettled ask(Sign sign) {
        minutes += sign.minutes();
        return new SignSettled(sign.id(), machine.look(sign));
    }

    FactKnown learn(Fact fact) {
        minutes += fact.minutes();
        return new FactKnown(fact.id(), machine.learn(fact).id());
    }

    CheckMade check(Check check) {
        minutes += check.minutes() + reach(check.layer());
        return new CheckMade(check.id(), machine.check(check).id());
    }

    /** The same check with an instrument. */
    ReadingTaken measure(Check check) {
        minutes += check.minutes() + reach(check.layer());
        measured = true;
        double truth = machine.truth(check);
        double spread = METER_SPREAD * Math.abs(truth);
        double read = truth + spread * meters.nextGaussian();
        return new ReadingTaken(check.id(), new Amount(check.measure().quantity(), read, spread));
    }

    /** What the proof after a remedy shows. */
    RemedyTried treat(Remedy remedy, Van van) {
        double wait = van.waitMinutes(remedy);
        secondVisit |= wait >= van.returnTripMinutes();
        minutes += remedy.minutes()
                + reach(remedy.layer())
                + pack.proof(remedy.proof()).minutes()
                + wait;
        return new RemedyTried(remedy.id(), machine.treat(remedy));
    }

    void refer() {
        minutes += pack.referMinutes();
    }

    private double reach(String layer) {
        if (layer == null || !open.add(layer)) {
            return 0;
        }
        var one = pack.layer(layer);
        return one.openMinutes() + one.closeMinutes() + reach(one.within());
    }
}
