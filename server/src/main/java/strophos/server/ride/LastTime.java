package strophos.server.ride;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import strophos.core.cause.Help;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.server.contract.CanBeNull;
import strophos.server.stair.StairReader;
import strophos.server.state.RecentLesson;

/**
 * What a first look should know of before.
 *
 * @param open rungs that the pair's own rider was asked on last time and that are still being learnt
 * @param helps the strongest first
 * @param note what the last debrief left for this lesson; null where it left nothing
 */
record LastTime(
        List<String> open,
        List<HelpBefore> helps,
        @CanBeNull String note) {

    static final LastTime NONE = new LastTime(List.of(), List.of(), null);

    /** A look is short: so much of each. */
    private static final int MOST = 2;

    /**
     * After this exercise a rung went better, both by their names.
     *
     * @param days on which it did, or on which the coach said so, {@code of} those that count
     */
    record HelpBefore(String rung, String exercise, Help.Basis basis, int days, int of) {}

    static LastTime of(
            List<RecentLesson> latestFirst,
            List<StairReader.Step> rungs,
            List<Help> helps,
            Optional<String> note,
            UnaryOperator<String> nameOf) {
        Set<String> last = latestFirst.stream()
                .limit(1)
                .flatMap(l -> l.own().entrySet().stream())
                .filter(e -> e.getValue() > 0)
                .map(e -> e.getKey().toString())
                .collect(Collectors.toSet());
        return new LastTime(
                rungs.stream()
                        .filter(r -> r.state() == RungState.IN_WORK && last.contains(r.rung()))
                        .map(StairReader.Step::rung)
                        .limit(MOST)
                        .toList(),
                helps.stream().limit(MOST).map(h -> of(h, nameOf)).toList(),
                note.orElse(null));
    }

    private static HelpBefore of(Help h, UnaryOperator<String> nameOf) {
        RungId rung = h.rung();
        return new HelpBefore(nameOf.apply(rung.exercise()), nameOf.apply(h.exercise()), h.basis(), h.days(), h.of());
    }
}
