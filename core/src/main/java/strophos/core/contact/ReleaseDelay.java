package strophos.core.contact;

import strophos.core.exchange.Side;

/**
 * How long after the horse's answer the rein was let go: until it stays, for one stride, within {@link #NEAR_KG} of its level before the
 * aid. Looked at forwards, so that the stride of the level adds nothing to the delay.
 */
public sealed interface ReleaseDelay {

    /** As good as the level before, in kilograms. */
    double NEAR_KG = 0.5;

    /** Later than this it was not the release of this aid, in seconds (common practice, no source). */
    double MOST_S = 10;

    /** Within this it is prompt, in seconds (rules: correction and release). */
    double PROMPT_S = 1;

    /** @param seconds at least 0, known to a sample */
    record LetGo(double seconds) implements ReleaseDelay {
        public boolean isPrompt() {
            return seconds <= PROMPT_S;
        }
    }

    /** Not within {@link #MOST_S}, nor before the series ended. */
    record StillTaken() implements ReleaseDelay {}

    /** The level before, or what came after, was not measured. */
    record NotMeasured() implements ReleaseDelay {}

    /**
     * Of one rein.
     *
     * @param beforeKg level before the aid ({@link AidSize#beforeKg})
     * @param answerS when the horse answered, in seconds from the first sample
     */
    static ReleaseDelay of(ReinSeries series, Side side, double beforeKg, double answerS, double strideS) {
        ReinSeries after = series.part(Math.max(0, answerS), Math.max(0, answerS) + MOST_S + strideS);
        int window = Level.window(series, strideS);
        short[] level = Level.of(after, side, strideS);
        if (answerS < 0 || after.length() < window) {
            return new NotMeasured();
        }
        boolean isMeasured = false;
        for (int end = window - 1; end < level.length; end++) {
            isMeasured |= level[end] != ReinSeries.GAP;
            if (level[end] != ReinSeries.GAP && level[end] <= (beforeKg + NEAR_KG) * ReinSeries.HUNDREDTHS) {
                return new LetGo((end - window + 1) / series.rateHz());
            }
        }
        return isMeasured ? new StillTaken() : new NotMeasured();
    }
}
