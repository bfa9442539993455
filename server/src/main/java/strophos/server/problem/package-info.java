/** Errors as problem documents (RFC 9457): what is wrong, where, and what to do. */
package strophos.server.problem;
