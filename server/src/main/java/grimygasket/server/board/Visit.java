package grimygasket.server.board;

import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import java.util.UUID;

/**
 * A visit that is planned.
 *
 * @param account on whose round it stands now
 */
record Visit(@PlanningId UUID id, UUID account) {}
