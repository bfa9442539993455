/** What pairs have on watch, as the logs of their lessons tell it. */
package strophos.server.watch;
