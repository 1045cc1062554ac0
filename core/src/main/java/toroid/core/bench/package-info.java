/**
 * Plans turned into ordered steps at the bench, with targets, counts and cautions; and the thread of seven stages.
 *
 * <p>In: a ring worked out and its coil plan, or a form's steps and how many pieces there are. Out: steps and cautions as codes with values in mm; words and pictures are made
 * where they are shown. Left out: timing, which is learnt from what was done.
 */
package toroid.core.bench;
