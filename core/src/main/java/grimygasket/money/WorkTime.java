package grimygasket.money;

import grimygasket.util.Unfit;

/**
 * How long a job takes, as a distribution between the shortest and the longest that it can be.
 *
 * <p>Source: the three-point estimate of PERT (Malcolm and others, 1959): mean {@code (a + 4m + b) / 6}, standard deviation
 * {@code (b − a) / 6}.
 *
 * @param least minutes, 0 or more
 * @param likely minutes, at least {@code least}
 * @param most minutes, at least {@code likely}
 */
public record WorkTime(double least, double likely, double most) {
    /** Standard deviations above the mean that nine of ten stay below, of a normal distribution. */
    private static final double NINE_OF_TEN = 1.281552;

    public WorkTime {
        if (!(least >= 0 && least <= likely && likely <= most)) {
            throw new Unfit("minutes must rise from shortest over likely to longest, not " + least + ", " + likely
                    + ", " + most);
        }
    }

    public double mean() {
        return (least + 4 * likely + most) / 6;
    }

    /** Nine of ten such jobs take no longer; never more than the longest. */
    public double nineOfTen() {
        return Math.min(most, mean() + NINE_OF_TEN * (most - least) / 6);
    }
}
