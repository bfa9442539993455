/**
 * How long a horse's stride is, how fast it goes and how often it steps; and the poles that follow from it. Metres, seconds.
 *
 * <p>Sources: [1] H. Clayton, Comparison of the stride kinematics of the collected, working, medium and extended trot,
 * EVJ 26 (1994); of the canter, EVJ Suppl. 18 (1994); of the walk, AJVR 56 (1995): means of elite dressage horses, from
 * memory. [2] Froude scaling, an assumption: lengths as the height, speeds as its root. [3] Pole distances: common
 * practice, no source. [4] Strides to fences: common handbook table, from memory.
 */
package strophos.core.stride;
