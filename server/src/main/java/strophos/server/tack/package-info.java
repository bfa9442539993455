/** The tack of pairs with its dates, where headgear presses, and what was answered in which. */
package strophos.server.tack;
