/**
 * How the workshop keeps things: ids made by whoever first writes them, a version that guards every edit, nothing erased.
 *
 * <p>In: a thing's data and the version the editor saw. Out: the thing as kept, or a {@link
 * toroid.server.store.ChangedElsewhere} with what stands there now. Left out: history beyond the latest version.
 */
package toroid.server.store;
