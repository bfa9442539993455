/**
 * Recordings of rein sensors: taken in minute by minute, kept compressed, and read again whenever they are looked at. Nothing that follows
 * from a recording is stored.
 */
package strophos.server.contact;
