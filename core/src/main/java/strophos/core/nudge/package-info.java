/**
 * By what limits the recorder speaks by itself while riding: change the rein, a breather, a good place to stop, stop. Quiet, and never
 * twice a minute. It must work with no network, so the device judges ({@code web/src/nudge}, held to the examples in {@code
 * examples/nudge}); here stand the limits it is sent. Times in seconds. Common practice, no source.
 */
package strophos.core.nudge;
