package strophos.core.footfall;

import strophos.core.exchange.Side;

/**
 * How far a fore foot lands behind the hind foot of its side.
 *
 * @param share of the stride, in [0, 1): a pace is near 0 (or just under 1), an even four-beat gait at 0.25, trot at 0.5 [1]
 * @param low of its 95 % interval; below 0 beside a share near 0
 * @param high of it; above 1 beside a share near 1
 * @param strides in which both feet were marked
 */
public record SideLag(Side side, double share, double low, double high, int strides, LandingOrder order) {}
