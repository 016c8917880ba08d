package grimygasket.server.simulation;

import grimygasket.practice.Draws;
import grimygasket.practice.SimulatedMachine;
import grimygasket.server.calls.known.CallMachines;
import grimygasket.server.calls.known.CallMachines.OfCall;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
        simulated.treat(call.findings(), row.tried);
        return simulated;
    }

    private Optional<Row> find(UUID callId) {
        return jdbc.sql("select seed, faults, tried from simulated_machine where call_id = :callId")
                .param("callId", callId)
                .query(Row.class)
                .optional();
    }

    private Row draw(UUID callId, OfCall call) {
        long seed = Draws.seed(callId);
        var fault = SimulatedMachine.suspect(call.pack(), call.machine(), call.findings(), seed);
        jdbc.sql("""
                        insert ignore into simulated_machine (call_id, seed, faults, tried)
                        values (:callId, :seed, :faults, :tried)
                        """)
                .param("callId", callId)
                .param("seed", seed)
                .param("faults", json.writeValueAsString(List.of(fault)))
                .param("tried", SimulatedMachine.tried(call.findings()))
                .update();
        return find(callId).orElseThrow();
    }
}
