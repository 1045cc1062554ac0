/**
 * Bent wire as a program: straight runs, arcs on a tool, helices, flat and domed spirals, with the plane turned about the wire
 * between them. The centre line of round wire keeps its length when it is bent (K-factor ½), so lengths along the program are
 * lengths of wire.
 *
 * <p>In: lengths in mm, angles in radians, curvature and torsion per mm. Out: positions in mm, developed lengths in mm.
 * Straight runs, arcs, helices and flat spirals are closed forms; domed spirals are converged integrals. Left out: the ovality
 * of a bent section and the shift of its neutral line, both under 2 % of the wire's diameter above an aspect ratio of 2.
 */
package toroid.core.bend.program;
