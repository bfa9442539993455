/**
 * What depends on a pair's whole past, as it stands at a lesson's end, so that nobody reads the whole past again: the state of
 * the stair, and for each rung that was ridden how its last lessons count for its criterion and how its sides compare.
 *
 * <p>{@code fold(all) = fold(state, since)}: a {@link strophos.core.state.PairState} and the last lessons on the rungs ridden
 * since say all about what comes next. A rung is judged by its last {@value strophos.core.progress.RungFacts#LESSONS} lessons
 * (common practice, no source): what came before says nothing about today.
 */
package strophos.core.state;
