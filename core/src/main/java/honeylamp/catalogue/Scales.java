package honeylamp.catalogue;

import honeylamp.units.UnitSystem;
import java.util.List;

/** The standard scales of drawings, as denominators, largest scale first. */
public final class Scales {
    /** ISO 5455 for building drawings, with 1:25 and 1:250 in common use, and 1:75, 1:125 and 1:150 where a step would halve a plan. */
    private static final List<Integer> METRIC = List.of(20, 25, 50, 75, 100, 125, 150, 200, 250, 500, 1000);

    /** 1, 3/4, 1/2, 3/8, 1/4, 3/16, 1/8, 3/32, 1/16 and 1/32 inch to the foot. */
    private static final List<Integer> FEET_INCHES = List.of(12, 16, 24, 32, 48, 64, 96, 128, 192, 384);

    private Scales() {}

    /** The scales offered in a unit system. */
    public static List<Integer> standard(UnitSystem units) {
        return units.isMetric() ? METRIC : FEET_INCHES;
    }

    /**
     * The largest standard scale at which something fits; the smallest of the list if none does.
     *
     * @param planWidthMm width in plan mm
     * @param planHeightMm height in plan mm
     * @param roomWidthMm free width in paper mm
     * @param roomHeightMm free height in paper mm
     */
    public static int largestThatFits(
            UnitSystem units, double planWidthMm, double planHeightMm, double roomWidthMm, double roomHeightMm) {
        return standard(units).stream()
                .filter(s -> planWidthMm / s <= roomWidthMm && planHeightMm / s <= roomHeightMm)
                .findFirst()
                .orElse(standard(units).getLast());
    }

    /**
     * The largest ratio at which something fills its room, of no standard, in steps of a hundredth.
     *
     * @param planWidthMm width in plan mm
     * @param planHeightMm height in plan mm
     * @param roomWidthMm free width in paper mm
     * @param roomHeightMm free height in paper mm
     * @return from 1 to 5000
     */
    public static double filling(double planWidthMm, double planHeightMm, double roomWidthMm, double roomHeightMm) {
        var least =
                Math.max(1, Math.max(planWidthMm / Math.max(1, roomWidthMm), planHeightMm / Math.max(1, roomHeightMm)));
        return Math.min(5000, Math.ceil(least * 100) / 100);
    }

    /** What a drawing says that keeps to no scale. */
    public static final String NONE = "Not to scale";

    /** The scale of a drawing in words, or that it has none: of standard scales all are whole. */
    public static String said(double scale, UnitSystem units) {
        return scale == Math.rint(scale) ? words((int) scale, units) : NONE;
    }

    /** The scale in words: {@code 1:50}, or {@code 1/4" = 1'-0"} for feet-inches scales. */
    public static String words(int scale, UnitSystem units) {
        return units.isMetric()
                ? "1:" + scale
                : switch (scale) {
                    case 12 -> "1\" = 1'-0\"";
                    case 16 -> "3/4\" = 1'-0\"";
                    case 24 -> "1/2\" = 1'-0\"";
                    case 32 -> "3/8\" = 1'-0\"";
                    case 48 -> "1/4\" = 1'-0\"";
                    case 64 -> "3/16\" = 1'-0\"";
                    case 96 -> "1/8\" = 1'-0\"";
                    case 128 -> "3/32\" = 1'-0\"";
                    case 192 -> "1/16\" = 1'-0\"";
                    case 384 -> "1/32\" = 1'-0\"";
                    default -> "1:" + scale;
                };
    }
}
