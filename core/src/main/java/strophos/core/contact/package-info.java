/**
 * Contact: what a rein sensor measured, and what an instructor wants to know of it. How heavy, in which hand, from where on; whose aid
 * it was; whether the horse carries itself.
 *
 * <p>Units: kilograms of force (1 kgf = 9.80665 N, exact), seconds from the first sample, samples a second (Hz, in [5, 250]). Left and
 * right are the rider's reins, never the direction. All of it works on a {@link strophos.core.contact.ReinSeries}: samples evenly
 * apart, with gaps that are named and never filled in. Each analysis looks at every sample a fixed number of times; only the rhythm's
 * autocorrelation costs n log n.
 *
 * <p>The <em>level</em> is the moving maximum over one stride: everyday figures ("3 to 4 kg") are levels, not medians. There is no
 * right tension for all horses: every limit is a pair's own.
 *
 * <p>Sources: [1] D. Lemire, Streaming maximum-minimum filter using no more than three comparisons per element, Nordic J. Comput. 13
 * (2006), the monotonic deque (from memory). [2] Published work on rein tension: two peaks a stride at walk and trot, one at canter
 * (from memory). [3] R. Hyndman, Y. Fan, Sample quantiles in statistical packages, Am. Stat. 50 (1996), type 7. [4] B. Welch, The
 * generalization of Student's problem, Biometrika 34 (1947). What is heavy, slack or a light aid: common practice, no source.
 */
package strophos.core.contact;
