/** The people and horses of a yard, in pairs: what every feature asks who is meant. */
package strophos.server.roster;
