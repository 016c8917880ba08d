package grimygasket.server.calls;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/**
 * A call about one machine, as it is stored.
 *
 * @param visitId shared by the calls that are made in one home on one visit
 * @param accountId on whose round it is
 * @param revision of the know-how that it is judged with
 * @param follows id of an earlier call about the same machine, since which it has failed again; null for none
 * @param upkeep whether it is for upkeep: nobody complains of anything
 * @param closedBy name of whoever closed it
 */
record ServiceCall(
        UUID id,
        UUID visitId,
        UUID machineId,
        UUID accountId,
        LocalDate day,
        LocalTime plannedAt,
        int revision,
        UUID follows,
        boolean upkeep,
        Instant closedAt,
        String closedBy,
        String signOff,
        String advice,
        int version) {}
