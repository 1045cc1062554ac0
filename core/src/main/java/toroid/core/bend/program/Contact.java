package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Two places that come too close.
 *
 * @param firstMm how far along the first wire
 * @param secondMm how far along the second; the same wire in a self-contact
 * @param depthMm how far they run into each other
 * @param place between them
 */
public record Contact(double firstMm, double secondMm, double depthMm, Vector3D place) {}
