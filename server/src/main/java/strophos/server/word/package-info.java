/** What riders, their guardians and the coach say to each other under comments, and who read them. */
package strophos.server.word;
