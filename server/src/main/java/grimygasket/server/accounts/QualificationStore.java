package grimygasket.server.accounts;

import grimygasket.pack.work.Competence;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What people are qualified for; nobody for anything until an owner says so. */
@Repository
public class QualificationStore {
    private final JdbcClient jdbc;

    QualificationStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Account to all that was said of it, of the past, too. */
    public Map<UUID, List<Qualification>> all() {
        return jdbc
                .sql("select account_id, competence, since, until, proof from qualification order by competence")
                .query((row, number) -> Map.entry(
                        row.getObject("account_id", UUID.class),
                        new Qualification(
                                Competence.valueOf(row.getString("competence")),
                                row.getObject("since", LocalDate.class),
                                row.getObject("until", LocalDate.class),
                                row.getString("proof"))))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }

    /** All that somebody is qualified for from now on. */
    public void set(UUID account, List<Qualification> all) {
        jdbc.sql("delete from qualification where account_id = :account")
                .param("account", account)
                .update();
        for (var one : all) {
            jdbc.sql("""
                            insert into qualification (account_id, competence, since, until, proof)
                            values (:account, :competence, :since, :until, :proof)
                            """)
                    .param("account", account)
                    .param("competence", one.competence().name())
                    .param("since", one.since())
                    .param("until", one.until())
                    .param("proof", one.proof().strip())
                    .update();
        }
    }
}
