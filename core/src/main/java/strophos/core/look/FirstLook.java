package strophos.core.look;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What was seen in the first minutes; each check may be absent.
 *
 * @param calm 0 jumps away … 4 calm
 * @param rider 0 tight or crooked … 4 level, soft, breathing
 * @param halt answer to the stop, from walk first: 0 none … 4 as light as a thought
 * @param leg answer to the leg: 0 none … 4 at a thought
 */
public record FirstLook(
        Optional<Soundness> soundness,
        OptionalInt calm,
        OptionalInt rider,
        OptionalInt halt,
        OptionalInt leg,
        SideLook left,
        SideLook right,
        Optional<Shoulders> shoulders) {

    /** The best score. */
    public static final int BEST = 4;

    public static final FirstLook NOTHING = new FirstLook(
            Optional.empty(),
            OptionalInt.empty(),
            OptionalInt.empty(),
            OptionalInt.empty(),
            OptionalInt.empty(),
            SideLook.NOT_LOOKED,
            SideLook.NOT_LOOKED,
            Optional.empty());

    public FirstLook {
        Objects.requireNonNull(soundness, "soundness");
        requireScore("calm", calm);
        requireScore("rider", rider);
        requireScore("halt", halt);
        requireScore("leg", leg);
        Objects.requireNonNull(left, "left");
        Objects.requireNonNull(right, "right");
        Objects.requireNonNull(shoulders, "shoulders");
    }

    static void requireScore(String name, OptionalInt score) {
        if (score.isPresent() && (score.getAsInt() < 0 || score.getAsInt() > BEST)) {
            throw new IllegalArgumentException(
                    "The score of %s (%d) must lie in [0, %d].".formatted(name, score.getAsInt(), BEST));
        }
    }
}
