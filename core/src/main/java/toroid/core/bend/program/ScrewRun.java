package toroid.core.bend.program;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A run of constant curvature and torsion: straight wire, an arc on a tool, a helix. Closed form.
 *
 * @param lengthMm along the centre line, 0 to 100 m
 * @param curvature κ per mm, towards the frame's normal, 0 up
 * @param torsion τ per mm, positive for a right-handed helix
 */
public record ScrewRun(double lengthMm, double curvature, double torsion) implements Run {
    public ScrewRun {
        Checks.within("lengthMm", lengthMm, 0, 100_000, Unit.MM, Remedy.MAKE_THE_FORM_SMALLER);
        Checks.within("curvature", curvature, 0, 1000, Unit.PER_MM, Remedy.BEND_IT_ON_A_THICKER_TOOL);
        Checks.within("torsion", torsion, -1000, 1000, Unit.PER_MM, Remedy.STRETCH_THE_COIL_LESS);
    }

    public static ScrewRun straight(double lengthMm) {
        return new ScrewRun(lengthMm, 0, 0);
    }

    /** An arc; {@code L = R θ}. */
    public static ScrewRun arc(double centrelineRadiusMm, double radians) {
        return new ScrewRun(centrelineRadiusMm * radians, 1 / centrelineRadiusMm, 0);
    }

    /**
     * Turns of a helix: {@code L = N √((2πR)² + p²)}, {@code κ = R/(R² + h²)}, {@code τ = h/(R² + h²)}, {@code h = p/2π}.
     *
     * @param centrelineRadiusMm R
     * @param pitchMm p, zero or more
     * @param rightHanded which way it climbs
     */
    public static ScrewRun helix(double centrelineRadiusMm, double pitchMm, double turns, boolean rightHanded) {
        double h = pitchMm / (2 * Math.PI);
        double squares = centrelineRadiusMm * centrelineRadiusMm + h * h;
        return new ScrewRun(
                turns * 2 * Math.PI * Math.sqrt(squares),
                centrelineRadiusMm / squares,
                (rightHanded ? h : -h) / squares);
    }

    @Override
    public Frame at(Frame start, double alongMm) {
        return start.advanced(alongMm, curvature, torsion);
    }

    @Override
    public double sharpestCurvature() {
        return curvature;
    }

    @Override
    public Run mirrored() {
        return new ScrewRun(lengthMm, curvature, -torsion);
    }

    @Override
    public Run reversed() {
        return this;
    }

    @Override
    public Run scaled(double factor) {
        return new ScrewRun(lengthMm * factor, curvature / factor, torsion / factor);
    }
}
