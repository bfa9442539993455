package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/**
 * Writes lessons short. Each letter is one ask: y YES, t TRY, b BRACE, n NONE, w WRONG, followed by its strength; without
 * one it is 2. {@code lesson("yyy", "y3 t")}: three light YES on the left, one clear YES and a TRY on the right.
 */
public final class Lessons {

    private static final Map<Character, Response> LETTERS =
            Map.of('y', Response.YES, 't', Response.TRY, 'b', Response.BRACE, 'n', Response.NONE, 'w', Response.WRONG);

    private final List<RungFacts.LessonAsks> lessons = new ArrayList<>();

    public static Lessons of(String left, String right) {
        return new Lessons().then(left, right);
    }

    public Lessons then(String left, String right) {
        return then(left, right, Mounted.RIDER);
    }

    public Lessons then(String left, String right, Mounted mounted) {
        List<Ask> asks = new ArrayList<>(asks(left, Rein.LEFT, mounted));
        asks.addAll(asks(right, Rein.RIGHT, mounted));
        lessons.add(new RungFacts.LessonAsks("lesson " + lessons.size(), asks));
        return this;
    }

    public RungFacts facts() {
        return new RungFacts(lessons);
    }

    static List<Ask> asks(String written, Rein rein, Mounted mounted) {
        List<Ask> asks = new ArrayList<>();
        for (int i = 0; i < written.length(); i++) {
            Response response = LETTERS.get(written.charAt(i));
            if (response != null) {
                boolean hasStrength = i + 1 < written.length() && Character.isDigit(written.charAt(i + 1));
                int level = hasStrength ? written.charAt(i + 1) - '0' : 2;
                asks.add(new Ask(rein, mounted, Strength.ofLevel(level).orElseThrow(), response));
            }
        }
        return asks;
    }
}
