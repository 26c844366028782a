package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;

/** One layer of what a wall or a floor is built up of. */
public record BuildUpLayer(String name, Length thickness) {
    /** Refuses a layer without thickness. */
    public BuildUpLayer {
        Checks.positive("thickness of the layer " + name, thickness);
    }
}
