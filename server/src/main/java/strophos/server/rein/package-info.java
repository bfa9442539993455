/**
 * Recordings of rein sensors as they are kept, compressed, a minute a chunk; and what they tell of the rungs of a ride.
 */
package strophos.server.rein;
