/**
 * When a horse is not ridden (rules 8; common practice, no source).
 *
 * <p>A sign of pain pauses the <em>horse</em>: every pair, lesson and homework of it, whoever saw it. The pause ends only by an
 * answer that says who looked. Behaviour and a fall end the day. What a horse was cleared for may be limited: gaits, minutes,
 * until when. Nothing here diagnoses; vets, dentists, fitters and physiotherapists decide.
 */
package strophos.core.pause;
