/**
 * Tools in the workshop: what rings are wound on (rods, needles, drill shanks, steps of pliers) and what they are cut with.
 *
 * <p>In and out: diameters, usable lengths and cutting losses, mm. Left out: tools for other work.
 */
package toroid.server.tool;
