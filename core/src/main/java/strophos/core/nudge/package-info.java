/**
 * What the recorder says by itself while riding: change the rein, a breather, a good place to stop, stop. Quiet, and never twice a
 * minute. It must work with no network, so the same rule stands in the web, held to the same examples in {@code
 * examples/nudge}. Times in milliseconds, thresholds in seconds. Common practice, no source.
 */
package strophos.core.nudge;
