/**
 * What a shelf holds, whatever it is: the kinds of stock, the facts each is told by, how each is counted and what is left of a lot.
 *
 * <p>In: facts of a lot as typed or read from a file. Out: checked facts, grams a metre or a piece, what a weight is in metres or
 * pieces, what is left of what was moved. Left out: prices of work, what is planned of it.
 */
package toroid.core.stock;
