/**
 * How the rider corrects, releases and drives (rules 6): consistency, timing, missed releases, aids in conflict.
 *
 * <p>Timing is judged only where there is timing: from a clip, a sensor or two marked touches. One-touch recording gives
 * counts and order, and the answer then says so. Times are {@link java.time.Duration}s from the aid or the response;
 * thresholds are common practice, no source.
 */
package strophos.core.aid;
