package strophos.core.aid;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import strophos.core.school.CorrectionPolicy;

/**
 * The errors of one named kind under one policy.
 *
 * @param policy of the segment, else the exercise, else the school
 * @param seen in order
 */
public record Errors(String kind, CorrectionPolicy policy, List<Instance> seen) {
    public Errors {
        seen = List.copyOf(seen);
    }

    /** One error. */
    public record Instance(String entry, boolean isCorrected) {}

    /** The policy that holds: the segment's own, else the exercise's, else the school's. */
    public static CorrectionPolicy policy(
            Optional<CorrectionPolicy> segment, Optional<CorrectionPolicy> exercise, CorrectionPolicy school) {
        return Stream.of(segment, exercise)
                .flatMap(Optional::stream)
                .findFirst()
                .orElse(school);
    }
}
