package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import strophos.core.cause.Help;
import strophos.core.cause.HelpsMoreThanWaiting;
import strophos.core.cause.HelpsOverDays;
import strophos.core.cause.ProbeDay;
import strophos.core.cause.ProbeThresholds;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.progress.Lessons;
import strophos.core.stair.RungId;

/** The rein-back before the strike-off: better after it on so many days (rules 2). Worked by hand. */
class HelpsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 9, 1);
    private static final RungId STRIKE_OFF = RungId.of("strike-off.canter.circle");
    private static final RungId REIN_BACK = RungId.of("rein-back.rein_back.rail");
    private static final HelpWord WORD = new HelpWord(STRIKE_OFF, "rein-back");

    private final List<Helps.DayWithWords> days = new ArrayList<>();

    private void day(List<HelpWord> words, Object... rungsAndAnswers) {
        List<Probes.RungAsk> asks = new ArrayList<>();
        for (int i = 0; i < rungsAndAnswers.length; i += 2) {
            RungId rung = (RungId) rungsAndAnswers[i];
            Lessons.asks((String) rungsAndAnswers[i + 1], Side.NONE, Mounted.RIDER)
                    .forEach(a -> asks.add(new Probes.RungAsk(rung, a)));
        }
        days.add(new Helps.DayWithWords(new Probes.DayOfAsks(DAY.plusDays(days.size()), asks), words));
    }

    private void probed(String before, String after) {
        day(List.of(), STRIKE_OFF, before, REIN_BACK, "yy", STRIKE_OFF, after);
    }

    private List<Help> helps() {
        return new Helps(
                        HelpsOverDays.of(ProbeThresholds.SET.standard()),
                        HelpsMoreThanWaiting.of(ProbeThresholds.SET.standard()))
                .of(days);
    }

    @Test
    void fiveOfSixDaysAreAHint() {
        IntStream.range(0, 5).forEach(i -> probed("nntt", "yyyt"));
        assertThat(helps()).as("five days").isEmpty();
        probed("yyyy", "nnnn");
        assertThat(helps()).containsExactly(new Help(STRIKE_OFF, "rein-back", Help.Basis.HINT, 5, 6));
        probed("yyyy", "nnnn");
        assertThat(helps()).as("four of the last six").isEmpty();
    }

    @Test
    void moreThanOnDaysWithoutItIsTheStrongerWord() {
        IntStream.range(0, 6).forEach(i -> probed("nntt", "yyyt"));
        IntStream.range(0, 3).forEach(i -> day(List.of(), STRIKE_OFF, "ntnttnnt"));
        assertThat(helps()).extracting(Help::basis).containsExactly(Help.Basis.MORE_THAN_WAITING);
    }

    /** First four asks against the last four of one stretch, whatever lies in the middle. */
    @Test
    void aLongStretchIsAControlDay() {
        day(List.of(), STRIKE_OFF, "nnnnwwwyyyy", REIN_BACK, "y");
        day(List.of(), STRIKE_OFF, "nnnnyyy", REIN_BACK, "y");
        List<ProbeDay> control = Probes.over(
                STRIKE_OFF,
                "rein-back",
                days.stream().map(Helps.DayWithWords::asks).toList());
        assertThat(control).singleElement().satisfies(d -> {
            assertThat(d.between()).isEmpty();
            assertThat(d.before()).hasSize(4);
            assertThat(d.after()).hasSize(4);
        });
    }

    /** What eight asks taught by themselves is not the doing of the exercise after them. */
    @Test
    void whatTheWorkItselfTaughtIsNotHelp() {
        IntStream.range(0, 6).forEach(i -> probed("nnnnyyyy", "yyyy"));
        assertThat(helps()).isEmpty();
        days.clear();
        IntStream.range(0, 6).forEach(i -> probed("yyyynnnn", "yyyynnnn"));
        assertThat(helps()).extracting(Help::basis).containsExactly(Help.Basis.HINT);
    }

    @Test
    void theCoachsWordStandsUntilTheDaysSayMore() {
        day(List.of(WORD), STRIKE_OFF, "y");
        day(List.of(), STRIKE_OFF, "y");
        assertThat(helps()).containsExactly(new Help(STRIKE_OFF, "rein-back", Help.Basis.WORD, 1, 2));
    }
}
