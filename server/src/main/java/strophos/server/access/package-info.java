/**
 * Who may do what: sign-in, the table role × action, the yard wall and the one predicate of visible pairs.
 */
package strophos.server.access;
