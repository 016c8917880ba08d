package grimygasket.stock;

/** How many of a part are to be ordered. */
public final class Need {
    private Need() {}

    /**
     * What is wanted, less what there is and what is on its way: {@code minimum + expected + forCalls - there - coming}, rounded, and at
     * least none. What is less likely wanted than not is left to the minimum.
     *
     * @param minimum that is to be there at all times, 0 or more
     * @param expected how many the open calls are expected to take, 0 or more
     * @param forCalls how many open calls wait for, 0 or more
     * @param there on all vans and in the store room; below 0 where it has to be counted again
     * @param coming how many were ordered of a supplier and have not come, 0 or more
     */
    public static int of(int minimum, double expected, int forCalls, int there, int coming) {
        return Math.max(0, (int) Math.round(minimum + expected + forCalls - there - coming));
    }
}
