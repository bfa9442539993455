/** All rule books together, for a yard that wants to see or change what it is judged by. */
package strophos.core.book;
