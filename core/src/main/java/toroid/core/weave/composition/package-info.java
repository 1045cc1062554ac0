/**
 * Pieces put together of sections of a chain weave: crosses, stars, medallions. In: a chain, how many arms, what ties them; rings in mm.
 * Out: every ring and link, counts, order, the size of the larger ring. Left out: how the arms lie against each other once tied.
 */
package toroid.core.weave.composition;
