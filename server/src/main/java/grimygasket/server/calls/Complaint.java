package grimygasket.server.calls;

import java.time.Instant;
import java.util.UUID;

/** What a customer complains of, in their words. */
record Complaint(UUID id, Instant at, String text) {}
