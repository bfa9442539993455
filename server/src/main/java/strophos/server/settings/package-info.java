/** What is set from outside when the server starts. */
package strophos.server.settings;
