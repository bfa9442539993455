/** The first hour of an empty installation: a one-time token leads to the yard, its coach and the first pair. */
package strophos.server.setup;
