/** What the coach knows of a horse beside its lessons, and what an advice must know of it. */
package strophos.server.horse;
