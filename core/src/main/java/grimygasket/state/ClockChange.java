package grimygasket.state;

/**
 * The clocks where the business works are changed, as to summer time.
 *
 * @param at in milliseconds since 1970
 * @param offset minutes that they are ahead of universal time from then on, negative where they are behind
 */
public record ClockChange(long at, int offset) {}
