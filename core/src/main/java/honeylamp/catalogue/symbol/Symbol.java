package honeylamp.catalogue.symbol;

import honeylamp.geometry.Ring;
import java.util.List;

/**
 * A furnishing as geometry at one size, in its own frame (mm about its centre, front at -y).
 *
 * @param solids what throws shade: convex footprints with their heights
 */
public record Symbol(List<SymbolShape> parts, List<Solid> solids) {
    /** A convex footprint, counter-clockwise, and the height of its top above the floor in mm. */
    public record Solid(Ring footprint, double heightMm) {}

    public Symbol {
        parts = List.copyOf(parts);
        solids = List.copyOf(solids);
    }
}
