/**
 * How a patch is put together: in which order its rings come in, which may be closed beforehand, what each open ring passes through
 * and how it lies. In: a patch, the maker's way of working. Out: steps and counts. Left out: how long it takes (learnt from the
 * maker's own runs).
 */
package toroid.core.weave.assembly;
