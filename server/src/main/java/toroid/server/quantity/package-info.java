/** Reading lengths as makers type them. In: text. Out: mm, what was understood, names of the size. */
package toroid.server.quantity;
