/** What a horse did in the last weeks, and where it goes in the next. */
package strophos.server.outing;
