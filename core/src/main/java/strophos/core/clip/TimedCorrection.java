package strophos.core.clip;

/**
 * An error that was corrected, both read from a clip.
 *
 * @param id of the entry
 * @param errorMs when it began, in milliseconds of the clip; {@code correctedMs} not before it
 */
public record TimedCorrection(String id, String segment, int errorMs, int correctedMs) {

    public int afterMs() {
        return correctedMs - errorMs;
    }
}
