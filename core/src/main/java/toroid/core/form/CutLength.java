package toroid.core.form;

/** Length to cut, mm: what stays in the piece, what the hand holds, what is trimmed. Rounded only where shown and at the saw. */
public record CutLength(double inMillimetres) {}
