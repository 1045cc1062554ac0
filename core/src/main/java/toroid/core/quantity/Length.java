package toroid.core.quantity;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/** A length. Finite; may be zero or negative (a difference). Kept in millimetres, exactly as given. */
public record Length(double inMillimetres) implements Comparable<Length> {
    /** The international inch, exactly (international yard and pound agreement, 1959). */
    public static final double MILLIMETRES_PER_INCH = 25.4;

    public static final Length ZERO = new Length(0);

    public Length {
        Checks.within(
                "length",
                inMillimetres,
                Double.NEGATIVE_INFINITY,
                Double.POSITIVE_INFINITY,
                Unit.MM,
                Remedy.GIVE_A_NUMBER);
    }

    public static Length ofMillimetres(double millimetres) {
        return new Length(millimetres);
    }

    public static Length ofMetres(double metres) {
        return new Length(metres * 1000);
    }

    public static Length ofInches(double inches) {
        return new Length(inches * MILLIMETRES_PER_INCH);
    }

    public double inInches() {
        return inMillimetres / MILLIMETRES_PER_INCH;
    }

    public double inMetres() {
        return inMillimetres / 1000;
    }

    public Length plus(Length other) {
        return new Length(inMillimetres + other.inMillimetres);
    }

    public Length minus(Length other) {
        return new Length(inMillimetres - other.inMillimetres);
    }

    public Length times(double factor) {
        return new Length(inMillimetres * factor);
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(inMillimetres, other.inMillimetres);
    }
}
