package strophos.catalogue;

import java.util.List;

/**
 * One exercise, as its strand's file describes it.
 *
 * @param shortName fits a button, at most 18 letters
 * @param instruction what the rider reads, at most five sentences
 */
public record Exercise(
        String id,
        String name,
        String shortName,
        List<String> purpose,
        List<String> schools,
        String position,
        List<String> goodSigns,
        List<Fault> faults,
        String wayBack,
        String instruction,
        List<String> cautions) {

    /** What is often seen, and what to do then. */
    public record Fault(String seen, String remedy) {}

    public Exercise {
        purpose = List.copyOf(purpose);
        schools = List.copyOf(schools);
        goodSigns = List.copyOf(goodSigns);
        faults = List.copyOf(faults);
        cautions = List.copyOf(cautions);
    }
}
