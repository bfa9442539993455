/**
 * HTTP, use cases and the database. Features are packages; what a coach knows is in {@code core}.
 */
package strophos.server;
