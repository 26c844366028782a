package honeylamp.catalogue.symbol;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import java.util.List;

/**
 * A furnishing as geometry at one size, in its own frame (mm about its centre, front at -y, floor at 0).
 *
 * @param parts seen from above
 * @param solids what throws shade: convex footprints with their heights
 * @param bodies what is seen from its sides
 * @param fronts what lies on its front: drawn over the bodies at a place, in x and z
 * @param rounds what looks alike from every side
 */
public record Symbol(
        List<SymbolShape> parts, List<Solid> solids, List<Body> bodies, List<OnFront> fronts, List<Round> rounds) {
    /** A convex footprint, counter-clockwise, and the height of its top above the floor in mm. */
    public record Solid(Ring footprint, double heightMm) {}

    /**
     * A part that stands up.
     *
     * @param softMm the radius of its corners seen from the side
     */
    public record Body(Ring footprint, double bottomMm, double topMm, double softMm, Role role) {}

    /**
     * A shape on an upright face that looks to the front, x to the right and z up.
     *
     * @param yMm where the face lies
     */
    public record OnFront(SymbolShape shape, double yMm) {}

    /**
     * A shape that looks alike from every side, such as a crown of leaves: x about its own middle, z up.
     *
     * @param at its middle, seen from above
     */
    public record Round(SymbolShape shape, Point at) {}

    public Symbol {
        parts = List.copyOf(parts);
        solids = List.copyOf(solids);
        bodies = List.copyOf(bodies);
        fronts = List.copyOf(fronts);
        rounds = List.copyOf(rounds);
    }
}
