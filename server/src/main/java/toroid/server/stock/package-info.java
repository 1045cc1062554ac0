/**
 * The shelf: lots of every kind, one ledger of what came and went, stocktaking, tables in files, labels.
 *
 * <p>In: a lot's content, moves, counts, tables. Out: lots, what is left, free and low of each, moves, labels. Left out: which length is
 * cut from which lot, and what a piece costs.
 */
package toroid.server.stock;
