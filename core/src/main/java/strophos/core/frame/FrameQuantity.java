package strophos.core.frame;

/** What is told of a frame; in degrees, or in metres where a length was known. */
public enum FrameQuantity {
    /** From one point to the other [m]. */
    LENGTH,
    /** Of the line, against the level: above 0 its right end is the higher [−90°, 90°]. */
    SLOPE,
    /** Between two lines, or at the rider's hip between shoulder and heel [0°, 180°]; 180° is straight. */
    ANGLE,
    /** How far the ears stand above the withers; below 0 they are lower [m]. */
    EARS_ABOVE,
    /** Of the line from the withers up to the ears, against the level; below 0 it goes down [−90°, 90°]. */
    NECK_RISE,
    /** How far the rider's trunk, hip to shoulder, leans before the plumb line; below 0 behind it [−180°, 180°]. */
    LEAN,
    /** How far the heel stands before the plumb line through the shoulder, seen from the shoulder; below 0 behind it [−180°, 180°]. */
    HEEL_AHEAD,
    /** The same, along the ground [m]. */
    HEEL_AHEAD_BY,
    /** How much higher the left hip stands, as a slope against the level; below 0 the right one [−90°, 90°]. */
    LEFT_HIP_UP,
    /** The same, as a height [m]. */
    LEFT_HIP_UP_BY;

    /** In metres; else in degrees. */
    public boolean isLength() {
        return this == LENGTH || this == EARS_ABOVE || this == HEEL_AHEAD_BY || this == LEFT_HIP_UP_BY;
    }
}
