package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;

/** One layer of a wall's build-up. */
public record WallLayer(String name, Length thickness) {
    /** Refuses a layer without thickness. */
    public WallLayer {
        Checks.positive("thickness of the layer " + name, thickness);
    }
}
