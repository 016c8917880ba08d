/**
 * Know-how as data: a machine kind's paths with their stations, the faults that stand on them, the symptoms they leave,
 * the checks that tell them apart and the remedies that cure them.
 *
 * <p>Everything refers to everything else by id. A {@link grimygasket.pack.Pack} that could be made is sound: every
 * reference leads somewhere and every number lies in its range.
 */
package grimygasket.pack;
