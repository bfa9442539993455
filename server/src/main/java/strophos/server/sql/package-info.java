/** What statements of every feature are put together from. */
package strophos.server.sql;
