package strophos.core.frame;

/**
 * One thing a frame tells.
 *
 * @param value in the unit of its quantity
 * @param half of its 95 % interval, from setting the points alone, above 0
 */
public record FrameValue(FrameQuantity of, double value, double half) {

    /** Whether it differs from 0 by more than setting the points can do. */
    public boolean isTold() {
        return Math.abs(value) > half;
    }
}
