package strophos.core.school;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import strophos.core.exchange.PadKind;

/**
 * How a pair is taught: by this school (its own, or one a lesson borrows), with what its coach settled for it. Where both are
 * silent on a setting, what is returned is common practice, no source.
 */
public record Teaching(School school, Settings settings) {

    /** As the school has it. */
    public static Teaching of(School school) {
        return new Teaching(school, Settings.NONE);
    }

    /** The same settings, in another school. */
    public Teaching in(School other) {
        return new Teaching(other, settings);
    }

    /** Where neither exercise nor segment says otherwise. */
    public CorrectionPolicy correction() {
        return switch (school) {
            case CLASSICAL -> CorrectionPolicy.PREVENT;
            case PRESSURE_AND_RELEASE -> CorrectionPolicy.WHEN_CLEAR;
            case REWARD_BASED -> CorrectionPolicy.IGNORE;
            case FORWARD_SEAT, GAITED -> CorrectionPolicy.AT_ONCE;
        };
    }

    /** How an ask is touched in, for an exercise that has this pad elsewhere: reward-based work knows no strengths. */
    public PadKind pad(PadKind own) {
        return school == School.REWARD_BASED && own == PadKind.STRENGTH ? PadKind.CHOICE : own;
    }

    public WhenStuck whenStuck() {
        return school == School.PRESSURE_AND_RELEASE ? WhenStuck.STAY_UNTIL_SOFT : WhenStuck.END_ON_KNOWN;
    }

    public Settings.SideReins sideReins() {
        return settings.sideReins()
                .orElse(
                        switch (school) {
                            case CLASSICAL, REWARD_BASED -> Settings.SideReins.NEVER;
                            case PRESSURE_AND_RELEASE, FORWARD_SEAT, GAITED -> Settings.SideReins.ALLOWED;
                        });
    }

    /**
     * How the leg lies today: as it was settled, else by what the horse does.
     *
     * @param isHot or balks
     * @param isDull answers the leg late, or only a strong one
     */
    public Optional<Settings.LegStance> leg(boolean isHot, boolean isDull) {
        if (settings.leg().isPresent()) {
            return settings.leg();
        }
        if (isHot) {
            return Optional.of(Settings.LegStance.NEAR);
        }
        return isDull ? Optional.of(Settings.LegStance.OFF) : Optional.empty();
    }

    public Settings.SlackRein slack() {
        return settings.slack()
                .orElse(
                        switch (school) {
                            case CLASSICAL -> Settings.SlackRein.FAULT;
                            case PRESSURE_AND_RELEASE, REWARD_BASED -> Settings.SlackRein.GOAL;
                            case FORWARD_SEAT, GAITED -> Settings.SlackRein.RELEASE;
                        });
    }

    public Settings.LandingLead landingLead() {
        return settings.landingLead()
                .orElse(
                        switch (school) {
                            case CLASSICAL, FORWARD_SEAT -> Settings.LandingLead.CHANGED;
                            case PRESSURE_AND_RELEASE, REWARD_BASED, GAITED -> Settings.LandingLead.LEFT_ALONE;
                        });
    }

    public Settings.CanterFrom canterFrom() {
        return settings.canterFrom().orElse(Settings.CanterFrom.TROT);
    }

    /** The strands in the order in which this pair is taught them: what was settled first, then as the school lists them. */
    public List<String> strands(List<String> ofSchool) {
        return Stream.concat(first(ofSchool).stream(), ofSchool.stream())
                .distinct()
                .toList();
    }

    /** The strands that come first because that was settled, among those of the school; none where nothing was. */
    public List<String> first(List<String> ofSchool) {
        return settings.order().map(Teaching::first).orElse(List.of()).stream()
                .filter(ofSchool::contains)
                .toList();
    }

    private static List<String> first(Settings.StrandOrder order) {
        return switch (order) {
            case FEET_FIRST -> List.of("quarters", "shoulders", "forward");
            case HEAD_FIRST -> List.of("bend", "contact", "jaw");
            case JAW_FIRST -> List.of("jaw", "bend", "contact");
        };
    }

    /** What decides which rungs there are, and what each of them needs. */
    public Way way() {
        return new Way(school, sideReins(), canterFrom());
    }

    /** What of a teaching decides which rungs there are, and what each of them needs. */
    public record Way(School school, Settings.SideReins sideReins, Settings.CanterFrom canterFrom) {

        /** All there are. */
        public static List<Way> all() {
            return Stream.of(School.values())
                    .flatMap(school -> Stream.of(Settings.SideReins.values())
                            .flatMap(reins ->
                                    Stream.of(Settings.CanterFrom.values()).map(from -> new Way(school, reins, from))))
                    .toList();
        }
    }
}
