package strophos.core.look;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.plain.PlainMap;

/**
 * What was seen in the first minutes. A check that was not made is left out, never 0.
 *
 * @param soundness What was seen of the horse's soundness today.
 * @param calm 0 jumps away … 4 calm.
 * @param rider 0 tight or crooked … 4 level, soft, breathing.
 * @param halt Answer to the stop, from walk first: 0 none … 4 at a whisper.
 * @param leg Answer to the leg: 0 none … 4 at a whisper.
 * @param bendLeft How readily it bends to the left.
 * @param bendRight How readily it bends to the right.
 * @param placeLeft Where along the neck it bends to the left.
 * @param placeRight Where along the neck it bends to the right.
 * @param circleLeft To the left.
 * @param circleRight To the right.
 * @param shoulder The heavier shoulder: −2 the left, much … 2 the right, much; 0 level.
 * @param shoulderBoth The same shoulder is the heavy one on both reins: natural crookedness, not balance.
 */
public record FirstLook(
            Optional<Soundness> soundness,
            OptionalInt calm,
            OptionalInt rider,
            OptionalInt halt,
            OptionalInt leg,
            OptionalInt bendLeft,
            OptionalInt bendRight,
            Optional<BendPlace> placeLeft,
            Optional<BendPlace> placeRight,
            OptionalInt circleLeft,
            OptionalInt circleRight,
            OptionalInt shoulder,
            Optional<Boolean> shoulderBoth) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of(
            "soundness",
            "calm",
            "rider",
            "halt",
            "leg",
            "bendLeft",
            "bendRight",
            "placeLeft",
            "placeRight",
            "circleLeft",
            "circleRight",
            "shoulder",
            "shoulderBoth");

    public FirstLook {
        if (calm.isPresent() && !List.of(0, 1, 2, 3, 4).contains(calm.getAsInt())) {
            throw new IllegalArgumentException("The calm (%d) must be one of [0, 1, 2, 3, 4].".formatted(calm.getAsInt()));
        }
        if (rider.isPresent() && !List.of(0, 1, 2, 3, 4).contains(rider.getAsInt())) {
            throw new IllegalArgumentException("The rider (%d) must be one of [0, 1, 2, 3, 4].".formatted(rider.getAsInt()));
        }
        if (halt.isPresent() && !List.of(0, 1, 2, 3, 4).contains(halt.getAsInt())) {
            throw new IllegalArgumentException("The halt (%d) must be one of [0, 1, 2, 3, 4].".formatted(halt.getAsInt()));
        }
        if (leg.isPresent() && !List.of(0, 1, 2, 3, 4).contains(leg.getAsInt())) {
            throw new IllegalArgumentException("The leg (%d) must be one of [0, 1, 2, 3, 4].".formatted(leg.getAsInt()));
        }
        if (bendLeft.isPresent() && !List.of(0, 1, 2, 3, 4).contains(bendLeft.getAsInt())) {
            throw new IllegalArgumentException("The bendLeft (%d) must be one of [0, 1, 2, 3, 4].".formatted(bendLeft.getAsInt()));
        }
        if (bendRight.isPresent() && !List.of(0, 1, 2, 3, 4).contains(bendRight.getAsInt())) {
            throw new IllegalArgumentException("The bendRight (%d) must be one of [0, 1, 2, 3, 4].".formatted(bendRight.getAsInt()));
        }
        if (circleLeft.isPresent() && !List.of(20, 15, 12, 10, 8, 0).contains(circleLeft.getAsInt())) {
            throw new IllegalArgumentException("The circleLeft (%d) must be one of [20, 15, 12, 10, 8, 0].".formatted(circleLeft.getAsInt()));
        }
        if (circleRight.isPresent() && !List.of(20, 15, 12, 10, 8, 0).contains(circleRight.getAsInt())) {
            throw new IllegalArgumentException("The circleRight (%d) must be one of [20, 15, 12, 10, 8, 0].".formatted(circleRight.getAsInt()));
        }
        if (shoulder.isPresent() && (shoulder.getAsInt() < -2 || shoulder.getAsInt() > 2)) {
            throw new IllegalArgumentException("The shoulder (%d) must be in [-2, 2].".formatted(shoulder.getAsInt()));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap()
                    .maybe("soundness", soundness.map(Soundness::word))
                    .maybe("calm", calm)
                    .maybe("rider", rider)
                    .maybe("halt", halt)
                    .maybe("leg", leg)
                    .maybe("bendLeft", bendLeft)
                    .maybe("bendRight", bendRight)
                    .maybe("placeLeft", placeLeft.map(BendPlace::word))
                    .maybe("placeRight", placeRight.map(BendPlace::word))
                    .maybe("circleLeft", circleLeft)
                    .maybe("circleRight", circleRight)
                    .maybe("shoulder", shoulder)
                    .maybe("shoulderBoth", shoulderBoth)
                    .map();
    }
}
