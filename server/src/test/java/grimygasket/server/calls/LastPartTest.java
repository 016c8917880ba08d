package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import org.testng.annotations.Test;

public class LastPartTest extends ServerTest {
    /** One of it is on the demo's van. */
    private static final String ARM = "0193a000-0000-7000-8000-000000000306";

    @Test
    public void severalAtOnceWhoUsedTheLastPartAllUsedOne() throws InterruptedException, ExecutionException {
        var calls = List.of(Calls.add(signedIn()), Calls.add(signedIn()), Calls.add(signedIn()), Calls.add(signedIn()));
        var tries = new ArrayList<Callable<Answer>>();
        calls.forEach(call -> tries.add(() -> call.usePart(UUID.randomUUID(), "replace-arm", ARM, 1)));
        var pool = Executors.newFixedThreadPool(calls.size());
        try {
            for (var answer : pool.invokeAll(tries)) {
                assertEquals(answer.get().status(), 200);
            }
        } finally {
            pool.shutdown();
        }
        assertEquals(
                jdbc.sql("select on_van from van_stock where part_id = :id")
                        .param("id", UUID.fromString(ARM))
                        .query(Integer.class)
                        .single(),
                -3,
                "one was on board, and the van asks for a recount");
    }

    @Test
    public void oneOfSeveralDifferentAnswersAtOnceStands() throws InterruptedException, ExecutionException {
        var call = Calls.add(signedIn());
        var tries = new ArrayList<Callable<Answer>>();
        for (var answer : List.of("yes", "no", "unknown")) {
            var screen = call.seenBy(signedIn());
            tries.add(() -> screen.enter("SYMPTOM", "rattle", answer));
        }
        var pool = Executors.newFixedThreadPool(tries.size());
        try {
            int entered = 0;
            for (var answer : pool.invokeAll(tries)) {
                entered += answer.get().status() == 200 ? 1 : 0;
            }
            assertEquals(entered, 1);
        } finally {
            pool.shutdown();
        }
        assertEquals(call.get().body().path("story").size(), 1);
    }
}
