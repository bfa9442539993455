/** Where a pair stands on the stair of rungs: its record, and the decisions made on it. */
package strophos.server.stair;
