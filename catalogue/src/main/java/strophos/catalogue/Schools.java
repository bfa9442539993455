package strophos.catalogue;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.exchange.Strength;
import strophos.core.school.School;
import strophos.core.school.Teaching;

/** The words of all schools. */
public final class Schools {

    private final Map<School, SchoolText> bySchool = new EnumMap<>(School.class);

    /**
     * Of these texts.
     *
     * @throws IllegalArgumentException when a school is missing or told twice, or a ladder has neither no steps nor one for each strength
     */
    Schools(List<SchoolText> texts) {
        for (SchoolText t : texts) {
            if (bySchool.put(t.school(), t) != null) {
                throw new IllegalArgumentException("The school %s is told twice.".formatted(t.school()));
            }
            if (!t.ladder().isEmpty() && t.ladder().size() != Strength.values().length) {
                throw new IllegalArgumentException("The ladder of %s has %d steps; it needs %d, or none."
                        .formatted(t.school(), t.ladder().size(), Strength.values().length));
            }
        }
        for (School school : School.values()) {
            if (!bySchool.containsKey(school)) {
                throw new IllegalArgumentException("The school %s is missing.".formatted(school));
            }
        }
    }

    /** Those that ship with the product. */
    public static Schools shipped() {
        return new Schools(StrandFile.schools("schools.yaml", CatalogueReader.text("schools.yaml")));
    }

    public SchoolText of(School school) {
        return bySchool.get(school);
    }

    public List<SchoolText> all() {
        return List.copyOf(bySchool.values());
    }

    /** The strand a new pair begins with where nothing is asked by strength: on the ground; empty where it begins in the saddle. */
    public Optional<String> begins(School school) {
        SchoolText text = of(school);
        return text.ladder().isEmpty() ? Optional.of(text.strands().get(0)) : Optional.empty();
    }

    /** All strands, in the order in which a pair that is taught so goes about them. */
    public List<String> strands(Teaching teaching) {
        return teaching.strands(of(teaching.school()).strands());
    }

    /** Those of them that come first because that was settled for the pair. */
    public List<String> first(Teaching teaching) {
        return teaching.first(of(teaching.school()).strands());
    }

    /** Where a strand stands in that order; one that is not in it comes last. */
    public int place(Teaching teaching, String strand) {
        int at = strands(teaching).indexOf(strand);
        return at < 0 ? Integer.MAX_VALUE : at;
    }
}
