package strophos.catalogue;

import java.util.List;
import strophos.core.school.School;

/**
 * How a school asks and what it does not allow, in words.
 *
 * @param ladder what is asked at each of the four strengths, lightest first; empty where the school knows no strengths
 * @param leg how the leg lies, by the horse's temperament
 * @param notAllowed what is never done in it
 * @param why the reason for that
 * @param strands all strands, in the order in which the school goes about them
 */
public record SchoolText(
        School school,
        List<String> ladder,
        String teaches,
        String frame,
        String leg,
        String notAllowed,
        String why,
        List<String> strands) {
    public SchoolText {
        ladder = List.copyOf(ladder);
        strands = List.copyOf(strands);
    }
}
