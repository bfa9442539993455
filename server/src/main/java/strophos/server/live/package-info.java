/**
 * What happens elsewhere, told at once. Whoever stores something of a lesson says so in its transaction; every server
 * process hears it on one connection of its own, and tells the browsers that listen. The news is only of which lesson and pair, or of which
 * horse, it was: what changed is read as always, so that news lost on the way costs nothing but time.
 */
package strophos.server.live;
