/** After the ride: what each rein gave, what the rules advise, what the coach decides. */
package strophos.server.debrief;
