/** Stop signs of a horse, what they pause, who answered, and whom to call. */
package strophos.server.pause;
