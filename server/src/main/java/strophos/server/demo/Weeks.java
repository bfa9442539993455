package strophos.server.demo;

import com.fasterxml.jackson.annotation.JsonCreator;

/** From one week of a story to another, both among them; written "3-8", or "3" for one. */
record Weeks(int from, int to) {

    static final Weeks ALL = new Weeks(0, Integer.MAX_VALUE);

    @JsonCreator
    static Weeks of(String written) {
        String[] ends = written.split("-");
        return new Weeks(Integer.parseInt(ends[0]), Integer.parseInt(ends[ends.length - 1]));
    }

    boolean hold(int week) {
        return from <= week && week <= to;
    }

    /** How much of them is over in this week, in [0, 1]. */
    double over(int week) {
        return to == from ? (week >= to ? 1 : 0) : Math.max(0, Math.min(1, (week - from) / (double) (to - from)));
    }
}
