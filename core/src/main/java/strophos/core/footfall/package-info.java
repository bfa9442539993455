/**
 * In which order, and how far apart, the feet land.
 *
 * <p>Source: [1] M. Hildebrand, Symmetrical gaits of horses, Science 150 (1965): the lag of a fore foot behind the hind foot of its side, as a
 * share of the stride (from memory).
 */
package strophos.core.footfall;
