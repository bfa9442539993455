/** The first look of a lesson, and what it makes of the day. */
package strophos.server.look;
