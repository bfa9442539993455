/** Riders on horses: the list, one pair with its stair, and new ones. */
package strophos.server.pair;
