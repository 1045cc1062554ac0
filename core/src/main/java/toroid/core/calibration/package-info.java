/**
 * What the maker measured, turned into what the next prediction needs.
 *
 * <p>In: coils and rings as measured, lengths as really cut, mm. Out: a {@link toroid.core.metal.FlowEstimate} with its
 * scatter and a handling tail against the form's own, both handed back to the geometry as explicit arguments. Left out: outlier rejection; every reading counts until the maker takes it out.
 */
package toroid.core.calibration;
