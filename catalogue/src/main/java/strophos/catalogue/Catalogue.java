package strophos.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.school.Teaching;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** The exercises a coach can teach, and the rungs they are learnt by. */
public interface Catalogue {

    List<Strand> strands();

    /** The names of strands that a yard made itself, by their ids; the others are named in the language of whoever reads. */
    Map<String, String> strandNames();

    Optional<Exercise> exercise(String id);

    /** An exercise's name; its id where it is not known here. */
    default String nameOf(String exercise) {
        return exercise(exercise).map(Exercise::name).orElse(exercise);
    }

    /** The strand a rung stands in; empty for none. */
    Optional<Strand> strandOf(RungId id);

    /** The rung of this id, in whatever strand. */
    Optional<Rung> rung(RungId id);

    /** The rung written as {@code exercise.gait.place}. */
    Optional<Rung> rung(String id);

    /** The order in which a pair that is taught so learns a strand. */
    Progression progression(Strand strand, Teaching teaching);

    /** Whether the exercise of a rung is among what is taught so. */
    boolean isTaught(RungId rung, Teaching teaching);

    /** The rung that is taught first in this one's stead; empty for almost all. */
    Optional<RungId> standIn(RungId rung, Teaching teaching);

    /** All that a pair that is taught so needs before this rung, itself and through others, what is needed first at the front. */
    List<RungId> under(RungId id, Teaching teaching);

    /** What the judgement of rungs reads of it: the same for two catalogues that judge alike what was ridden so far. */
    String judgement();
}
