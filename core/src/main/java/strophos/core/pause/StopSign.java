package strophos.core.pause;

/** What ends the work at once, whoever sees it: in a first look, while riding, or in a report. */
public enum StopSign {
    SORE_SPOT(Kind.PAIN),
    /** An uneven step. */
    UNLEVEL(Kind.PAIN),
    /** Refuses one side, at once. */
    REFUSES_ONE_SIDE(Kind.PAIN),
    SWEAT_WITHOUT_WORK(Kind.PAIN),
    FRIGHT(Kind.FRIGHT),
    RIDER_HURTS(Kind.RIDER),
    /** Pain as a first look sees it: a sore spot, uneven sweat, a poll that will not be touched. */
    PAIN_SIGNS(Kind.PAIN),
    FLINCHES(Kind.PAIN),
    SWELLING(Kind.PAIN),
    BLOOD(Kind.PAIN),
    BUCKS(Kind.BEHAVIOUR),
    REARS(Kind.BEHAVIOUR),
    BOLTS(Kind.BEHAVIOUR),
    KICKS_AT_LEG(Kind.BEHAVIOUR),
    FALL(Kind.FALL),
    /** A fall with a knock on the head. */
    HEAD_KNOCK(Kind.FALL);

    /** What a sign does. */
    public enum Kind {
        /** Pauses the horse until somebody who may has looked. */
        PAIN,
        /** Ends today's work; again within a few lessons it pauses the horse. */
        BEHAVIOUR,
        /** No more riding today. */
        FALL,
        /** The rider's: pauses the rider's homework. */
        RIDER,
        /** Pauses the homework; the lesson goes on with what the horse knows. */
        FRIGHT
    }

    private final Kind kind;

    StopSign(Kind kind) {
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    /** Ends the lesson in which it is seen. */
    public boolean endsLesson() {
        return kind != Kind.FRIGHT;
    }

    /** Pauses the homework it is reported with until the coach has answered. */
    public boolean pausesHomework() {
        return kind == Kind.RIDER || kind == Kind.FRIGHT || this == HEAD_KNOCK;
    }
}
