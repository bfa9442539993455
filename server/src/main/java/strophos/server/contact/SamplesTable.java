package strophos.server.contact;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import strophos.core.contact.ReinSeries;
import strophos.core.exchange.Side;

/** A series as a table: seconds from the first sample, and both reins in kilograms; nothing where one was not measured. */
final class SamplesTable {

    private static final String HEADING = "seconds,left kg,right kg\r\n";

    private SamplesTable() {}

    static byte[] of(ReinSeries series) {
        StringBuilder text = new StringBuilder(HEADING.length() + 24 * series.length()).append(HEADING);
        for (int i = 0; i < series.length(); i++) {
            text.append(String.format(Locale.ROOT, "%.3f", i / series.rateHz())).append(',');
            sample(text, series.at(Side.LEFT, i)).append(',');
            sample(text, series.at(Side.RIGHT, i)).append("\r\n");
        }
        return text.toString().getBytes(StandardCharsets.US_ASCII);
    }

    private static StringBuilder sample(StringBuilder text, short hundredths) {
        return hundredths == ReinSeries.GAP
                ? text
                : text.append(BigDecimal.valueOf(hundredths, 2).toPlainString());
    }
}
