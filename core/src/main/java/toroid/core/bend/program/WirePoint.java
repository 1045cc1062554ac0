package toroid.core.bend.program;

/** A place on the wire: how far along it, mm, and the frame there. */
public record WirePoint(double alongMm, Frame frame) {}
