/**
 * The first look: what is seen of horse and rider before the work, and what it makes of the day.
 *
 * <p>Checks are scored 0 (bad) to 4 (good); what was not looked at is absent, never 0. Sides are sides of the body. The
 * rows of {@link strophos.core.look.FocusBook} stand in the order in which they are read; two of them also limit what may
 * be ridden, whatever the coach prefers. Thresholds are common practice, no source.
 */
package strophos.core.look;
