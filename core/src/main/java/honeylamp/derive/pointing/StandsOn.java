package honeylamp.derive.pointing;

import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import java.util.Comparator;
import java.util.Optional;

/** What stands below a point. */
public final class StandsOn {
    /** Nobody puts anything on top of what is higher. */
    private static final double HIGHEST_MM = 1600;

    private StandsOn() {}

    /** The highest piece below a point that something can be put on; empty if there is none. */
    public static Optional<Furnishing> at(Storey storey, Point at) {
        return storey.furnishings().stream()
                .filter(f -> f.top().mm() <= HIGHEST_MM && Picking.footprint(f).contains(at))
                .max(Comparator.comparing(Furnishing::top));
    }

    /** The highest piece below the middle of another that it can stand on; empty if there is none. */
    public static Optional<Furnishing> below(Storey storey, Furnishing piece) {
        return storey.furnishings().stream()
                .filter(f -> !f.id().equals(piece.id()) && f.top().mm() <= HIGHEST_MM)
                .filter(f -> Picking.footprint(f).contains(piece.at().point()))
                .max(Comparator.comparing(Furnishing::top));
    }

    /** How high above the floor something stands that is put on what is below a point. */
    public static Length top(Storey storey, Point at) {
        return at(storey, at).map(Furnishing::top).orElse(Length.ZERO);
    }
}
