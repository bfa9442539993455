package strophos.core.pause;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What ends the work at once, whoever sees it: in a first look, while riding, or in a report. */
public enum StopSign {
    SORE_SPOT(SignKind.PAIN),
    /** An uneven step. */
    UNLEVEL(SignKind.PAIN),
    /** Refuses one side, at once. */
    REFUSES_ONE_SIDE(SignKind.PAIN),
    SWEAT_WITHOUT_WORK(SignKind.PAIN),
    FRIGHT(SignKind.FRIGHT),
    RIDER_HURTS(SignKind.RIDER),
    /** Pain as a first look sees it: a sore spot, uneven sweat, a poll that will not be touched. */
    PAIN_SIGNS(SignKind.PAIN),
    FLINCHES(SignKind.PAIN),
    SWELLING(SignKind.PAIN),
    BLOOD(SignKind.PAIN),
    BUCKS(SignKind.BEHAVIOUR),
    REARS(SignKind.BEHAVIOUR),
    BOLTS(SignKind.BEHAVIOUR),
    KICKS_AT_LEG(SignKind.BEHAVIOUR),
    FALL(SignKind.FALL),
    /** A fall with a knock on the head. */
    HEAD_KNOCK(SignKind.FALL);

    /** Pauses the homework it is reported with until the coach has answered. */
    public static final List<StopSign> STOPS_HOMEWORK = List.of(FRIGHT, RIDER_HURTS, HEAD_KNOCK);

    /** By what stands on the wire. */
    public static final Map<String, StopSign> WORDS;

    static {
        Map<String, StopSign> words = new LinkedHashMap<>();
        for (StopSign each : values()) {
            words.put(each.word(), each);
        }
        WORDS = Collections.unmodifiableMap(words);
    }

    private final SignKind kind;

    StopSign(SignKind kind) {
        this.kind = kind;
    }

    public SignKind kind() {
        return kind;
    }

    /** As it stands on the wire. */
    public String word() {
        return name();
    }
}
