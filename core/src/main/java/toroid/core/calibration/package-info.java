/**
 * What the maker measured, turned into what the next prediction needs.
 *
 * <p>In: coils and rings as measured, mm. Out: a {@link toroid.core.bend.YieldEstimate} with its scatter, to be handed back
 * to the geometry as an explicit argument. Left out: outlier rejection; every reading counts until the maker takes it out.
 */
package toroid.core.calibration;
