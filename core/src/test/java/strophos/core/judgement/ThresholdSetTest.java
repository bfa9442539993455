package strophos.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.core.stats.Proportion;

class ThresholdSetTest {

    private static final ThresholdSet SET = ThresholdSet.of("test", 3)
            .whole("work.minutes", 45, 10, 60)
            .cap(Threshold.Cap.ONLY_LOWER)
            .whole("rest.minutes", 5, 1, 20)
            .cap(Threshold.Cap.ONLY_HIGHER)
            .share("rate.share", 0.8, 0.5, 1)
            .done();

    @Test
    void aYardsChangesLieOnTop() {
        Thresholds changed = SET.with(Map.of("rate.share", 0.75, "work.minutes", 30.0));
        assertThat(changed.get("rate.share")).isEqualTo(0.75);
        assertThat(changed.whole("work.minutes")).isEqualTo(30);
        assertThat(changed.whole("rest.minutes")).isEqualTo(5);
        assertThat(changed.book()).isEqualTo("test/3");
    }

    @Test
    void aCapIsOnlyTightened() {
        assertThat(SET.refusals(Map.of("work.minutes", 46.0)))
                .containsExactly(
                        new ThresholdSet.Refusal("work.minutes", ThresholdSet.Refusal.Why.LOOSENS_A_CAP, 10, 45));
        assertThat(SET.refusals(Map.of("rest.minutes", 4.0)))
                .containsExactly(
                        new ThresholdSet.Refusal("rest.minutes", ThresholdSet.Refusal.Why.LOOSENS_A_CAP, 5, 20));
        assertThat(SET.refusals(Map.of("work.minutes", 10.0, "rest.minutes", 20.0)))
                .isEmpty();
        assertThatThrownBy(() -> SET.with(Map.of("work.minutes", 50.0))).hasMessageContaining("LOOSENS_A_CAP");
    }

    @Test
    void whatMeansNothingIsNamed() {
        assertThat(SET.refusals(Map.of("rate.share", 1.2)).get(0).why())
                .isEqualTo(ThresholdSet.Refusal.Why.OUT_OF_RANGE);
        assertThat(SET.refusals(Map.of("work.minutes", 30.5)).get(0).why())
                .as("half a minute")
                .isEqualTo(ThresholdSet.Refusal.Why.OUT_OF_RANGE);
        assertThat(SET.refusals(Map.of("rate.nothing", 1.0)).get(0).why()).isEqualTo(ThresholdSet.Refusal.Why.UNKNOWN);
        assertThat(SET.refusals(Map.of("rate.share", Double.NaN))).hasSize(1);
        assertThatThrownBy(() -> SET.standard().get("rate.nothing")).hasMessageContaining("no threshold");
        assertThatThrownBy(() -> new ThresholdSet(
                        "twice", 1, List.of(Threshold.whole("a.b", 1, 0, 2), Threshold.whole("a.b", 1, 0, 2))))
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> Threshold.whole("a.b", 3, 0, 2)).hasMessageContaining("must lie in [0.0, 2.0]");
    }

    /** 1 of 2 by Wilson's formula: 0.0945 to 0.9055. */
    @Test
    void overrulingIsCountedByRuleTheMostFirst() {
        List<Overruling> report = Overruling.report(List.of(
                Overruling.of("b/2", "rate", new Proportion(1, 2)),
                Overruling.of("b/1", "rate", new Proportion(0, 1)),
                Overruling.of("b/2", "forced", new Proportion(1, 1))));
        assertThat(report)
                .extracting(Overruling::book, Overruling::ruleId, Overruling::overruled)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("b/2", "forced", new Proportion(1, 1)),
                        org.assertj.core.groups.Tuple.tuple("b/2", "rate", new Proportion(1, 2)),
                        org.assertj.core.groups.Tuple.tuple("b/1", "rate", new Proportion(0, 1)));
        assertThat(report.get(1).interval().low()).isCloseTo(0.0945, within(5e-5));
    }
}
