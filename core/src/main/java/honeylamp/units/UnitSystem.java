package honeylamp.units;

/** The units a plan is read and shown in; a bare number means the system's own unit. */
public enum UnitSystem {
    /** Millimetres, as on building drawings. */
    MM("mm", Length.NM_PER_MM),
    /** Centimetres. */
    CM("cm", 10 * Length.NM_PER_MM),
    /** Metres. */
    M("m", 1_000 * Length.NM_PER_MM),
    /** Feet and inches with fractions; a bare number means inches. */
    FEET_INCHES("in", Length.NM_PER_INCH);

    private final String sign;
    private final long bareNumberNm;

    UnitSystem(String sign, long bareNumberNm) {
        this.sign = sign;
        this.bareNumberNm = bareNumberNm;
    }

    /** The sign of the unit of a bare number. */
    public String sign() {
        return sign;
    }

    /** Whether lengths are shown in the metric system. */
    public boolean isMetric() {
        return this != FEET_INCHES;
    }

    long bareNumberNm() {
        return bareNumberNm;
    }
}
