package grimygasket.server.accounts;

import grimygasket.pack.work.Competence;
import grimygasket.report.Currency;
import grimygasket.report.Sender;
import grimygasket.route.Location;
import grimygasket.route.Shift;
import grimygasket.units.UnitSystem;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.SimplePropertyRowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The business that this installation works for. */
@Repository
public class BusinessStore {
    private static final String COLUMNS = """
            name, currency, labour_per_hour, return_trip_minutes, mains_volts, zone, address, phone, email, tax_number, tax_percent,
            warranty_months, simulated_meters, day_from, day_until, latitude, longitude""";

    private static final RowMapper<Business> BUSINESS = new SimplePropertyRowMapper<>(Business.class);

    private final JdbcClient jdbc;
    private final Clock clock;

    BusinessStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * @param currency ISO 4217 code of every price
     * @param labourPerHour what an hour of work is worth
     * @param returnTripMinutes what a second visit costs
     * @param mainsVolts what the mains give where it works
     * @param zone where it works, by the name of the IANA time zone database, such as Europe/Lisbon
     * @param address as it stands in reports, on as many lines as it takes; blank for none, as all texts that follow
     * @param taxPercent that its prices contain, of what they are without it
     * @param warrantyMonths for how long it answers for its work; 0 where reports say nothing of it
     * @param simulatedMeters whether meters that are only made up can be read, and a supplier that is answers orders
     * @param dayFrom minute of the day on which the vans leave
     * @param dayUntil minute of the day by which they should be back
     * @param latitude of where they leave from, in degrees; null where nobody has said, with the longitude
     */
    public record Business(
            @NotBlank(message = "Enter the name as it stands in reports.")
            @Size(max = 80, message = "At most 80 characters.")
            String name,

            @NotNull @Pattern(regexp = "[A-Z]{3}", message = "Three capital letters, such as EUR.")
            String currency,

            @NotNull
            @DecimalMin(value = "0.01", message = "More than nothing: parts are weighed against it.")
            @DecimalMax(value = "10000", message = "At most 10 000 an hour.")
            @Digits(integer = 5, fraction = 2, message = "A price has two places after the point at most.")
            BigDecimal labourPerHour,

            @Min(value = 0, message = "Not below nothing.") @Max(value = 600, message = "At most 600 minutes.")
            int returnTripMinutes,

            @Min(value = 90, message = "Mains give 90 to 260 volts.")
            @Max(value = 260, message = "Mains give 90 to 260 volts.")
            int mainsVolts,

            @NotNull String zone,

            @NotNull @Size(max = 200, message = "At most 200 characters.")
            String address,

            @NotNull @Size(max = 40, message = "At most 40 characters.")
            String phone,

            @NotNull
            @Size(max = 120, message = "At most 120 characters.")
            @Email(message = "An e-mail address looks like name@example.com.")
            String email,

            @NotNull @Size(max = 40, message = "At most 40 characters.")
            String taxNumber,

            @NotNull
            @DecimalMin(value = "0", message = "Not below nothing.")
            @DecimalMax(value = "50", message = "At most 50 percent.")
            @Digits(integer = 2, fraction = 2, message = "Two places after the point at most.")
            BigDecimal taxPercent,

            @Min(value = 0, message = "Not below nothing.") @Max(value = 120, message = "At most 120 months.")
            int warrantyMonths,

            boolean simulatedMeters,

            @Min(value = 0, message = "A day begins at midnight.")
            @Max(value = 1439, message = "A day ends at midnight.")
            int dayFrom,

            @Min(value = 0, message = "A day begins at midnight.")
            @Max(value = 1439, message = "A day ends at midnight.")
            int dayUntil,

            @Nullable
            @DecimalMin(value = "-90", message = "A latitude lies between -90 and 90.")
            @DecimalMax(value = "90", message = "A latitude lies between -90 and 90.")
            Double latitude,

            @Nullable
            @DecimalMin(value = "-180", message = "A longitude lies between -180 and 180.")
            @DecimalMax(value = "180", message = "A longitude lies between -180 and 180.")
            Double longitude) {
        /** A working day. */
        public Shift shift() {
            return new Shift(
                    dayFrom,
                    dayUntil,
                    latitude == null || longitude == null ? null : new Location(latitude, longitude));
        }

        /** Its days and its times of day are those of this zone, wherever the application runs. */
        public ZoneId clocks() {
            return ZoneId.of(zone);
        }

        public LocalDate today(Clock clock) {
            return LocalDate.now(clock.withZone(clocks()));
        }

        /** As it writes reports. */
        public Sender sender() {
            var of = java.util.Currency.getInstance(currency);
            return new Sender(
                    name,
                    address,
                    phone,
                    email,
                    taxNumber,
                    taxPercent,
                    warrantyMonths,
                    labourPerHour,
                    new Currency(of.getSymbol(Locale.UK), of.getDefaultFractionDigits()));
        }
    }

    public Business get() {
        return jdbc.sql("select " + COLUMNS + " from business")
                .query(Business.class)
                .single();
    }

    /**
     * @param units that somebody works in
     * @param competences what they are qualified for today
     */
    public record Settings(Business business, UnitSystem units, Set<Competence> competences) {}

    /** What is reckoned with for somebody, read at once. */
    public Settings settings(UUID account) {
        return jdbc.sql("""
                        select %s,
                               (select units from account where id = :account) as units,
                               (select group_concat(concat_ws(' ', competence, since, until)) from qualification
                                where account_id = :account) as qualifications
                        from business
                        """.formatted(COLUMNS))
                .param("account", account)
                .query((row, number) -> {
                    var reckoned = BUSINESS.mapRow(row, number);
                    return new Settings(
                            reckoned,
                            UnitSystem.valueOf(row.getString("units")),
                            held(row.getString("qualifications"), reckoned.today(clock)));
                })
                .single();
    }

    /** @param qualifications each as "competence since until", the last of which may be left out; null for none */
    private static Set<Competence> held(@Nullable String qualifications, LocalDate today) {
        var held = EnumSet.noneOf(Competence.class);
        for (var one : qualifications == null ? new String[0] : qualifications.split(",")) {
            var said = one.split(" ");
            boolean begun = !today.isBefore(LocalDate.parse(said[1]));
            if (begun && (said.length < 3 || !today.isAfter(LocalDate.parse(said[2])))) {
                held.add(Competence.valueOf(said[0]));
            }
        }
        return held;
    }

    public void set(Business business) {
        jdbc.sql("""
                        replace into business (id, %s)
                        values (1, :name, :currency, :labourPerHour, :returnTripMinutes, :mainsVolts, :zone, :address, :phone,
                                :email, :taxNumber, :taxPercent, :warrantyMonths, :simulatedMeters, :dayFrom, :dayUntil,
                                :latitude, :longitude)
                        """.formatted(COLUMNS)).paramSource(business).update();
    }
}
