/**
 * Wire in stock: spools with metal, temper and measured diameter, and how much is left.
 *
 * <p>In: a spool's data, or what a scale says. Out: spools, and through {@link toroid.server.wire.WireKnowledge} what is
 * known of a spool's strength. Left out: beads, findings.
 */
package toroid.server.wire;
