package grimygasket.server.calls;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/** A call as it is stored. */
record ServiceCall(
        UUID id,
        UUID machineId,
        LocalDate day,
        LocalTime plannedAt,
        String complaint,
        int packVersion,
        Instant closedAt,
        String signOff,
        String advice,
        int version) {}
