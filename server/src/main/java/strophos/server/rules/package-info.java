/** What a yard is judged by: the rule books' thresholds with its own changes, and how often each rule was overruled. */
package strophos.server.rules;
