package strophos.core.stair;

/** What changes where a pair stands on its stair; a list of them is given in the order they were made. */
public sealed interface StairEvent permits DecisionOnRung, Placing {

    RungId rung();
}
