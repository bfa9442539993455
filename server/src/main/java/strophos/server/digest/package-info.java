/** The fingerprint of a text, by which two are told apart without keeping them. */
package strophos.server.digest;
