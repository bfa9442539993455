package strophos.catalogue;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import strophos.core.school.School;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/**
 * The exercises of a strand and the order in which they are learnt.
 *
 * @param progression where a school does not say otherwise; all have the same rungs
 * @param bySchool of the schools that ask for something else first
 * @param fromWalk where canter is first asked from the walk: by a rung, the one that is then learnt in its stead
 */
public record Strand(
        String id,
        List<Exercise> exercises,
        Progression progression,
        Map<School, Progression> bySchool,
        Map<RungId, RungId> fromWalk) {
    public Strand {
        exercises = List.copyOf(exercises);
        bySchool = Map.copyOf(bySchool);
        fromWalk = Map.copyOf(fromWalk);
    }

    /** With more exercises and their rungs at its end, which every school learns alike. */
    Strand with(List<Exercise> more, List<Rung> rungs) {
        Map<School, Progression> longer = new EnumMap<>(School.class);
        bySchool.forEach((school, p) -> longer.put(school, new Progression(id, joined(p.rungs(), rungs))));
        return new Strand(
                id, joined(exercises, more), new Progression(id, joined(progression.rungs(), rungs)), longer, fromWalk);
    }

    private static <T> List<T> joined(List<T> first, List<T> then) {
        return Stream.concat(first.stream(), then.stream()).toList();
    }

    /** The order in which this school learns it, with whatever needs stand in the file. */
    Progression progression(School school) {
        return bySchool.getOrDefault(school, progression);
    }
}
