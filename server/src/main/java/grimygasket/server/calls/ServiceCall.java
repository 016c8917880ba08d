package grimygasket.server.calls;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/**
 * A call about one machine, as it is stored.
 *
 * @param visitId shared by the calls that are made in one home on one visit
 * @param revision of the know-how that it is judged with
 */
record ServiceCall(
        UUID id,
        UUID visitId,
        UUID machineId,
        LocalDate day,
        LocalTime plannedAt,
        int revision,
        Instant closedAt,
        String signOff,
        String advice,
        int version) {}
