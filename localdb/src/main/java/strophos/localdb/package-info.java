/**
 * A throw-away PostgreSQL cluster in memory, for code generation and for tests: made with Debian's own programs, never
 * run as root, on a free loopback port, gone when its JVM ends.
 */
package strophos.localdb;
