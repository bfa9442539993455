package strophos.core.cue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;

class CueBookTest {

    private static final Cue LONGER = cue("Both legs, once", "a longer step", Optional.empty());
    private static final Cue QUICKER = cue("both legs once", "quicker", Optional.of(Gait.TROT));

    @Test
    void aSignalWithTwoMeaningsIsPointedOutHoweverItIsWritten() {
        assertThat(new CueBook(List.of(LONGER, cue("breath out", "halt", Optional.empty()), QUICKER)).clashes())
                .containsExactly(new CueBook.Clash(LONGER, QUICKER));
    }

    @Test
    void theSameMeaningTwiceIsNoClash() {
        assertThat(new CueBook(List.of(LONGER, cue("Both legs – once!", "A longer step.", Optional.of(Gait.WALK))))
                        .clashes())
                .isEmpty();
    }

    @Test
    void aSignalMayMeanAnotherThingInAnotherGait() {
        Cue inWalk = cue("outside leg back", "quarters over", Optional.of(Gait.WALK));
        Cue inTrot = cue("outside leg back", "canter", Optional.of(Gait.TROT));

        assertThat(new CueBook(List.of(inWalk, inTrot)).clashes()).isEmpty();
        assertThat(new CueBook(List.of(inWalk, cue("outside leg back", "canter", Optional.empty()))).clashes())
                .hasSize(1);
    }

    private static Cue cue(String signal, String meaning, Optional<Gait> gait) {
        return new Cue(signal, meaning, gait);
    }
}
