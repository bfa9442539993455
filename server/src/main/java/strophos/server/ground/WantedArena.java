package strophos.server.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import strophos.core.arena.Arena;
import strophos.core.arena.Point;
import strophos.core.arena.Shape;
import strophos.server.problem.Issue;

/**
 * An arena as somebody of the yard tells it.
 *
 * @param slopePct how much it rises from A to C, metres a hundred metres
 * @param isLettered with letters as the standard arenas have them; a rectangle only
 * @param landmarks of the yard's own, inside or beside it
 */
record WantedArena(
        @NotBlank @Size(max = 60) String name,
        @NotNull Shape shape,
        @NotNull @DecimalMin("5") @DecimalMax("200") BigDecimal widthM,
        @NotNull @DecimalMin("5") @DecimalMax("500") BigDecimal lengthM,
        @NotNull @DecimalMin("-20") @DecimalMax("20") BigDecimal slopePct,
        boolean isLettered,
        @NotNull @Size(max = 20) List<@NotNull @Valid Landmark> landmarks) {

    /** Where something stands that does not move: a gate, a mirror, a mounting block. */
    record Landmark(
            @NotBlank @Size(max = 20) String name,
            @NotNull @DecimalMin("-60") @DecimalMax("260") BigDecimal x,
            @NotNull @DecimalMin("-60") @DecimalMax("560") BigDecimal y) {}

    /** What no arena can be. */
    List<Issue> issues() {
        List<Issue> issues = new ArrayList<>();
        if (lengthM.compareTo(widthM) < 0) {
            issues.add(new Issue("shorter_than_wide", "lengthM", "at least the width; swap the two"));
        }
        if (isLettered && (shape != Shape.RECTANGLE || lengthM.doubleValue() < Arena.LETTERED_FROM_M)) {
            issues.add(new Issue("no_letters_here", "isLettered", "a rectangle of at least 14 m, or no letters"));
        }
        if (!issues.isEmpty()) {
            return issues;
        }
        Set<String> names = new HashSet<>(letters().keySet());
        for (int i = 0; i < landmarks.size(); i++) {
            if (!names.add(landmarks.get(i).name())) {
                issues.add(new Issue("twice", "landmarks[%d].name".formatted(i), "a name of its own"));
            }
        }
        return issues;
    }

    private Map<String, Point> letters() {
        return isLettered
                ? Arena.lettered(widthM.doubleValue(), lengthM.doubleValue()).letters()
                : Map.of();
    }

    /** Once {@link #issues} finds none. */
    Arena arena() {
        Map<String, Point> all = new TreeMap<>(letters());
        landmarks.forEach(l -> all.put(l.name(), new Point(l.x().doubleValue(), l.y().doubleValue())));
        return new Arena(shape, widthM.doubleValue(), lengthM.doubleValue(), slopePct.doubleValue(), all);
    }
}
