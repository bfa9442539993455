/** The demo yard: invented people and horses, values from a seeded generator, planted truths really in the data. */
package strophos.server.demo;
