package strophos.core.welfare;

/**
 * A count of {@value #BEHAVIOURS} behaviours seen while a horse is ridden: from {@value #VET_FROM} on a vet looks at it before more
 * training. Fewer does not mean that it is free of pain (Dyson and others 2018, from memory). It never diagnoses.
 *
 * @param seen of the behaviours; in [0, {@value #BEHAVIOURS}]
 */
public record PainChecklist(int seen) {

    public static final int BEHAVIOURS = 24;
    public static final int VET_FROM = 8;

    public PainChecklist {
        if (seen < 0 || seen > BEHAVIOURS) {
            throw new IllegalArgumentException("The count (%d) must lie in [0, %d].".formatted(seen, BEHAVIOURS));
        }
    }

    /** Before more training. */
    public boolean isVetFirst() {
        return seen >= VET_FROM;
    }
}
