/** The kinds of stock and tools, one class each: what a lot is told by, how it is counted, what one weighs. */
package toroid.core.stock.kind;
