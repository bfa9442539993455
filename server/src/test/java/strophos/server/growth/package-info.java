/** Yards of any size and age, filled past the interface: what screens cost beside what they cost when all is new. */
package strophos.server.growth;
