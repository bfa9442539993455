package strophos.catalogue;

import java.util.List;
import java.util.Map;
import strophos.core.school.School;
import strophos.core.stair.Progression;

/**
 * The exercises of a strand and the order in which they are learnt.
 *
 * @param progression where a school does not say otherwise; all have the same rungs
 * @param bySchool of the schools that ask for something else first
 */
public record Strand(String id, List<Exercise> exercises, Progression progression, Map<School, Progression> bySchool) {
    public Strand {
        exercises = List.copyOf(exercises);
        bySchool = Map.copyOf(bySchool);
    }

    /** The order in which this school learns it. */
    public Progression progression(School school) {
        return bySchool.getOrDefault(school, progression);
    }
}
