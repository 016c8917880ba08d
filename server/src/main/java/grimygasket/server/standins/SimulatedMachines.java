package grimygasket.server.standins;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Pack;
import grimygasket.practice.Draws;
import grimygasket.practice.SimulatedMachine;
import grimygasket.server.calls.CallMachines;
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
        var pack = machines.pack(callId);
        var machine = machines.of(callId);
        var findings = machines.findings(callId);
        var row = find(callId).orElseGet(() -> draw(callId, pack, machine, findings));
        var simulated = SimulatedMachine.of(
                pack, machine, json.readValue(row.faults, new TypeReference<List<String>>() {}), row.seed);
        remedies(findings).skip(row.tried).forEach(tried -> simulated.treat(pack.remedy(tried.remedy())));
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
    private Row draw(UUID callId, Pack pack, Machine machine, List<Finding> findings) {
        long seed = callId.getLeastSignificantBits();
        var ranking =
                Diagnosis.assess(pack, machine, new Evidence(findings, ANY_VAN)).ranking();
        double left = Draws.of(seed).uniform("fault")
                * ranking.stream().mapToDouble(suspect -> suspect.chance()).sum();
        int r = 0;
        while (r < ranking.size() - 1 && left >= ranking.get(r).chance()) {
            left -= ranking.get(r++).chance();
        }
        jdbc.sql("""
                        insert ignore into simulated_machine (call_id, seed, faults, tried)
                        values (:callId, :seed, :faults, :tried)
                        """)
                .param("callId", callId)
                .param("seed", seed)
                .param("faults", json.writeValueAsString(List.of(ranking.get(r).fault())))
                .param("tried", remedies(findings).count())
                .update();
        return find(callId).orElseThrow();
    }
}
