package grimygasket.call.change;

import grimygasket.call.Knowhow;
import grimygasket.call.Person;
import java.util.UUID;

/**
 * What a change is made with.
 *
 * @param id of the command, which becomes that of what it adds
 * @param at in milliseconds since 1970
 */
record Moment(UUID id, long at, Person by, Knowhow knowhow) {}
