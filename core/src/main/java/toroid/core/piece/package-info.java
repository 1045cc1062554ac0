/**
 * Whole pieces: parts that hang in each other, from the first bearing point to the last. How long, which way each looks, how every joint
 * is made and in which order, what has to be cut.
 */
package toroid.core.piece;
