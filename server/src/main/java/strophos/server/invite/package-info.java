/** Ways in for people who are known in a yard and cannot sign in yet. */
package strophos.server.invite;
