package grimygasket.report;

import grimygasket.call.JobSheet;
import grimygasket.state.CallState;
import grimygasket.visit.line.Labour;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What a call costs, tax included.
 *
 * @param minutes of work that are charged
 * @param labour their price
 * @param total with all parts
 * @param tax that the total contains
 */
record Bill(int minutes, BigDecimal labour, BigDecimal total, BigDecimal tax) {
    private static final BigDecimal MINUTES_OF_AN_HOUR = BigDecimal.valueOf(60);
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    static Bill of(CallState call, Sender sender) {
        int minutes = JobSheet.said(call.job().labour()).stream()
                .mapToInt(Labour::minutes)
                .sum();
        int places = sender.currency().places();
        var labour = sender.labourPerHour()
                .multiply(BigDecimal.valueOf(minutes))
                .divide(MINUTES_OF_AN_HOUR, places, RoundingMode.HALF_EVEN);
        var total = labour.add(call.handOver().partsTotal());
        var tax = total.multiply(sender.taxPercent())
                .divide(HUNDRED.add(sender.taxPercent()), places, RoundingMode.HALF_EVEN);
        return new Bill(minutes, labour, total, tax);
    }
}
