package strophos.core.school;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.PadKind;

/** Rules 10; what is marked there as a setting is common practice, no source. */
class TeachingTest {

    /** What a school does by itself: errors, stuck, the pad of an ask, side reins, a slack rein, the wrong landing lead. */
    @ParameterizedTest
    @CsvSource({
        "CLASSICAL, PREVENT, END_ON_KNOWN, STRENGTH, NEVER, FAULT, CHANGED",
        "PRESSURE_AND_RELEASE, WHEN_CLEAR, STAY_UNTIL_SOFT, STRENGTH, ALLOWED, GOAL, LEFT_ALONE",
        "REWARD_BASED, IGNORE, END_ON_KNOWN, CHOICE, NEVER, GOAL, LEFT_ALONE",
        "FORWARD_SEAT, AT_ONCE, END_ON_KNOWN, STRENGTH, ALLOWED, RELEASE, CHANGED",
        "GAITED, AT_ONCE, END_ON_KNOWN, STRENGTH, ALLOWED, RELEASE, LEFT_ALONE",
    })
    void aSchoolHasItsOwnWays(
            School school,
            CorrectionPolicy correction,
            WhenStuck stuck,
            PadKind pad,
            Settings.SideReins reins,
            Settings.SlackRein slack,
            Settings.LandingLead lead) {
        Teaching teaching = Teaching.of(school);
        assertThat(teaching.correction()).isEqualTo(correction);
        assertThat(teaching.whenStuck()).isEqualTo(stuck);
        assertThat(teaching.pad(PadKind.STRENGTH)).isEqualTo(pad);
        assertThat(teaching.pad(PadKind.LINE)).isEqualTo(PadKind.LINE);
        assertThat(teaching.sideReins()).isEqualTo(reins);
        assertThat(teaching.slack()).isEqualTo(slack);
        assertThat(teaching.landingLead()).isEqualTo(lead);
        assertThat(teaching.canterFrom()).isEqualTo(Settings.CanterFrom.TROT);
    }

    @Test
    void whatIsSettledForThePairHoldsInEverySchoolItBorrows() {
        Settings settled = new Settings(
                Optional.of(Settings.SideReins.ALLOWED),
                Optional.of(Settings.LegStance.OFF),
                Optional.of(Settings.SlackRein.GOAL),
                Optional.of(Settings.Bit.BITLESS),
                Optional.of(Settings.LandingLead.LEFT_ALONE),
                Optional.of(Settings.CanterFrom.WALK),
                Optional.of(Settings.StrandOrder.FEET_FIRST));
        for (School school : School.values()) {
            Teaching teaching = new Teaching(School.CLASSICAL, settled).in(school);
            assertThat(teaching.way())
                    .isEqualTo(new Teaching.Way(school, Settings.SideReins.ALLOWED, Settings.CanterFrom.WALK));
            assertThat(teaching.slack()).isEqualTo(Settings.SlackRein.GOAL);
            assertThat(teaching.landingLead()).isEqualTo(Settings.LandingLead.LEFT_ALONE);
            assertThat(teaching.correction()).isEqualTo(Teaching.of(school).correction());
        }
    }

    /** Near: hot, or balking; off: dull (rules 10); what the coach settled goes before both. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "-, true, false, NEAR",
                "-, true, true, NEAR",
                "-, false, true, OFF",
                "-, false, false, -",
                "OFF, true, false, OFF",
                "NEAR, false, true, NEAR",
            })
    void theLegFollowsTheHorse(Settings.LegStance settled, boolean isHot, boolean isDull, Settings.LegStance expected) {
        Settings settings = new Settings(
                Optional.empty(),
                Optional.ofNullable(settled),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(new Teaching(School.CLASSICAL, settings).leg(isHot, isDull))
                .isEqualTo(Optional.ofNullable(expected));
    }

    @ParameterizedTest
    @CsvSource({
        "FEET_FIRST, quarters shoulders forward jaw bend rhythm",
        "HEAD_FIRST, bend jaw shoulders quarters forward rhythm",
        "JAW_FIRST, jaw bend shoulders quarters forward rhythm",
    })
    void whatIsTaughtFirstStandsFirst(Settings.StrandOrder order, String expected) {
        Settings settings = new Settings(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(order));
        List<String> school = List.of("jaw", "bend", "shoulders", "quarters", "forward", "rhythm");
        assertThat(new Teaching(School.CLASSICAL, settings).strands(school)).containsExactly(expected.split(" "));
        assertThat(Teaching.of(School.CLASSICAL).strands(school)).isEqualTo(school);
    }
}
