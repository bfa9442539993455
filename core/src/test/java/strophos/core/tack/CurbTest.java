package strophos.core.tack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Statics of a lever; the values are worked by hand: chin = rein × below / above × sin(angle), mouth = rein + chin. */
class CurbTest {

    private static final double INCH_M = 0.0254;
    private static final Curb LONG = new Curb(2 * INCH_M, 7 * INCH_M);

    @ParameterizedTest(name = "{0} kg at {1}°: chin {2}, mouth {3}")
    @CsvSource({
        "4, 90, 14.00, 18.00",
        "4, 45, 9.90, 13.90",
        "4, 30, 7.00, 11.00",
        "4, 0, 0.00, 4.00",
        "0, 90, 0.00, 0.00",
    })
    void fourKilogramsOnSevenInchesBelowAndTwoAbove(double reinKgf, double angleDeg, double chin, double mouth) {
        Curb.Pull pull = LONG.pull(reinKgf, angleDeg);

        assertThat(LONG.ratio()).isCloseTo(3.5, within(1e-12));
        assertThat(pull.chinKgf()).isCloseTo(chin, within(0.005));
        assertThat(pull.mouthKgf()).isCloseTo(mouth, within(0.005));
    }

    @Test
    void theMomentsAboutTheMouthpieceAndTheForcesAreInBalance() {
        Random drawn = new Random(16);
        for (int i = 0; i < 1_000; i++) {
            Curb curb = new Curb(0.02 + 0.1 * drawn.nextDouble(), 0.02 + 0.2 * drawn.nextDouble());
            double rein = 10 * drawn.nextDouble();
            double angleDeg = 90 * drawn.nextDouble();
            Curb.Pull pull = curb.pull(rein, angleDeg);

            assertThat(pull.chinKgf() * curb.aboveM())
                    .isCloseTo(rein * curb.belowM() * Math.sin(Math.toRadians(angleDeg)), within(1e-9));
            assertThat(pull.mouthKgf() - pull.chinKgf()).isCloseTo(rein, within(1e-9));
        }
    }

    @ParameterizedTest(name = "slack {0} m on 5 cm above: {1}")
    @CsvSource({
        "0,      0.0,  AT_ONCE",
        "0.0249, 29.9, AT_ONCE",
        "0.0251, 30.1, USUAL",
        "0.0353, 44.9, USUAL",
        "0.0354, 45.1, LATE",
        "0.05,   90.0, LATE",
    })
    void aChainActsWhenItsRingHasGoneRoundByItsSlack(double slackM, double turnDeg, ChainContact.Timing timing) {
        ChainContact contact = new Curb(0.05, 0.10).contact(slackM);

        assertThat(contact)
                .isInstanceOfSatisfying(
                        ChainContact.AtTurn.class,
                        at -> assertThat(at.turnDeg()).isCloseTo(turnDeg, within(0.1)));
        assertThat(contact.timing()).isEqualTo(timing);
    }

    @Test
    void aChainLooserThanTheShankIsLongNeverActs() {
        assertThat(new Curb(0.05, 0.10).contact(0.0501)).isEqualTo(new ChainContact.Never());
    }

    @Test
    void whatIsOutOfRangeIsRefusedWithASentence() {
        assertThatThrownBy(() -> new Curb(0, 0.1)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new Curb(0.05, Double.NaN)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> LONG.pull(-0.1, 45)).hasMessage("The rein (-0.1 kg) must be at least 0.");
        assertThatThrownBy(() -> LONG.pull(1, 90.1))
                .hasMessage("The angle of shank to rein (90.1) must lie in [0, 90] degrees.");
        assertThatThrownBy(() -> LONG.pull(1, Double.NaN)).hasMessageContaining("[0, 90]");
        assertThatThrownBy(() -> LONG.contact(-0.01)).hasMessageContaining("at least 0");
    }
}
