package strophos.core.contact;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A time at which a rein stayed over the pair's limit, and how soon both were under it again. What the coach touches as a mistake is
 * not read here: a touch comes about a second late, which is too much for a time of a few seconds.
 *
 * @param fromS when the first rein went over, in seconds from the stretch's first sample
 * @param afterS seconds until no rein was over; empty where one still was as the stretch ended
 */
public record SoftAgain(double fromS, OptionalDouble afterS) {

    /** Where a rein was not measured for longer while it was over, nobody knows when it came back, in seconds. */
    private static final double MOST_GAP_S = 1;

    /**
     * Of two levels of the same stretch, sample for sample. A rein is over when it stays so for {@link GettingHeavy#STAYS_S} longer than
     * one peak would hold its level up; it is back when both are under for as long, reckoned from where the last peak over the limit was.
     *
     * @param strideS the window of the levels
     * @param limitKg mostly the upper edge of the pair's band
     */
    static List<SoftAgain> of(short[] left, short[] right, double rateHz, double strideS, double limitKg) {
        int limit = ReinSeries.limit(limitKg);
        int stride = (int) Math.round(strideS * rateHz);
        int stays = (int) Math.ceil(GettingHeavy.STAYS_S * rateHz);
        int mostGap = (int) Math.round(MOST_GAP_S * rateHz);
        boolean isTwo = ReinSeries.measured(left) > 0 && ReinSeries.measured(right) > 0;
        List<SoftAgain> times = new ArrayList<>();
        int from = -1;
        int last = -1;
        int gap = 0;
        for (int i = 0; i < left.length; i++) {
            boolean isUnknown = isTwo && (left[i] == ReinSeries.GAP || right[i] == ReinSeries.GAP)
                    || left[i] == right[i] && left[i] == ReinSeries.GAP;
            gap = isUnknown ? gap + 1 : 0;
            if (from >= 0 && gap > mostGap) {
                from = -1;
            }
            // a gap is below every limit
            if (left[i] > limit || right[i] > limit) {
                from = from < 0 ? i : from;
                last = i;
            } else if (from >= 0 && !isUnknown && i - last >= stays) {
                if (last + 1 - from >= stride + stays) {
                    times.add(new SoftAgain(from / rateHz, OptionalDouble.of((last + 1 - from - stride) / rateHz)));
                }
                from = -1;
            }
        }
        if (from >= 0 && last + 1 - from >= stride + stays) {
            times.add(new SoftAgain(from / rateHz, OptionalDouble.empty()));
        }
        return times;
    }
}
