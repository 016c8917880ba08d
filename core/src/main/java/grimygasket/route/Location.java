package grimygasket.route;

import grimygasket.util.Unfit;

/**
 * A place on the ground.
 *
 * @param latitude in degrees, −90 to 90, north of the equator above 0
 * @param longitude in degrees, −180 to 180, east of Greenwich above 0
 */
public record Location(double latitude, double longitude) {
    /** Of a degree along a meridian: the mean radius of the Earth, 6371.0088 km (IUGG), times π ÷ 180. */
    private static final double KILOMETRES_A_DEGREE = 111.195;

    private static final double POLE = 90;
    private static final double HALF_ROUND = 180;

    public Location {
        if (!(Math.abs(latitude) <= POLE)) {
            throw new Unfit("a latitude lies between -90 and 90 degrees, not at " + latitude);
        }
        if (!(Math.abs(longitude) <= HALF_ROUND)) {
            throw new Unfit("a longitude lies between -180 and 180 degrees, not at " + longitude);
        }
    }

    /**
     * As the crow flies, in kilometres: on a plane that touches the ground half-way between the two (equirectangular projection), which is off
     * by less than a part in a thousand within a day's drive.
     */
    public double kilometres(Location other) {
        double north = other.latitude - latitude;
        double east = other.longitude - longitude;
        double shrunk = Math.cos(Math.toRadians((latitude + other.latitude) / 2));
        if (Math.abs(east) > HALF_ROUND) {
            east -= east > 0 ? 2 * HALF_ROUND : -2 * HALF_ROUND;
        }
        return KILOMETRES_A_DEGREE * Math.sqrt(north * north + east * east * shrunk * shrunk);
    }
}
