package strophos.core.plan;

import java.util.Map;

/** Why something is in a plan: a code with its numbers; the sentence is the language file's. */
public record Reason(Code code, Map<String, String> values) {

    /** Which sentence. */
    public enum Code {
        /** Passed: begin where it is easy. */
        EASY_FIRST,
        /** Said by the coach to be known already, without a record. */
        PLACED_FIRST,
        /** Nothing below is passed yet: begin at the foot. */
        FOOT_FIRST,
        /** The way back of the main rung, since the rider reported that it does not come yet. */
        BACK_FIRST,
        /** {@code rung} went better after it on {@code days} of the last {@code of} days: a hint. */
        HELPED_DAYS,
        /** The same, and more than on days without it. */
        HELPED_MORE,
        /** The coach said that it helped {@code rung}. */
        HELPED_WORD,
        /** The look found it: {@code focus}. */
        FOCUS,
        /** It was seen at one station only: one exercise for it, and a test. */
        SUSPECTED,
        /** The coach chose it: {@code focus}. */
        CHOSEN,
        /** In work, not yet through. */
        IN_WORK,
        /** The next rung, now open. */
        NEXT_OPEN,
        /** The foot of a strand, in halt or walk, never passed: it asks little. */
        ASKS_LITTLE,
        /** Only known rungs on such a day. */
        KNOWN_ONLY,
        /** A second strand, so that the day is not all of one kind. */
        SECOND,
        /** From the ground, before anybody mounts, since the look found {@code focus}. */
        IN_HAND_FIRST,
        /** Part of the work is in hand: it was ridden today already. */
        PART_IN_HAND,
        /** Once to each side, and no more. */
        ONE_EACH_SIDE,
        /** About four asks now and four after {@code rung}: did that help? */
        PROBE_BEFORE,
        /** Its first four asks are compared with those before {@code rung}. */
        PROBE_AFTER,
        /** About four asks once more, beside those at the start. */
        TEST,
        /** Ends on something it can do. */
        END_WELL,
        /** Reported by the rider: {@code feel}. */
        REPORTED,
        /** {@code minutes} of {@code work} minutes of work. */
        SHARE,
        /** The longer share on {@code rein}, which works the {@code side} that is behind: the counts differ ({@code left} of {@code leftOf}, …, {@code p}). */
        STIFFER_COUNTS,
        /** The longer share on {@code rein}: {@code side} was behind in {@code worse} of {@code lessons} lessons. */
        STIFFER_RUN,
        /** The longer share on {@code rein}: it bends less to {@code side} today. */
        STIFFER_LOOK,
        /** Away from the heavy {@code shoulder}: to {@code side}, on either rein. */
        AWAY_FROM,
        /** More to {@code side}, which is behind; either rein will do. */
        STIFFER_EITHER,
        /** Both reins alike. */
        EQUAL,
        /** Turns of at most {@code minutes}. */
        TURNS,
        /** The smallest circle on which it stayed even today: {@code metres}. */
        CIRCLE_SEEN,
        /** It bends well to both sides: {@code metres}. */
        CIRCLE_BENDS,
        /** No circle was looked at: {@code metres}. */
        CIRCLE_LARGEST
    }

    public Reason {
        values = Map.copyOf(values);
    }

    static Reason of(Code code) {
        return new Reason(code, Map.of());
    }

    static Reason of(Code code, String name, Object value) {
        return new Reason(code, Map.of(name, String.valueOf(value)));
    }
}
