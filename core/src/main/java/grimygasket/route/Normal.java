package grimygasket.route;

/** The standard normal distribution. */
final class Normal {
    private static final double[] B = {0.319381530, -0.356563782, 1.781477937, -1.821255978, 1.330274429};
    private static final double P = 0.2316419;

    private Normal() {}

    static double density(double x) {
        return Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI);
    }

    /**
     * Chance of a value below one, off by less than 7.5e-8. Source: Abramowitz and Stegun, Handbook of Mathematical Functions (1964),
     * 26.2.17.
     */
    static double cumulative(double x) {
        double t = 1 / (1 + P * Math.abs(x));
        double sum = 0;
        for (int i = B.length - 1; i >= 0; i--) {
            sum = (sum + B[i]) * t;
        }
        double above = density(x) * sum;
        return x < 0 ? above : 1 - above;
    }
}
