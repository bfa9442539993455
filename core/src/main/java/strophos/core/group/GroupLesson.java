package strophos.core.group;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/** Who may be taught in one group. */
public final class GroupLesson {

    /** More pairs nobody can watch. Common practice, no source. */
    public static final int MOST = 8;

    private GroupLesson() {}

    /**
     * One pair's lesson in a group.
     *
     * @param day the yard's day on which it is planned
     */
    public record Member(UUID lesson, UUID rider, UUID horse, LocalDate day) {}

    /** Why a lesson cannot be in its group. */
    public enum Clash {
        /** There are as many as can be watched. */
        TOO_MANY,
        /** Nobody rides two horses at once. */
        RIDER_TWICE,
        /** No horse carries two riders. */
        HORSE_TWICE,
        /** The others ride on another day. */
        OTHER_DAY
    }

    /**
     * What stands against these lessons together.
     *
     * @param at of the lesson that is one too many, from 0, in the order given
     */
    public record Finding(int at, Clash clash) {}

    /** All that stands against these lessons as one group, in the order given; empty when they may be taught together. */
    public static List<Finding> findings(List<Member> members) {
        List<Finding> findings = new ArrayList<>();
        Set<UUID> riders = new HashSet<>();
        Set<UUID> horses = new HashSet<>();
        for (int at = 0; at < members.size(); at++) {
            Member member = members.get(at);
            if (at >= MOST) {
                findings.add(new Finding(at, Clash.TOO_MANY));
            }
            if (!riders.add(member.rider())) {
                findings.add(new Finding(at, Clash.RIDER_TWICE));
            }
            if (!horses.add(member.horse())) {
                findings.add(new Finding(at, Clash.HORSE_TWICE));
            }
            if (!member.day().equals(members.get(0).day())) {
                findings.add(new Finding(at, Clash.OTHER_DAY));
            }
        }
        return List.copyOf(findings);
    }
}
