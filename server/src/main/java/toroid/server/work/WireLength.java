package toroid.server.work;

/**
 * A length of wire a job has cut in one piece.
 *
 * @param name what it becomes; empty for a coil of rings
 * @param rings in a coil; 0 for what is no coil
 * @param metal id of it
 * @param count that many
 */
public record WireLength(String name, int rings, String metal, double diameterMm, double lengthMm, int count) {}
