/** The library: every exercise, how it is ridden on either rein, and which pairs are on it. */
package strophos.server.library;
