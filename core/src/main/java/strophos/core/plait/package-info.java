/** The plait: a lesson as strands that lie under each other, and where what happens in them meets. */
package strophos.core.plait;
