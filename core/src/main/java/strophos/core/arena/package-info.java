/**
 * Arenas, their letters, and figures ridden in them.
 *
 * <p>Origin at the corner of the short side with A and the long side with K; x across, y from A to C, both in metres.
 * Seen from above with C at the top, K–E–H lies left and F–B–M right. The left rein runs A, F, B, M, C, H, E, K, which
 * is counter-clockwise: a bend to the left has positive curvature (1/m), one to the right negative. Angles are radians,
 * counter-clockwise from x. Source of the letters: the published rules of international dressage competitions.
 */
package strophos.core.arena;
