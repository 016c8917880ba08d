package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Time of one assessment with its plan, on the evidence of simulated calls of which nothing is known but what is said. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
public class AssessmentBench {
    private static final int CALLS = 50;

    /** Pieces of evidence: symptoms answered and checks made. */
    @Param({"0", "1", "2", "5", "10", "20"})
    public int evidence;

    @Param({"dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner"})
    public String kind;

    private record Case(Machine machine, Evidence evidence) {}

    private final List<Case> cases = new ArrayList<>();
    private Pack pack;
    private int turn;

    @Setup
    public void setUp() {
        pack = Shipped.knowhow(kind).pack();
        for (int i = 0; i < CALLS; i++) {
            var random = new Random(i);
            var machine = Draw.machine(pack, random);
            var world = Draw.world(pack, machine, random);
            var findings = new ArrayList<Finding>();
            pack.symptoms().stream()
                    .filter(symptom -> machine.meets(symptom.needs()))
                    .forEach(symptom -> findings.add(world.ask(symptom)));
            pack.checks().stream()
                    .filter(check -> machine.meets(check.needs()))
                    .forEach(check -> findings.add(world.check(check)));
            var known = List.copyOf(findings.subList(0, Math.min(evidence, findings.size())));
            cases.add(new Case(machine, new Evidence(known, Technician.van(pack))));
        }
    }

    @Benchmark
    public Assessment assess() {
        var one = cases.get(turn++ % CALLS);
        return Diagnosis.assess(pack, one.machine, one.evidence);
    }
}
