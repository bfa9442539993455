package strophos.core.tack;

import java.util.EnumSet;
import java.util.Set;

/**
 * What another headgear brings that the one before did not have: a place that was not pressed, or a lever, a slide or a squeeze.
 * Where it brings something, what is milder comes first: hands, teeth and back looked at, and the gap in training closed
 * (common practice, no source). It weighs no place against another: hands decide.
 *
 * @param places pressed by the other one only
 * @param action how it acts, when the one before acted by the rein alone and this one does not; else {@link HeadgearAction#DIRECT}
 */
public record MilderFirst(Set<Pressure> places, HeadgearAction action) {

    public MilderFirst {
        places = Set.copyOf(places);
    }

    /** From one to another. */
    public static MilderFirst of(Headgear from, Headgear to) {
        Set<Pressure> more = EnumSet.noneOf(Pressure.class);
        more.addAll(to.presses());
        more.removeAll(from.presses());
        boolean isNew = from.action() == HeadgearAction.DIRECT && to.action() != HeadgearAction.DIRECT;
        return new MilderFirst(more, isNew ? to.action() : HeadgearAction.DIRECT);
    }

    /** Whether it brings anything. */
    public boolean isAsked() {
        return !places.isEmpty() || action != HeadgearAction.DIRECT;
    }
}
