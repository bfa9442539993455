package strophos.core.arena;

import java.util.EnumSet;
import java.util.Set;

/** The figures there are, and what each of them is asked for. */
public enum FigureForm {
    TRACK(Bounds.NONE, Bounds.NONE, "", FigureField.CORNER),
    CIRCLE(new Bounds(6, 60, 20), Bounds.NONE, "A", FigureField.AT, FigureField.SIZE),
    /** A circle of at most 10 m. */
    VOLTE(new Bounds(6, 10, 8), Bounds.NONE, "B", FigureField.AT, FigureField.SIZE),
    /** A half circle to the centre line or further, then obliquely back to the track. */
    HALF_CIRCLE_BACK(new Bounds(10, 30, 10), Bounds.NONE, "M", FigureField.AT, FigureField.SIZE),
    /** Half a volte, then obliquely back to the track. */
    HALF_VOLTE(new Bounds(6, 10, 8), Bounds.NONE, "M", FigureField.AT, FigureField.SIZE),
    DIAGONAL(Bounds.NONE, Bounds.NONE, "", FigureField.CORNER),
    SHORT_DIAGONAL(Bounds.NONE, Bounds.NONE, "", FigureField.CORNER),
    CHANGE_IN_CIRCLE(new Bounds(12, 60, 20), Bounds.NONE, "A", FigureField.AT, FigureField.SIZE),
    /** The size is how far in. */
    LOOP(new Bounds(1, 20, 5), Bounds.NONE, "", FigureField.SIZE),
    SERPENTINE(Bounds.NONE, new Bounds(2, 8, 3), "", FigureField.COUNT),
    FIGURE_EIGHT(new Bounds(6, 60, 10), Bounds.NONE, "X", FigureField.AT, FigureField.SIZE),
    /** The count is of turns on the way in. */
    SPIRAL(
            new Bounds(8, 60, 20),
            new Bounds(1, 8, 3),
            "A",
            FigureField.AT,
            FigureField.SIZE,
            FigureField.TO,
            FigureField.COUNT),
    CENTRE_LINE(Bounds.NONE, Bounds.NONE, "", FigureField.CORNER),
    QUARTER_LINE(Bounds.NONE, Bounds.NONE, "", FigureField.CORNER),
    /** Leg-yield in from the long side and out again; the size is how far in, the count is of legs. */
    ZIGZAG(new Bounds(1, 20, 5), new Bounds(1, 8, 2), "", FigureField.SIZE, FigureField.COUNT),
    TWO_CONES(Bounds.NONE, Bounds.NONE, "X", FigureField.AT),
    HAUNCHES_TURN(Bounds.NONE, Bounds.NONE, "E", FigureField.AT);

    /**
     * What may be asked for.
     *
     * @param usual what is ridden when nothing else is said
     */
    public record Bounds(double least, double most, double usual) {
        static final Bounds NONE = new Bounds(0, 0, 0);

        public boolean hold(double asked) {
            return asked >= least && asked <= most;
        }
    }

    /** The radius of corners and of turns on to a line, in metres. */
    public static final Bounds CORNER = new Bounds(1, 30, 3);

    /** The narrowest circle of a spiral, in metres across. */
    public static final Bounds TO = new Bounds(6, 60, 10);

    private final Bounds size;
    private final Bounds count;
    private final String usualAt;
    private final Set<FigureField> fields;

    FigureForm(Bounds size, Bounds count, String usualAt, FigureField first, FigureField... others) {
        this.size = size;
        this.count = count;
        this.usualAt = usualAt;
        this.fields = EnumSet.of(first, others);
    }

    /** What it is asked for. */
    public Set<FigureField> fields() {
        return EnumSet.copyOf(fields);
    }

    /** Metres across, or in. */
    public Bounds size() {
        return size;
    }

    public Bounds count() {
        return count;
    }

    /** Where it is ridden when nothing is said; "" where it has its own place. */
    public String usualAt() {
        return usualAt;
    }
}
