package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * The light that a fitting gives.
 *
 * @param lumen of the whole fitting
 * @param watt that it draws
 * @param beamDeg the angle at which there is half as much light as in the middle of the beam; 360 for all around
 * @param kelvin the colour temperature
 * @param curve as it was measured, in candela for 1,000 lumens, at even steps from 0 to 180 degrees from the axis; empty
 *     if only the beam is known
 */
@RecordBuilder
public record Emission(int lumen, double watt, double beamDeg, int kelvin, Dimming dimming, List<Integer> curve)
        implements EmissionBuilder.With {
    /** More than a hall has. */
    public static final int MOST_LUMEN = 200_000;

    public static final int MOST_WATT = 5_000;

    /** From candle light to a clear sky. */
    public static final int LEAST_KELVIN = 1_500;

    public static final int MOST_KELVIN = 10_000;

    /** Narrower than this nothing shines. */
    public static final double LEAST_BEAM_DEG = 3;

    /** Whether it can be dimmed. */
    public enum Dimming {
        DIMMED("Can be dimmed"),
        FULL("Full only");

        private final String label;

        Dimming(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** A curve is told at so many angles: every 5 degrees. */
    public static final int CURVE_POINTS = 37;

    /** A laser is no light for a room. */
    public static final int MOST_CANDELA = 1_000_000;

    /** Freezes the curve; refuses what no fitting gives. */
    public Emission {
        curve = List.copyOf(curve);
        if (!curve.isEmpty()) {
            Checks.within("points of a curve of light", curve.size(), CURVE_POINTS, CURVE_POINTS);
        }
        curve.forEach(c -> Checks.within("candela of a curve of light", c, 0, MOST_CANDELA));
        Checks.within("lumens of a fitting", lumen, 0, MOST_LUMEN);
        Checks.within("watts of a fitting", watt, 0, MOST_WATT);
        Checks.within("beam of a fitting, in degrees,", beamDeg, LEAST_BEAM_DEG, 360);
        Checks.within("colour temperature of a fitting, in kelvin,", kelvin, LEAST_KELVIN, MOST_KELVIN);
    }

    /** Light of which only the beam is known. */
    public Emission(int lumen, double watt, double beamDeg, int kelvin, Dimming dimming) {
        this(lumen, watt, beamDeg, kelvin, dimming, List.of());
    }
}
