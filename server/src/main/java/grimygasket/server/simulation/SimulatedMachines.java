package grimygasket.server.simulation;

import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Van;
import grimygasket.practice.Draws;
import grimygasket.practice.SimulatedMachine;
import grimygasket.server.calls.CallMachines;
import grimygasket.server.calls.CallMachines.OfCall;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The machine that stands behind the simulated meters of a call. What is wrong with it is drawn once, by what the call's
 * findings make likely when a meter is first connected; remedies entered since then act on it.
 */
@Component
public class SimulatedMachines {
    private static final Van ANY_VAN = new Van(60, 50, Map.of());

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final CallMachines machines;

    SimulatedMachines(JdbcClient jdbc, JsonMapper json, CallMachines machines) {
        this.jdbc = jdbc;
        this.json = json;
        this.machines = machines;
    }

    private record Row(long seed, String faults, int tried) {}

    @Transactional
    public SimulatedMachine of(UUID callId) {
        var call = machines.of(callId);
        var row = find(callId).orElseGet(() -> draw(callId, call));
        var simulated = SimulatedMachine.of(
                call.pack(),
                call.machine(),
                json.readValue(row.faults, new TypeReference<List<String>>() {}),
                row.seed);
        remedies(call.findings())
                .skip(row.tried)
                .forEach(tried -> simulated.treat(call.pack().remedy(tried.remedy())));
        return simulated;
    }

    private static Stream<RemedyTried> remedies(List<Finding> findings) {
        return findings.stream().filter(RemedyTried.class::isInstance).map(RemedyTried.class::cast);
    }

    private Optional<Row> find(UUID callId) {
        return jdbc.sql("select seed, faults, tried from simulated_machine where call_id = :callId")
                .param("callId", callId)
                .query(Row.class)
                .optional();
    }

    /** One fault, as often as it would be the cause by what is known. */
    private Row draw(UUID callId, OfCall call) {
        long seed = callId.getLeastSignificantBits();
        var ranking = Diagnosis.assess(call.pack(), call.machine(), new Evidence(call.findings(), ANY_VAN))
                .ranking();
        var chances = ranking.stream().mapToDouble(Suspect::chance).toArray();
        var fault = ranking.get(Draws.of(seed).pick("fault", chances)).fault();
        jdbc.sql("""
                        insert ignore into simulated_machine (call_id, seed, faults, tried)
                        values (:callId, :seed, :faults, :tried)
                        """)
                .param("callId", callId)
                .param("seed", seed)
                .param("faults", json.writeValueAsString(List.of(fault)))
                .param("tried", remedies(call.findings()).count())
                .update();
        return find(callId).orElseThrow();
    }
}
