/** A lesson's plan: proposed from what is known, changed by the coach, ridden from. */
package strophos.server.plan;
