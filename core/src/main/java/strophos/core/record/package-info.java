/**
 * The record of a ride: a grow-only set of immutable entries, and the pure fold that reads it.
 *
 * <p>Devices add entries and never change one. Undo is a {@code void} entry, correction an {@code amend} entry; both
 * name an <em>earlier</em> entry of the same lesson. Merging two devices is set union, so the state may depend on
 * nothing but the set: not on arrival order, batching or duplication.
 *
 * <p>Order is total: {@code (atMs + the device's clock offset, device, seq, id)}, times in milliseconds since 1970 UTC,
 * texts compared by code unit in lower case. The same fold exists in the web's offline store; both are held to the
 * examples in {@code examples/fold} and to a thousand seeded logs.
 */
package strophos.core.record;
