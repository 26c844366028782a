package honeylamp.catalogue;

import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.units.Length;
import java.util.List;
import java.util.Map;

/** The looks that ship with the program. */
public final class Looks {
    /** Soft shade and full colour: the look of a new plan. */
    public static final Look DAYLIGHT = new Look(
            "Daylight",
            1,
            1,
            0.74,
            0.46,
            Length.ofMm(650),
            Length.ofMm(1100),
            0.2,
            Palettes.DAYLIGHT,
            Draftings.USUAL,
            Map.of());

    /** Deeper shade, for large prints. */
    public static final Look LATE_SUN = new Look(
            "Late sun",
            1,
            1,
            0.9,
            0.56,
            Length.ofMm(800),
            Length.ofMm(1300),
            0.26,
            Palettes.DAYLIGHT,
            Draftings.USUAL,
            Map.of());

    /** Plain tones and lines, no shade. */
    public static final Look FLAT = new Look(
            "Flat",
            1,
            0.5,
            0,
            0,
            Length.ofMm(600),
            Length.ofMm(1100),
            0.2,
            Palettes.DAYLIGHT,
            Draftings.USUAL,
            Map.of());

    /** As a hand draws and letters it, softly shaded. */
    public static final Look BY_HAND = new Look(
            "By hand",
            1,
            0.7,
            0.6,
            0.4,
            Length.ofMm(600),
            Length.ofMm(1100),
            0.18,
            Palettes.DAYLIGHT,
            Draftings.BY_HAND,
            Map.of());

    /** Light from the upper left of the sheet. */
    public static final Light UPPER_LEFT = new Light(320, 48);

    private Looks() {}

    /** The look of a name; the look of a new plan if none has it. */
    public static Look of(String name) {
        return all().stream().filter(l -> l.name().equals(name)).findFirst().orElse(DAYLIGHT);
    }

    public static List<Look> all() {
        return List.of(DAYLIGHT, LATE_SUN, FLAT, BY_HAND);
    }
}
