package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Feature;
import grimygasket.pack.Pack;
import grimygasket.server.knowhow.Library;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
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

/** Time of one assessment with its plan, of a machine with everything fitted. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
public class AssessmentBench {
    /** How many signs are settled, alternately with yes and no. */
    @Param({"0", "12"})
    public int signs;

    @Param({"dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner"})
    public String kind;

    private Machine machine;
    private Pack pack;
    private Evidence evidence;

    @Setup
    public void setUp() throws IOException {
        pack = new Library().pack(kind);
        machine = new Machine(pack.features().stream().map(Feature::id).collect(Collectors.toSet()));
        var findings = pack.signs().stream()
                .limit(signs)
                .map(sign -> (Finding)
                        new SignSettled(sign.id(), pack.signs().indexOf(sign) % 2 == 0 ? Answer.YES : Answer.NO))
                .toList();
        evidence = new Evidence(findings, new Van(66, 50, Map.of("drain-pump", 48.9, "return-valve", 7.4)));
    }

    @Benchmark
    public Assessment assess() {
        return Diagnosis.assess(pack, machine, evidence);
    }
}
