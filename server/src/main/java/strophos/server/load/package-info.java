/**
 * How much is taken at once. A request's body is read whole before anything else is done with it, within a time and a size; only so
 * many are read at once, so that bodies which trickle hold a few threads and never all of them. Behind this gate no transaction and no
 * lock ever waits for the network.
 */
package strophos.server.load;
