/** Lessons of a day: what is planned, under way and ridden. Days are the yard's, in its time zone. */
package strophos.server.lesson;
