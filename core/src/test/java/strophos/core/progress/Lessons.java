package strophos.core.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;

/**
 * Writes lessons short. Each letter is one ask: y YES, t TRY, b BRACE, n NONE, w WRONG, followed by its strength; without
 * one it is 2. + and - are asks of a tally, good and others. {@code lesson("yyy", "y3 t")}: three light YES on the left, one clear YES and a TRY on the right.
 */
public final class Lessons {

    private static final Map<Character, Response> LETTERS = Map.of(
            'y', Response.YES,
            't', Response.TRY,
            'b', Response.BRACE,
            'n', Response.NONE,
            'w', Response.WRONG,
            '+', Response.YES,
            '-', Response.NONE);

    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 3, 2);

    private final List<LessonFacts> lessons = new ArrayList<>();

    public static Lessons of(String left, String right) {
        return new Lessons().then(left, right);
    }

    /** Reads {@code "yyy/yyt; yt/yy"}: lessons divided by semicolons, left and right side by a slash, a lesson every other day. */
    public static Lessons read(String written) {
        Lessons read = new Lessons();
        for (String lesson : written.split(";")) {
            String[] reins = lesson.split("/", -1);
            read.then(reins[0], reins.length > 1 ? reins[1] : "");
        }
        return read;
    }

    public Lessons then(String left, String right) {
        return then(left, right, Mounted.RIDER);
    }

    public Lessons then(String left, String right, Mounted mounted) {
        List<Ask> asks = new ArrayList<>(asks(left, Side.LEFT, mounted));
        asks.addAll(asks(right, Side.RIGHT, mounted));
        return then(asks, List.of(), FIRST_DAY.plusDays(2L * lessons.size()));
    }

    /** A second lesson on the day of the last. */
    public Lessons sameDay(String left, String right) {
        LocalDate day = lessons.get(lessons.size() - 1).day();
        List<Ask> asks = new ArrayList<>(asks(left, Side.LEFT, Mounted.RIDER));
        asks.addAll(asks(right, Side.RIGHT, Mounted.RIDER));
        return then(asks, List.of(), day);
    }

    /** Adds to the last lesson what was observed in it. */
    public Lessons with(Observation... observed) {
        LessonFacts last = lessons.remove(lessons.size() - 1);
        List<Observation> all = new ArrayList<>(last.observed());
        all.addAll(List.of(observed));
        lessons.add(new LessonFacts(last.lesson(), last.day(), last.asks(), all));
        return this;
    }

    private Lessons then(List<Ask> asks, List<Observation> observed, LocalDate day) {
        lessons.add(new LessonFacts("lesson " + lessons.size(), day, asks, observed));
        return this;
    }

    public RungFacts facts() {
        return new RungFacts(WorkedSide.INSIDE, lessons);
    }

    public static List<Ask> asks(String written, Side side, Mounted mounted) {
        List<Ask> asks = new ArrayList<>();
        for (int i = 0; i < written.length(); i++) {
            Response response = LETTERS.get(written.charAt(i));
            if (response != null) {
                boolean hasStrength = i + 1 < written.length() && Character.isDigit(written.charAt(i + 1));
                int level = hasStrength ? written.charAt(i + 1) - '0' : 2;
                asks.add(new Ask(
                        side + " " + asks.size(),
                        1000L * asks.size(),
                        side,
                        mounted,
                        Strength.ofLevel(level).orElseThrow(),
                        response,
                        "+-".indexOf(written.charAt(i)) >= 0));
            }
        }
        return asks;
    }
}
