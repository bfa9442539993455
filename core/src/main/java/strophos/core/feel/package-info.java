/** What riders feel, laid beside what was counted. Common practice, no source. */
package strophos.core.feel;
