package strophos.core.stats;

/**
 * So many of so many.
 *
 * @param successes in [0, total]
 * @param total at least 0; with 0 there is no share
 */
public record Proportion(int successes, int total) {

    public Proportion {
        if (total < 0 || successes < 0 || successes > total) {
            throw new IllegalArgumentException("Successes (%d) must lie in [0, %d], maybe the two counts are swapped."
                    .formatted(successes, total));
        }
    }

    /**
     * The share of successes, in [0, 1].
     *
     * @throws IllegalStateException when nothing was counted: ask {@link #isEmpty()} first
     */
    public double share() {
        if (isEmpty()) {
            throw new IllegalStateException("There is no share of nothing; ask isEmpty() first.");
        }
        return (double) successes / total;
    }

    public boolean isEmpty() {
        return total == 0;
    }

    /** Both counted together. */
    public Proportion plus(Proportion other) {
        return new Proportion(successes + other.successes, total + other.total);
    }
}
