/**
 * How much work a horse gets: minutes times effort, weeks, breaks, and the way back from them. Rules are common practice,
 * no source; after an injury only the vet's plan holds.
 *
 * <p>Sources: [1] C. Foster et al., A new approach to monitoring exercise training, JSCR 15 (2001). [2] C. Foster,
 * Monitoring training in athletes with reference to overtraining syndrome, MSSE 30 (1998). [3] S. Williams et al., Better
 * way to determine the acute:chronic workload ratio?, BJSM 51 (2017).
 */
package strophos.core.load;
