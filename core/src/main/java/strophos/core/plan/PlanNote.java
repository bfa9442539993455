package strophos.core.plan;

import java.util.Map;

/** Something said about the whole plan; cautions first. The sentence is the language file's. */
public record PlanNote(Code code, Map<String, String> values) {

    /** Which sentence, the gravest first. */
    public enum Code {
        /** The horse is paused: nothing, or hand-walking if the vet agrees. */
        HORSE_PAUSED(true),
        /** The horse is paused and the vet agreed to hand-walking. */
        HAND_WALK(true),
        /** Behaviour or a fall ended the day. */
        DAY_OVER(true),
        /** Pain or unsoundness: nothing is ridden. */
        NOTHING_RIDDEN(true),
        /** Cleared for no more than {@code gait}, until {@code until} where that was said. */
        CLEARED_FOR(true),
        /** Cleared for {@code minutes} a day at the most. */
        CLEARED_MINUTES(true),
        /** A stop sign waits for an answer on {@code rung}: look before mounting. */
        STOP_SIGN_OPEN(true),
        /** {@code count} of {@code of} behaviours were counted under the rider: a vet looks before more training. */
        VET_FIRST(true),
        /** Rider and tack weigh {@code percent} of what the horse should weigh: advise another horse. */
        WEIGHT_OVER(true),
        /** The same, and the coach said {@code reason} for riding all the same. */
        WEIGHT_OVERRULED(true),
        /** No trot or canter today: no halt from walk. */
        WALK_ONLY(true),
        /** No canter today: the halt from walk is not good enough. */
        NO_CANTER(true),
        /** Too hot: nothing is ridden. */
        HEAT_STOP(true),
        /** Light work in the cool only: half the time, no canter and no fence. */
        HEAT_LIGHT(true),
        /** Slippery: walk only. */
        GROUND_SLIPPERY(true),
        /** Frozen: walk only. */
        GROUND_FROZEN(true),
        /** Hard: no canter and no fence. */
        GROUND_HARD(true),
        /** Deep: shorter, no canter and no fence. */
        GROUND_DEEP(true),
        /** Hot: in the shade, and shorter. */
        HEAT_SHADE(false),
        /** About {@code minutes} were ridden today already: shorter, part of it in hand, and done at the first soft, square halt. */
        RIDDEN_TODAY(false),
        /** {@code minutes} of work at the most, for a young horse or one just back. */
        SPARED(false),
        /** {@code minutes} ridden at the most, on the way back from a break. */
        BACK_TO_WORK(false),
        /** {@code what} counts on {@code counts}: an easy day, {@code minutes} at the most. */
        OUTING_EASY(false),
        /** The journey to {@code what}: looking round for {@code minutes}, once more later if needed, never "until calm". */
        OUTING_TRAVEL(false),
        /** The second day away, and young: half a lesson, {@code minutes}. */
        OUTING_HALF(false),
        /** A lesson at {@code what}. */
        OUTING_LESSON(false),
        /** The day that counts at {@code what}: plenty of walk in the warm-up. */
        OUTING_COUNTS(false),
        /** The day after {@code what}: rest, or a hack. */
        OUTING_AFTER(false),
        /** Rider and tack weigh {@code percent}: watch length and pace. */
        WEIGHT_WATCH(false),
        /** Frightened: from the ground or what it knows; get off while calm if it repeats. */
        CALM_FIRST(true),
        /** No answer to the leg: pain and weight are ruled out first. */
        RULE_OUT(false),
        /** Hot today: the leg stays near, at the horse's side. */
        LEG_NEAR(false),
        /** Dull today: the leg comes off between two aids. */
        LEG_OFF(false),
        /** It stays near because that is settled for the pair. */
        LEG_NEAR_SETTLED(false),
        /** It comes off because that is settled for the pair. */
        LEG_OFF_SETTLED(false),
        /** Not looked at yet: soundness and the halt come before the first stride. */
        NO_LOOK(false),
        /** {@code focus} was seen at one station only: look again after the exercise for it. */
        TEST_AGAIN(false),
        /** {@code percent} more work in the last seven days than in those before. */
        WEEK_RISES(false),
        /** The last week is {@code ratio} times what the horse is used to; the ratio is debated. */
        ACUTE_CHRONIC(false),
        /** {@code strand} on {@code days} days running: time for something else. */
        SAME_WORK(false),
        /** {@code rung} was ridden yesterday and rests today. */
        HARD_RESTS(false),
        /** No rung of {@code focus} can be ridden today; the next best was taken. */
        NONE_OPEN(false);

        private final boolean isGrave;

        Code(boolean isGrave) {
            this.isGrave = isGrave;
        }

        /** Said before mounting, and never in a quiet voice. */
        public boolean isGrave() {
            return isGrave;
        }
    }

    public PlanNote {
        values = Map.copyOf(values);
    }
}
