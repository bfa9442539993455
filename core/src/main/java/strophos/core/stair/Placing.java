package strophos.core.stair;

/**
 * A coach's word, without a record, that a pair can do a rung already: it opens what needs it, and is not passed by it.
 *
 * @param isKnown said; else taken back
 */
public record Placing(RungId rung, boolean isKnown) implements StairEvent {}
