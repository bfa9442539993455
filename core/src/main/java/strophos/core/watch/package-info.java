/**
 * What was seen once and is looked for again: a sign of the horse's, a fault or habit of the rider's is put on watch for
 * some weeks, and at each first look and on each ride it is asked again whether it was seen. It ends by itself, so that the
 * list stays short. Common practice, no source.
 */
package strophos.core.watch;
