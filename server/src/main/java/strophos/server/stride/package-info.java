/** How long a horse's strides are: as they were measured, or as a horse of its height usually has them. */
package strophos.server.stride;
