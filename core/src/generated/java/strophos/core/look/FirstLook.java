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
 * @param attention 0 elsewhere … 2 comes and goes … 4 with the rider.
 * @param rider 0 tight or crooked … 4 level, soft, breathing.
 * @param seat The rider’s seat: 0 hangs to one side … 4 level.
 * @param tension 0 tight … 4 loose.
 * @param breath 0 held … 4 even and low.
 * @param complaint What the rider says after riding this horse, again and again.
 * @param halt Answer to the stop, from walk first: 0 none … 4 at a whisper.
 * @param haltFaster Answer to the stop above the walk: 0 runs through the hand … 4 at a whisper.
 * @param leg Answer to the leg: 0 none … 4 at a whisper.
 * @param balks It stands against the leg rather than being slow to it.
 * @param tempo 0 hurried or uneven … 4 steady by itself.
 * @param hand 0 leans on the hand … 4 carries itself.
 * @param jawLeft How softly jaw and poll give to the left.
 * @param jawRight How softly jaw and poll give to the right.
 * @param bendLeft How readily it bends to the left.
 * @param bendRight How readily it bends to the right.
 * @param placeLeft Where along the neck it bends to the left.
 * @param placeRight Where along the neck it bends to the right.
 * @param circleLeft To the left.
 * @param circleRight To the right.
 * @param shoulder The heavier shoulder: −2 the left, much … 2 the right, much; 0 level.
 * @param shoulderBoth The same shoulder is the heavy one on both reins: natural crookedness, not balance.
 * @param shoulderInside On each rein the inside shoulder is the heavy one: balance, or the rider’s inside hand.
 * @param hindLeft How well the left hind steps under when it is the inside one.
 * @param hindRight How well the right hind steps under when it is the inside one.
 * @param neckTwists The neck twists as the quarters are asked over.
 * @param riddenToday Ridden earlier today.
 * @param riddenYesterday Ridden yesterday.
 * @param haltAt Where the answer to the stop was seen.
 * @param legAt Where the answer to the leg was seen.
 * @param jawAt Where the jaw was seen.
 * @param bendAt Where the bend was seen.
 * @param shouldersAt Where the weight on the shoulders was seen.
 * @param hindAt Where the inside hind was seen.
 */
public record FirstLook(
            Optional<Soundness> soundness,
            OptionalInt calm,
            OptionalInt attention,
            OptionalInt rider,
            OptionalInt seat,
            OptionalInt tension,
            OptionalInt breath,
            Optional<Complaint> complaint,
            OptionalInt halt,
            OptionalInt haltFaster,
            OptionalInt leg,
            Optional<Boolean> balks,
            OptionalInt tempo,
            OptionalInt hand,
            OptionalInt jawLeft,
            OptionalInt jawRight,
            OptionalInt bendLeft,
            OptionalInt bendRight,
            Optional<BendPlace> placeLeft,
            Optional<BendPlace> placeRight,
            OptionalInt circleLeft,
            OptionalInt circleRight,
            OptionalInt shoulder,
            Optional<Boolean> shoulderBoth,
            Optional<Boolean> shoulderInside,
            OptionalInt hindLeft,
            OptionalInt hindRight,
            Optional<Boolean> neckTwists,
            OptionalInt riddenToday,
            OptionalInt riddenYesterday,
            Optional<StationTicks> haltAt,
            Optional<StationTicks> legAt,
            Optional<StationTicks> jawAt,
            Optional<StationTicks> bendAt,
            Optional<StationTicks> shouldersAt,
            Optional<StationTicks> hindAt) {

    /** Its fields, by name, in order. */
    public static final List<String> FIELDS = List.of(
            "soundness",
            "calm",
            "attention",
            "rider",
            "seat",
            "tension",
            "breath",
            "complaint",
            "halt",
            "haltFaster",
            "leg",
            "balks",
            "tempo",
            "hand",
            "jawLeft",
            "jawRight",
            "bendLeft",
            "bendRight",
            "placeLeft",
            "placeRight",
            "circleLeft",
            "circleRight",
            "shoulder",
            "shoulderBoth",
            "shoulderInside",
            "hindLeft",
            "hindRight",
            "neckTwists",
            "riddenToday",
            "riddenYesterday",
            "haltAt",
            "legAt",
            "jawAt",
            "bendAt",
            "shouldersAt",
            "hindAt");

    public FirstLook {
        if (calm.isPresent() && !List.of(0, 1, 2, 3, 4).contains(calm.getAsInt())) {
            throw new IllegalArgumentException("The calm (%d) must be one of [0, 1, 2, 3, 4].".formatted(calm.getAsInt()));
        }
        if (attention.isPresent() && !List.of(0, 1, 2, 3, 4).contains(attention.getAsInt())) {
            throw new IllegalArgumentException("The attention (%d) must be one of [0, 1, 2, 3, 4].".formatted(attention.getAsInt()));
        }
        if (rider.isPresent() && !List.of(0, 1, 2, 3, 4).contains(rider.getAsInt())) {
            throw new IllegalArgumentException("The rider (%d) must be one of [0, 1, 2, 3, 4].".formatted(rider.getAsInt()));
        }
        if (seat.isPresent() && !List.of(0, 1, 2, 3, 4).contains(seat.getAsInt())) {
            throw new IllegalArgumentException("The seat (%d) must be one of [0, 1, 2, 3, 4].".formatted(seat.getAsInt()));
        }
        if (tension.isPresent() && !List.of(0, 1, 2, 3, 4).contains(tension.getAsInt())) {
            throw new IllegalArgumentException("The tension (%d) must be one of [0, 1, 2, 3, 4].".formatted(tension.getAsInt()));
        }
        if (breath.isPresent() && !List.of(0, 1, 2, 3, 4).contains(breath.getAsInt())) {
            throw new IllegalArgumentException("The breath (%d) must be one of [0, 1, 2, 3, 4].".formatted(breath.getAsInt()));
        }
        if (halt.isPresent() && !List.of(0, 1, 2, 3, 4).contains(halt.getAsInt())) {
            throw new IllegalArgumentException("The halt (%d) must be one of [0, 1, 2, 3, 4].".formatted(halt.getAsInt()));
        }
        if (haltFaster.isPresent() && !List.of(0, 1, 2, 3, 4).contains(haltFaster.getAsInt())) {
            throw new IllegalArgumentException("The haltFaster (%d) must be one of [0, 1, 2, 3, 4].".formatted(haltFaster.getAsInt()));
        }
        if (leg.isPresent() && !List.of(0, 1, 2, 3, 4).contains(leg.getAsInt())) {
            throw new IllegalArgumentException("The leg (%d) must be one of [0, 1, 2, 3, 4].".formatted(leg.getAsInt()));
        }
        if (tempo.isPresent() && !List.of(0, 1, 2, 3, 4).contains(tempo.getAsInt())) {
            throw new IllegalArgumentException("The tempo (%d) must be one of [0, 1, 2, 3, 4].".formatted(tempo.getAsInt()));
        }
        if (hand.isPresent() && !List.of(0, 1, 2, 3, 4).contains(hand.getAsInt())) {
            throw new IllegalArgumentException("The hand (%d) must be one of [0, 1, 2, 3, 4].".formatted(hand.getAsInt()));
        }
        if (jawLeft.isPresent() && !List.of(0, 1, 2, 3, 4).contains(jawLeft.getAsInt())) {
            throw new IllegalArgumentException("The jawLeft (%d) must be one of [0, 1, 2, 3, 4].".formatted(jawLeft.getAsInt()));
        }
        if (jawRight.isPresent() && !List.of(0, 1, 2, 3, 4).contains(jawRight.getAsInt())) {
            throw new IllegalArgumentException("The jawRight (%d) must be one of [0, 1, 2, 3, 4].".formatted(jawRight.getAsInt()));
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
        if (hindLeft.isPresent() && !List.of(0, 1, 2, 3, 4).contains(hindLeft.getAsInt())) {
            throw new IllegalArgumentException("The hindLeft (%d) must be one of [0, 1, 2, 3, 4].".formatted(hindLeft.getAsInt()));
        }
        if (hindRight.isPresent() && !List.of(0, 1, 2, 3, 4).contains(hindRight.getAsInt())) {
            throw new IllegalArgumentException("The hindRight (%d) must be one of [0, 1, 2, 3, 4].".formatted(hindRight.getAsInt()));
        }
        if (riddenToday.isPresent() && !List.of(0, 20, 40, 60).contains(riddenToday.getAsInt())) {
            throw new IllegalArgumentException("The riddenToday (%d) must be one of [0, 20, 40, 60].".formatted(riddenToday.getAsInt()));
        }
        if (riddenYesterday.isPresent() && !List.of(0, 20, 40, 60).contains(riddenYesterday.getAsInt())) {
            throw new IllegalArgumentException("The riddenYesterday (%d) must be one of [0, 20, 40, 60].".formatted(riddenYesterday.getAsInt()));
        }
    }

    /** As it stands in a payload: what is not there is left out. */
    public Map<String, Object> plain() {
        return new PlainMap()
                    .maybe("soundness", soundness.map(Soundness::word))
                    .maybe("calm", calm)
                    .maybe("attention", attention)
                    .maybe("rider", rider)
                    .maybe("seat", seat)
                    .maybe("tension", tension)
                    .maybe("breath", breath)
                    .maybe("complaint", complaint.map(Complaint::word))
                    .maybe("halt", halt)
                    .maybe("haltFaster", haltFaster)
                    .maybe("leg", leg)
                    .maybe("balks", balks)
                    .maybe("tempo", tempo)
                    .maybe("hand", hand)
                    .maybe("jawLeft", jawLeft)
                    .maybe("jawRight", jawRight)
                    .maybe("bendLeft", bendLeft)
                    .maybe("bendRight", bendRight)
                    .maybe("placeLeft", placeLeft.map(BendPlace::word))
                    .maybe("placeRight", placeRight.map(BendPlace::word))
                    .maybe("circleLeft", circleLeft)
                    .maybe("circleRight", circleRight)
                    .maybe("shoulder", shoulder)
                    .maybe("shoulderBoth", shoulderBoth)
                    .maybe("shoulderInside", shoulderInside)
                    .maybe("hindLeft", hindLeft)
                    .maybe("hindRight", hindRight)
                    .maybe("neckTwists", neckTwists)
                    .maybe("riddenToday", riddenToday)
                    .maybe("riddenYesterday", riddenYesterday)
                    .maybe("haltAt", haltAt.map(StationTicks::plain))
                    .maybe("legAt", legAt.map(StationTicks::plain))
                    .maybe("jawAt", jawAt.map(StationTicks::plain))
                    .maybe("bendAt", bendAt.map(StationTicks::plain))
                    .maybe("shouldersAt", shouldersAt.map(StationTicks::plain))
                    .maybe("hindAt", hindAt.map(StationTicks::plain))
                    .map();
    }
}
