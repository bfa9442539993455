/** Rows that are made from others and can be made again: written only where they differ from what stands there. */
package strophos.server.projection;
