package strophos.core.contact;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.Figures;
import strophos.core.arena.Point;
import strophos.core.exchange.Rein;

/**
 * The letters a figure passes, so that a moment can be said as riders say it: "stop the extension at P".
 *
 * @param letters by where they are passed, the first ones first
 * @param lapM length of the figure
 */
public record LettersPassed(List<Letter> letters, double lapM) {

    /** A letter further off is not passed, in metres: a horse on the track goes about a metre from the fence. */
    private static final double BESIDE_M = 2;

    /** The figure is looked at this often, in metres. */
    private static final double LOOK_M = 0.25;

    /** @param alongM from where the figure begins */
    public record Letter(String letter, double alongM) {}

    public LettersPassed {
        letters = List.copyOf(letters);
    }

    /** A corner as most ride it, in metres (common practice, no source): letters stand further from it. */
    private static final double CORNER_M = 3;

    /** Those along the track, on this rein; none on no rein. */
    public static LettersPassed alongTheTrack(Arena arena, Rein rein) {
        Figure left = Figures.track(arena, Math.min(CORNER_M, arena.widthM() / 2));
        return rein == Rein.NONE
                ? new LettersPassed(List.of(), left.lengthM())
                : of(arena, rein == Rein.LEFT ? left : left.reversed());
    }

    /** Those along this figure, as it is ridden once. */
    public static LettersPassed of(Arena arena, Figure figure) {
        double lengthM = figure.lengthM();
        int looks = (int) Math.ceil(lengthM / LOOK_M);
        List<Point> places = IntStream.rangeClosed(0, looks)
                .mapToObj(i -> figure.at(lengthM * i / looks).at())
                .toList();
        List<Letter> passed = arena.letters().entrySet().stream()
                .flatMap(letter ->
                        nearest(places, letter).stream().map(i -> new Letter(letter.getKey(), lengthM * i / looks)))
                .sorted(Comparator.comparingDouble(Letter::alongM).thenComparing(Letter::letter))
                .toList();
        return new LettersPassed(passed, lengthM);
    }

    private static Optional<Integer> nearest(List<Point> places, Map.Entry<String, Point> letter) {
        int nearest = 0;
        for (int i = 1; i < places.size(); i++) {
            if (letter.getValue().distanceM(places.get(i)) < letter.getValue().distanceM(places.get(nearest))) {
                nearest = i;
            }
        }
        return letter.getValue().distanceM(places.get(nearest)) <= BESIDE_M ? Optional.of(nearest) : Optional.empty();
    }

    /**
     * The last letter before so many metres, ridden round and round from a letter on.
     *
     * @param from where it began, one of {@link #letters}
     * @param ridden in metres from there, at least 0
     * @return empty for a letter the figure does not pass
     */
    public Optional<String> lastBefore(String from, double ridden) {
        Optional<Letter> began =
                letters.stream().filter(p -> p.letter().equals(from)).findFirst();
        return began.flatMap(b -> letters.stream()
                .max(Comparator.comparingDouble(p -> {
                    double ahead = positive(p.alongM() - b.alongM());
                    // each letter as it was last passed; one not yet reached was last passed a lap ago, or never
                    return ahead + lapM * Math.floor((ridden - ahead) / lapM);
                }))
                .map(Letter::letter));
    }

    private double positive(double alongM) {
        return alongM < 0 ? alongM + lapM : alongM;
    }
}
