/** What is done to a piece once it is made: coloured, rubbed back, tumbled, waxed; and when, by what its parts withstand. */
package toroid.core.piece.finish;
