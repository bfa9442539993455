package strophos.core.aid;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;
import strophos.core.school.CorrectionPolicy;
import strophos.core.stats.Proportion;

/** Both sides of every threshold about aids (rules 6; common practice, no source). */
public final class AidCases {

    private AidCases() {}

    public static Cases all() {
        return new Cases(AidThresholds.SET)
                .with("9 of 10 corrected", corrected(9, 10, CorrectionPolicy.AT_ONCE), "MET")
                .with("8 of 10", corrected(8, 10, CorrectionPolicy.AT_ONCE), "BROKEN")
                .with("17 of 20 are 85 %", corrected(17, 20, CorrectionPolicy.AT_ONCE), "BROKEN")
                .with("five errors are too few", corrected(0, 5, CorrectionPolicy.AT_ONCE), "FEW")
                .with("six are enough", corrected(0, 6, CorrectionPolicy.AT_ONCE), "BROKEN")
                .with("ignored as wanted", corrected(0, 6, CorrectionPolicy.IGNORE), "MET")
                .with("released at 1.0 s", release(TimeSource.TWO_TOUCHES, 1000), "MET")
                .with("at 1.05 s", release(TimeSource.CLIP, 1050), "BROKEN")
                .with("one touch has no times", release(TimeSource.ONE_TOUCH, 100), "FEW")
                .with("reinforced after 0.5 s", wait(500), "MET")
                .with("after 0.45 s", wait(450), "BROKEN")
                .with("after 1.5 s", wait(1500), "MET")
                .with("after 1.55 s", wait(1550), "BROKEN")
                .with("corrected after 1 stride", strides(1), "BROKEN")
                .with("after 2", strides(2), "MET")
                .with("after 8", strides(8), "MET")
                .with("after 9", strides(9), "BROKEN")
                .with("2 of 10 driven into the hand", drives(2, 10, 1000, 0, false), "BROKEN")
                .with("9 of 40", drives(9, 40, 1000, 0, false), "MET")
                .with("7 of 40 are 17.5 %", drives(7, 40, 1000, 0, false), "BROKEN")
                .with("3 of 4 are too few", drives(3, 4, 1000, 0, false), "FEW")
                .with("3 of 5", drives(3, 5, 1000, 0, false), "MET")
                .with("at 1.5 s", drives(3, 5, 1500, 0, false), "MET")
                .with("at 1.55 s", drives(3, 5, 1550, 0, false), "BROKEN")
                .with("the rein rises 2 kg", drives(3, 5, 9000, 2, false), "MET")
                .with("by 1.75 kg", drives(3, 5, 9000, 1.75, false), "BROKEN")
                .with("half-halts", drives(3, 5, 1000, 3, true), "BROKEN")
                .with("8 of 10 asked lightly first", lightly(8, 10), "MET")
                .with("31 of 40 are 77.5 %", lightly(31, 40), "BROKEN")
                .with("33 of 40", lightly(33, 40), "MET")
                .with("four strong asks are too few", lightly(0, 4), "FEW")
                .with("five are enough", lightly(0, 5), "BROKEN");
    }

    private static Function<Thresholds, String> lightly(int first, int of) {
        return t -> Cases.word(AsksLightlyFirst.of(t).judge(new Proportion(first, of)));
    }

    private static Function<Thresholds, String> corrected(int corrected, int of, CorrectionPolicy policy) {
        List<Errors.Instance> seen = new ArrayList<>();
        for (int i = 0; i < of; i++) {
            seen.add(new Errors.Instance("e" + i, i < corrected));
        }
        return t -> Cases.word(CorrectedConsistently.of(t).judge(new Errors("breaks gait", policy, seen)));
    }

    private static Function<Thresholds, String> release(TimeSource source, int ms) {
        return t -> Cases.word(ReleasedPromptly.of(t).judge(new TimedResponse("e", source, Duration.ofMillis(ms))));
    }

    private static Function<Thresholds, String> wait(int ms) {
        return t -> Cases.word(
                WaitedThenReinforced.of(t).judge(new TimedResponse("e", TimeSource.SENSOR, Duration.ofMillis(ms))));
    }

    private static Function<Thresholds, String> strides(int strides) {
        return t -> Cases.word(
                CorrectedWhenClear.of(t).judge(new CorrectedWhenClear.Correction("e", TimeSource.CLIP, strides)));
    }

    /** So many of so many driving aids restrained after a time, with a rise of the rein. */
    private static Function<Thresholds, String> drives(int conflicts, int of, int ms, double rise, boolean isHalfHalt) {
        List<Drive> drives = new ArrayList<>();
        for (int i = 0; i < of; i++) {
            boolean isOne = i < conflicts;
            drives.add(new Drive(
                    "e" + i,
                    TimeSource.SENSOR,
                    isOne ? Optional.of(Duration.ofMillis(ms)) : Optional.empty(),
                    isOne ? OptionalDouble.of(rise) : OptionalDouble.empty(),
                    isHalfHalt));
        }
        return t -> Cases.word(DrivesIntoTheHand.of(t).judge(drives));
    }
}
