/**
 * Fences in a line and courses. Metres, metres a minute.
 *
 * <p>Sources: a stride of 12 ft (3.6576 m) for a horse, 9, 10 or 11 ft for a pony, with take-off and landing of one stride together:
 * common handbook table. A jumping canter has its own stride; it is never scaled from a dressage one. That low fences shrink take-off
 * and landing to 8 ft together, and how far a stride may be stretched, is common practice, no source.
 */
package strophos.core.fence;
