/** The written contract: how the OpenAPI document says what is always there and what may be null. */
package strophos.server.contract;
