/**
 * The record of a ride on the server: takes entries in, answers each by its id, and keeps the projection equal to the
 * fold of what is stored.
 */
package strophos.server.ride;
