/**
 * How much work a horse gets: minutes, breaks, and the way back from them. Rules are common practice, no source; after
 * an injury only the vet's plan holds.
 */
package strophos.core.load;
