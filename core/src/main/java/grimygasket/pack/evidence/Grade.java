package grimygasket.pack.evidence;

/**
 * How the answer of a check comes to be known, and how often it is then wrong. The figures are estimates: what is seen with
 * one's own eyes is hardly ever wrong, and what is told by somebody else often is. An outcome that differs says why.
 */
public enum Grade {
    SEEN(0.0002, 0.02),
    MEASURED(0.001, 0.04),
    FELT(0.002, 0.05),
    HEARD(0.005, 0.1),
    TOLD(0.01, 0.15);

    private final double falseAlarm;
    private final double miss;

    Grade(double falseAlarm, double miss) {
        this.falseAlarm = falseAlarm;
        this.miss = miss;
    }

    /** Chance of the answer although nothing that gives it is there. */
    public double falseAlarm() {
        return falseAlarm;
    }

    /** Chance that the answer does not come although something that gives it is there. */
    public double miss() {
        return miss;
    }
}
