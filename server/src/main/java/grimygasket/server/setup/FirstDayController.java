package grimygasket.server.setup;

import grimygasket.call.Head;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far a new installation has come. */
@RestController
class FirstDayController {
    private final JdbcClient jdbc;

    FirstDayController(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * What has been done.
     *
     * @param business whether it has a name of its own
     * @param people whether more than one can sign in
     * @param parts whether any is on the list
     * @param customers whether any is on file
     * @param calls whether any was begun
     */
    record FirstDay(boolean business, boolean people, boolean parts, boolean customers, boolean calls) {}

    @GetMapping("/api/first-day")
    FirstDay firstDay() {
        return jdbc.sql("""
                        select exists (select 1 from business where name <> :unnamed) as business,
                               (select count(*) from account where id <> :nobody) > 1 as people,
                               exists (select 1 from part) as parts,
                               exists (select 1 from customer) as customers,
                               exists (select 1 from service_call) as calls
                        """)
                .param("unnamed", FirstStart.UNNAMED)
                .param("nobody", Head.NOBODY)
                .query(FirstDay.class)
                .single();
    }
}
