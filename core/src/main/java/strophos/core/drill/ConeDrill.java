package strophos.core.drill;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/** The two-cone drill: its parts in an order drawn by lot, so that the horse waits for the aid. */
public final class ConeDrill {

    /** A part comes at most this much oftener than the rarest of those that could come: none is forgotten. */
    private static final int AHEAD = 1;

    private ConeDrill() {}

    /**
     * An order of parts. The first is ridden forward; the same seed draws the same order.
     *
     * @param parts at least 1
     */
    public static List<ConePart> order(long seed, int parts) {
        if (parts < 1) {
            throw new IllegalArgumentException("A drill has at least 1 part, not %d.".formatted(parts));
        }
        SplittableRandom lot = new SplittableRandom(seed);
        Map<ConePart, Integer> times = new EnumMap<>(ConePart.class);
        List<ConePart> order = new ArrayList<>();
        ConePart now = ConePart.FORWARD;
        while (true) {
            order.add(now);
            times.merge(now, 1, Integer::sum);
            if (order.size() == parts) {
                return List.copyOf(order);
            }
            int rarest = now.next().stream()
                    .mapToInt(p -> times.getOrDefault(p, 0))
                    .min()
                    .orElseThrow();
            List<ConePart> drawn = now.next().stream()
                    .filter(p -> times.getOrDefault(p, 0) <= rarest + AHEAD)
                    .toList();
            now = drawn.get(lot.nextInt(drawn.size()));
        }
    }
}
