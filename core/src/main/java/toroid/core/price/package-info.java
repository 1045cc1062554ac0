/**
 * What a piece costs and what is asked for it: material by lot at its own price, hands by the minute, overhead, margin, tax.
 *
 * <p>In: amounts with their prices, minutes, rates. Out: cost and price of a batch and of one copy, what drives it, what has no price.
 * Left out: what is taken and how long it takes, which plans say.
 */
package toroid.core.price;
