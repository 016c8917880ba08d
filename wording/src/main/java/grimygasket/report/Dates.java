package grimygasket.report;

import java.util.List;

/** Days and times in words. */
final class Dates {
    private static final List<String> WEEKDAYS =
            List.of("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday");
    private static final List<String> MONTHS = List.of(
            "January",
            "February",
            "March",
            "April",
            "May",
            "June",
            "July",
            "August",
            "September",
            "October",
            "November",
            "December");

    /** 1 January 1970 was a Thursday. */
    private static final int WEEKDAY_OF_THE_FIRST = 3;

    /** The first of March of the year 0, before 1970: a year that starts in March ends with its leap day. */
    private static final int DAYS_SINCE_YEAR_0 = 719_468;

    private static final int DAYS_OF_400_YEARS = 146_097;
    private static final int DAYS_OF_100_YEARS = 36_524;
    private static final int DAYS_OF_4_YEARS = 1_460;
    private static final int DAYS_OF_A_YEAR = 365;
    private static final int MINUTES_OF_AN_HOUR = 60;

    private Dates() {}

    /**
     * For example "Tuesday 6 May 2031".
     *
     * @param day since 1970
     */
    static String day(long day) {
        var date = Date.of(day);
        var weekday = WEEKDAYS.get((int) Math.floorMod(day + WEEKDAY_OF_THE_FIRST, (long) WEEKDAYS.size()));
        return weekday + " " + date.dayOfMonth + " " + MONTHS.get(date.month) + " " + date.year;
    }

    /**
     * For example "6 May 2033"; of the last of a month that has no such day, its own last.
     *
     * @param day since 1970
     */
    static String monthsAfter(long day, int months) {
        var date = Date.of(day);
        long later = 12 * date.year + date.month + months;
        int month = (int) (later % 12);
        long year = later / 12;
        return Math.min(date.dayOfMonth, Date.daysOf(month, year)) + " " + MONTHS.get(month) + " " + year;
    }

    /** For example "20310506". */
    static String digits(long day) {
        var date = Date.of(day);
        return date.year + twoDigits(date.month + 1) + twoDigits(date.dayOfMonth);
    }

    /**
     * By the Gregorian calendar.
     *
     * @param month 0 to 11
     */
    private record Date(long year, int month, int dayOfMonth) {
        private static final List<Integer> DAYS = List.of(31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31);

        /** How many days a month has. */
        static int daysOf(int month, long year) {
            boolean leap = year % 4 == 0 && (year % 100 != 0 || year % 400 == 0);
            return DAYS.get(month) + (leap && month == 1 ? 1 : 0);
        }

        /**
         * In whole numbers, after H. Hinnant, chrono-Compatible Low-Level Date Algorithms, {@code civil_from_days}.
         *
         * @param day since 1970
         */
        static Date of(long day) {
            long shifted = day + DAYS_SINCE_YEAR_0;
            long era = Math.floorDiv(shifted, DAYS_OF_400_YEARS);
            long ofEra = Math.floorMod(shifted, DAYS_OF_400_YEARS);
            long year = (ofEra - ofEra / DAYS_OF_4_YEARS + ofEra / DAYS_OF_100_YEARS - ofEra / (DAYS_OF_400_YEARS - 1))
                    / DAYS_OF_A_YEAR;
            long ofYear = ofEra - (DAYS_OF_A_YEAR * year + year / 4 - year / 100);
            long month = (5 * ofYear + 2) / 153; // five months from March on have 153 days
            int fromJanuary = (int) ((month + 2) % 12);
            return new Date(year + 400 * era + (fromJanuary < 2 ? 1 : 0), fromJanuary, (int)
                    (ofYear - (153 * month + 2) / 5 + 1));
        }
    }

    /**
     * For example "09:05".
     *
     * @param minute of the day, 0 to 1439
     */
    static String time(int minute) {
        return twoDigits(minute / MINUTES_OF_AN_HOUR) + ":" + twoDigits(minute % MINUTES_OF_AN_HOUR);
    }

    /** 1 as "day", 14 as "2 weeks", 180 as "6 months". */
    static String span(int days) {
        if (days >= 60) {
            return Math.round(days / 30.4) + " months";
        }
        if (days >= 14) {
            return Math.round(days / 7.0) + " weeks";
        }
        return days == 1 ? "day" : days + " days";
    }

    private static String twoDigits(int number) {
        return number < 10 ? "0" + number : "" + number;
    }
}
