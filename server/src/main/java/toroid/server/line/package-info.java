/** The bench line. In: what was typed. Out: what was understood, the ring, and where to take it. */
package toroid.server.line;
