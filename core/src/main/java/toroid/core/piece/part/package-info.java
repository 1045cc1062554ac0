/** The parts a piece is made of: one file for each kind, which reads it from a line, writes it, and works it out. */
package toroid.core.piece.part;
