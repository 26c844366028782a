package honeylamp.units;

/**
 * A measure that goods come in, such as the width of a sheet of board: lengths that are whole numbers of it need no cut.
 *
 * @param length above nothing
 */
public record BoardModule(Length length) {
    private static final double SAME_MM = 0.5;

    /** Refuses nothing and less. */
    public BoardModule {
        Checks.positive("module", length);
    }

    /** How many go whole into a length, and what is left over. */
    public record Share(long whole, Length rest) {}

    /** How many go whole into a length, and what is left over; within half a millimetre nothing is. */
    public Share of(Length other) {
        var whole = (long) Math.floor((other.mm() + SAME_MM) / length.mm());
        var rest = other.mm() - whole * length.mm();
        return new Share(whole, Math.abs(rest) <= SAME_MM ? Length.ZERO : Length.ofMm(rest));
    }

    /** In words what a length is in modules, and the nearest lengths that need no cut. */
    public String words(Length other, UnitSystem units) {
        var share = of(other);
        var step = LengthText.roundedWithUnit(length, units);
        if (share.rest.equals(Length.ZERO)) {
            return share.whole + " \u00d7 " + step;
        }
        var less = Length.ofMm(share.whole * length.mm());
        var more = Length.ofMm((share.whole + 1) * length.mm());
        return share.whole + " \u00d7 " + step + " and " + LengthText.roundedWithUnit(share.rest, units)
                + "; nearest " + (share.whole == 0 ? "" : LengthText.rounded(less, units) + " or ")
                + LengthText.roundedWithUnit(more, units);
    }
}
