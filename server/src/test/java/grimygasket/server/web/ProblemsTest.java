package grimygasket.server.web;

import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.EOFException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** Whatever goes wrong while something is kept, nobody is told that it was kept. */
public class ProblemsTest {
    private static final Throwable CLOSED = new SQLNonTransientConnectionException(
            "Socket error", "08000", new EOFException("unexpected end of stream (socket was closed by server)"));

    @DataProvider
    Object[][] failures() {
        return new Object[][] {
            {new CannotCreateTransactionException("Could not open JDBC Connection for transaction", CLOSED)},
            {new TransactionSystemException("JDBC commit", CLOSED)},
            {new DataAccessResourceFailureException("JDBC commit", CLOSED)},
        };
    }

    @Test(dataProvider = "failures")
    public void aDatabaseThatClosesItsConnectionIsNoSuccess(RuntimeException failure) throws Exception {
        page(failure)
                .perform(post("/keep"))
                .andExpect(status().isServiceUnavailable())
                .andExpect(jsonPath("$.detail").value(startsWith("The database does not answer")));
    }

    @Test
    public void aFullDiskIsSaidAsThat() throws Exception {
        var full = new SQLException(
                "Disk full (/tmp/#sql-temptable); waiting for someone to free some space...", "HY000", 1021);
        page(new UncategorizedSQLException("insert", "insert into command_log", full))
                .perform(post("/keep"))
                .andExpect(status().isInsufficientStorage())
                .andExpect(jsonPath("$.detail").value(startsWith("The disk")));
    }

    private static MockMvc page(RuntimeException failure) {
        return MockMvcBuilders.standaloneSetup(new Keeping(failure))
                .setControllerAdvice(new Problems())
                .addFilters(
                        new DatabaseAway(new ProblemWriter(JsonMapper.builder().build())))
                .build();
    }

    @RestController
    private static final class Keeping {
        private final RuntimeException failure;

        Keeping(RuntimeException failure) {
            this.failure = failure;
        }

        @PostMapping("/keep")
        public void keep() {
            throw failure;
        }
    }
}
