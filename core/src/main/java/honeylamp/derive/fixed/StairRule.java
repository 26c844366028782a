package honeylamp.derive.fixed;

import honeylamp.plan.Stair;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;

/**
 * How steep a stair is best. Easy steps keep to a stride: twice the riser and the going make about 630 mm
 * (25 in), a rule F. Blondel gave in his {@code Cours d'architecture} (1675).
 */
public final class StairRule {
    /** Strides outside this are noticed by the foot, in mm. */
    private static final double SHORTEST_STRIDE_MM = 570;

    /** The longest stride that is easy, in mm. */
    private static final double LONGEST_STRIDE_MM = 670;

    /** Risers above this are steep, in mm. */
    public static final double STEEPEST_RISER_MM = 200;

    /** Goings under this have no room for a foot, in mm. */
    public static final double LEAST_GOING_MM = 220;

    private static final double BEST_RISER_MM = 175;
    private static final double BEST_RISER_IN = 7;
    private static final double STRIDE_MM = 630;
    private static final double STRIDE_IN = 25;
    private static final double ROUND_GOING_MM = 5;
    private static final double ROUND_GOING_IN = 0.25;
    private static final double USUAL_LEAST_GOING_MM = 250;
    private static final double USUAL_LEAST_GOING_IN = 10;
    /** A full turn of a spiral rises by this at least: 2,000 for the head, and a step. */
    public static final double SPIRAL_TURN_MM = 2100;

    private static final int LEAST_RISERS = 2;

    private StairRule() {}

    /** The stride stairs are made for. */
    public static Length stride(UnitSystem units) {
        return units.isMetric() ? Length.ofMm(STRIDE_MM) : Length.ofInches(STRIDE_IN);
    }

    /** Whether two risers and a going make an easy stride. */
    public static boolean isEasy(Stair stair) {
        return stair.strideMm() >= SHORTEST_STRIDE_MM && stair.strideMm() <= LONGEST_STRIDE_MM;
    }

    /** The steps that a height asks for. */
    public record Steps(int risers, Length going) {}

    /**
     * As many risers as come nearest to 175 mm (7 in) each, and the going that makes the stride 630 mm (25 in),
     * rounded to 5 mm (1/4 in), 250 mm (10 in) at least.
     *
     * @param rise from floor to floor
     */
    public static Steps steps(Length rise, UnitSystem units) {
        return units.isMetric()
                ? steps(rise, BEST_RISER_MM, STRIDE_MM, ROUND_GOING_MM, USUAL_LEAST_GOING_MM, 1)
                : steps(
                        rise,
                        BEST_RISER_IN,
                        STRIDE_IN,
                        ROUND_GOING_IN,
                        USUAL_LEAST_GOING_IN,
                        Length.ofInches(1).mm());
    }

    /** All but the rise in the unit that is so many mm. */
    private static Steps steps(
            Length rise, double bestRiser, double stride, double roundTo, double leastGoing, double unitMm) {
        var height = rise.mm() / unitMm;
        var risers = Math.max(LEAST_RISERS, (int) Math.round(height / bestRiser));
        var going = roundTo * Math.rint((stride - 2 * height / risers) / roundTo);
        return new Steps(risers, Length.ofMm(Math.max(leastGoing, going) * unitMm));
    }

    /**
     * The stair with the steps its rise asks for, however low or high the storey; its shape keeps the risers it needs. A spiral turns slowly enough that
     * a full turn leaves room for the head below it.
     */
    public static Stair stepped(Stair stair, UnitSystem units) {
        var steps = steps(stair.rise(), units);
        var risers = Math.clamp(steps.risers(), stair.shape().leastRisers(), Stair.MOST_RISERS);
        var going = steps.going();
        if (stair.shape() == Stair.Shape.SPIRAL) {
            var riser = stair.rise().mm() / risers;
            var most = Math.max(1, Math.floor(2 * Math.PI * walkingRadiusMm(stair) * riser / SPIRAL_TURN_MM));
            going = going.mm() > most ? Length.ofMm(most) : going;
        }
        return stair.stepped(risers, going);
    }

    /** The radius of a spiral's walking line, in mm. */
    private static double walkingRadiusMm(Stair spiral) {
        return (spiral.well().mm() + spiral.flight().mm()) / 2;
    }

    /** How far a spiral rises in a full turn, in mm: the room above its steps, less their thickness. */
    public static double turnRiseMm(Stair spiral) {
        return 2 * Math.PI * walkingRadiusMm(spiral) / spiral.going().mm() * spiral.riserMm();
    }
}
