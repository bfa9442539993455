package strophos.core.load;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Hard items (changes, pirouettes, half steps, jumping) rest the day after they were ridden. */
public final class HardItemsRest {

    private HardItemsRest() {}

    /** An item ridden on a day. */
    public record ItemDay<T>(T item, LocalDate day) {}

    /** The hard items of these that rest on a day, in the order given. */
    public static <T> List<T> on(LocalDate day, Collection<T> hard, Collection<ItemDay<T>> ridden) {
        Set<T> yesterday = ridden.stream()
                .filter(r -> r.day().equals(day.minusDays(1)))
                .map(ItemDay::item)
                .collect(Collectors.toSet());
        return hard.stream().filter(yesterday::contains).toList();
    }
}
