/** The bench line. In: what was typed. Out: what was understood, the ring or form, and where to take it. */
package toroid.server.line;
