/** How fast: measured by JMH in one run beside a plain pass over the same records, and told as a ratio. */
package strophos.bench.speed;
