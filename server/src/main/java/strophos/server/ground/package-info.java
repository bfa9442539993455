/** The ground: arenas, what is set up on them, and how it suits horses. All geometry is the core's. */
package strophos.server.ground;
