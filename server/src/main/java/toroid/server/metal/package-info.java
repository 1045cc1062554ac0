/** The metals and tempers kept, with every constant and its source. In: nothing. Out: the core's catalogue. */
package toroid.server.metal;
