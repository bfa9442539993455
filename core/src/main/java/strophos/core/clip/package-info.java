/** Videos beside a lesson, which stay where they are: what was said about them, and what was marked on their frames. */
package strophos.core.clip;
