package strophos.catalogue;

/**
 * A behaviour of the list of twenty-four.
 *
 * @param region of the horse, for the eye to go through them in order
 * @param asks the question, answered with yes or no
 */
public record PainBehaviour(String id, Region region, String asks) {

    /** Where the eye goes. */
    public enum Region {
        HEAD,
        FACE,
        TAIL,
        GAIT,
        ANSWER
    }
}
