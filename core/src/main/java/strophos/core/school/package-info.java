/**
 * The schools of riding a pair may follow (rules 10), and where they differ in what the rules do: the default correction
 * policy, and what follows when a step back does not help. Common practice, no source.
 */
package strophos.core.school;
