package honeylamp.units;

import java.math.BigDecimal;

/**
 * A length in whole nanometres: exact for every millimetre decimal down to the sixth place and for
 * every 1/64 in (396,875 nm).
 */
public record Length(long nanometres) implements Comparable<Length> {
    /** No length at all. */
    public static final Length ZERO = new Length(0);

    static final long NM_PER_MM = 1_000_000;
    static final long NM_PER_INCH = 25_400_000; // exact, by definition of the inch
    static final long NM_PER_FOOT = 12 * NM_PER_INCH;

    /** An inch in mm, exactly. */
    public static final double MM_PER_INCH = NM_PER_INCH / 1e6;

    /** A foot in mm, exactly. */
    public static final double MM_PER_FOOT = NM_PER_FOOT / 1e6;

    static final long NM_PER_64TH_INCH = NM_PER_INCH / 64;

    /**
     * The length of so many millimetres, rounded to the nearest nanometre.
     *
     * @throws IllegalArgumentException if {@code mm} is not finite or beyond 9 million km
     */
    public static Length ofMm(double mm) {
        var nm = Checks.finite("mm", mm) * NM_PER_MM;
        if (Math.abs(nm) > Long.MAX_VALUE / 2.0) {
            throw new IllegalArgumentException("mm (" + mm + ") is beyond what a length can hold");
        }
        return new Length(Math.round(nm));
    }

    /** The length of so many inches, exact for multiples of 1/64. */
    public static Length ofInches(double inches) {
        return new Length(Math.round(Checks.finite("inches", inches) * NM_PER_INCH));
    }

    /** The length in millimetres, for derived geometry. */
    public double mm() {
        return nanometres / (double) NM_PER_MM;
    }

    /** The sum; throws {@link ArithmeticException} on overflow. */
    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    /** The difference; throws {@link ArithmeticException} on overflow. */
    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    /** The length times a number, rounded to the nearest nanometre. */
    public Length times(double factor) {
        return ofMm(mm() * factor);
    }

    /** Half the length, rounded to the nearest nanometre. */
    public Length half() {
        return new Length(Math.floorDiv(nanometres + 1, 2));
    }

    /** The same length the other way. */
    public Length negated() {
        return new Length(-nanometres);
    }

    /** Whether this length is below zero. */
    public boolean isNegative() {
        return nanometres < 0;
    }

    /** The smaller of the two. */
    public static Length min(Length a, Length b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    /** The larger of the two. */
    public static Length max(Length a, Length b) {
        return a.nanometres >= b.nanometres ? a : b;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    /** Millimetres with all decimals, for messages and files, e.g. {@code 3650.5}. */
    public String mmText() {
        return BigDecimal.valueOf(nanometres, 6).stripTrailingZeros().toPlainString();
    }

    @Override
    public String toString() {
        return mmText() + " mm";
    }
}
