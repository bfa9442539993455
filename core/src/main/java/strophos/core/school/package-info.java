/**
 * The schools of riding a pair may follow (rules 10), where they differ in what the rules do (the default correction policy,
 * what follows when a step back does not help, how an ask is touched in), and what a coach settles for one pair. Common
 * practice, no source.
 */
package strophos.core.school;
