package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * The roof over a storey, as far as no other storey stands on it. It follows the outer walls.
 *
 * @param pitchDeg how steep its slopes are; a flat roof has none
 * @param overhang so far beyond the outer faces of the walls it reaches, level
 * @param springs so high above the floor its underside meets the outer faces of the walls; empty means at the clear height
 * @param parapet so high walls stand around a flat roof
 * @param quarters turned by so many quarter turns from where the longest wall has it
 */
@RecordBuilder
public record Roof(
        Form form,
        double pitchDeg,
        Length overhang,
        Optional<Length> springs,
        Length parapet,
        int quarters,
        Cover cover)
        implements RoofBuilder.With {
    /** Flatter than this it is no sloping roof. */
    public static final double LEAST_PITCH_DEG = 5;

    /** Steeper than this it is a wall. */
    public static final double MOST_PITCH_DEG = 70;

    /** It reaches no farther beyond its walls than this. */
    public static final Length MOST_OVERHANG = Length.ofMm(2000);

    /** So thick a roof is, square to its slope. */
    public static final Length THICK = Length.ofMm(240);

    private static final int QUARTERS = 4;

    /** A usual one of a form. */
    public static Roof of(Form form) {
        var isSteep = form == Form.GABLE || form == Form.HIP;
        return new Roof(
                form,
                isSteep ? 38 : 12,
                Length.ofMm(form == Form.FLAT ? 0 : 400),
                Optional.empty(),
                Length.ofMm(300),
                0,
                isSteep ? Cover.TILES : Cover.METAL);
    }

    /** What shape it has. */
    public enum Form {
        /** Two slopes up to a ridge, with walls up to them at its ends. */
        GABLE("Gable"),
        /** Slopes from all sides. */
        HIP("Hip"),
        /** One slope. */
        LEAN_TO("Lean-to"),
        /** None, with a parapet around it. */
        FLAT("Flat");

        private final String label;

        Form(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** What it is covered with. */
    public enum Cover {
        TILES("Clay tiles"),
        SLATE("Slate"),
        METAL("Sheet metal"),
        BOARDS("Timber boards"),
        GREEN("Planted");

        private final String label;

        Cover(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** Refuses slopes of less than 5 or more than 70 degrees, and measures less than nothing. */
    public Roof {
        Checks.within("pitch of a roof", pitchDeg, LEAST_PITCH_DEG, MOST_PITCH_DEG);
        Checks.notNegative("overhang of a roof", overhang);
        Checks.within("overhang of a roof in mm", overhang.mm(), 0, MOST_OVERHANG.mm());
        Checks.notNegative("height of a parapet", parapet);
        springs.ifPresent(s -> Checks.positive("height at which a roof begins", s));
        quarters = Math.floorMod(quarters, QUARTERS);
    }

    /** Turned by a quarter more. */
    public Roof turned() {
        return withQuarters(quarters + 1);
    }
}
