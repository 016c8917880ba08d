package grimygasket.money;

import grimygasket.util.Unfit;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What a job costs the customer, in exact decimals: each line is rounded half up to the cent, and the tax is taken on
 * their sum.
 *
 * @param callOut for coming
 * @param labour for the time
 * @param parts with their markup
 * @param tax on all of it
 */
public record Bill(BigDecimal callOut, BigDecimal labour, BigDecimal parts, BigDecimal tax) {
    private static final int CENTS = 2;
    private static final BigDecimal MINUTES_PER_HOUR = BigDecimal.valueOf(60);

    /**
     * @param minutes of work, 0 or more
     * @param perHour labour rate, 0 or more
     * @param parts what they cost us, 0 or more
     * @param markup on parts, as a share, 0 or more
     * @param taxRate as a share, 0 to 1
     * @throws Unfit naming what is negative
     */
    public static Bill of(
            BigDecimal callOut,
            BigDecimal minutes,
            BigDecimal perHour,
            BigDecimal parts,
            BigDecimal markup,
            BigDecimal taxRate) {
        var coming = cents(notNegative("call-out", callOut));
        var labour = notNegative("minutes", minutes)
                .multiply(notNegative("labour rate", perHour))
                .divide(MINUTES_PER_HOUR, CENTS, RoundingMode.HALF_UP);
        var sold = cents(notNegative("parts", parts).multiply(BigDecimal.ONE.add(notNegative("markup", markup))));
        var net = coming.add(labour).add(sold);
        return new Bill(coming, labour, sold, cents(net.multiply(notNegative("tax", taxRate))));
    }

    public BigDecimal net() {
        return callOut.add(labour).add(parts);
    }

    public BigDecimal total() {
        return net().add(tax);
    }

    private static BigDecimal cents(BigDecimal amount) {
        return amount.setScale(CENTS, RoundingMode.HALF_UP);
    }

    private static BigDecimal notNegative(String what, BigDecimal amount) {
        if (amount.signum() < 0) {
            throw new Unfit(what + " cannot be negative, but is " + amount.toPlainString());
        }
        return amount;
    }
}
