package toroid.core.form;

/** Length of wire that stays in the piece, mm: along the middle of the wire, and what an end melts into its ball. Not rounded. */
public record DevelopedLength(double inMillimetres) {}
