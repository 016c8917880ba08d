package grimygasket.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** Slow senders at one address leave room for others. */
public class RequestGateTest {
    private static final int MOST = 32;

    private static MockHttpServletRequest from(String address) {
        var request = new MockHttpServletRequest("POST", "/api/commands");
        request.setRemoteAddr(address);
        request.setContentType("application/json");
        request.setContent(new byte[] {'1'});
        return request;
    }

    @Test
    public void whoSendsTooMuchAtOnceIsToldToComeAgainAndNobodyElse() throws Exception {
        var gate = new RequestGate(new ProblemWriter(JsonMapper.builder().build()));
        var inside = new CountDownLatch(MOST);
        var go = new CountDownLatch(1);
        var senders = Executors.newFixedThreadPool(MOST);
        try {
            for (int i = 0; i < MOST; i++) {
                senders.submit(() -> {
                    gate.doFilter(from("10.0.0.1"), new MockHttpServletResponse(), (request, response) -> {
                        inside.countDown();
                        try {
                            go.await();
                        } catch (InterruptedException e) {
                            Thread.currentThread().interrupt();
                        }
                    });
                    return null;
                });
            }
            assertTrue(inside.await(20, TimeUnit.SECONDS));
            assertEquals(status(gate, "10.0.0.1"), 503);
            assertEquals(status(gate, "10.0.0.2"), 200, "others are let in");
        } finally {
            go.countDown();
            senders.shutdown();
            assertTrue(senders.awaitTermination(20, TimeUnit.SECONDS));
        }
        assertEquals(status(gate, "10.0.0.1"), 200, "it has passed");
    }

    private static int status(RequestGate gate, String address) throws Exception {
        var response = new MockHttpServletResponse();
        gate.doFilter(from(address), response, (request, answer) -> {});
        return response.getStatus();
    }
}
