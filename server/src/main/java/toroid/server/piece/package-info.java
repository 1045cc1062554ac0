/** Whole pieces: what is asked of them and answered. Knows the forms, not how they are made. */
package toroid.server.piece;
