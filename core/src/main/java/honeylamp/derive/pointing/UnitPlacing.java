package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.storeys.UnitContents;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import java.util.Optional;

/** Where a copy of a unit stands when the ends of its walls are laid on those of walls that stand. */
public final class UnitPlacing {
    private UnitPlacing() {}

    /** The shift that lays the nearest end of a copied wall onto an end of a standing one; empty if none is near. */
    public static Optional<Point> shift(
            StoreyGeometry geometry, UnitContents contents, Affine placing, double reachMm) {
        Optional<Point> best = Optional.empty();
        for (var wall : contents.walls()) {
            for (var end : new Point[] {wall.from().point(), wall.to().point()}) {
                var there = placing.apply(end);
                for (var piece : geometry.network().near(there, reachMm)) {
                    for (var stands : new Point[] {
                        piece.wall().from().point(), piece.wall().to().point()
                    }) {
                        var by = stands.minus(there);
                        if (by.length() <= reachMm
                                && (best.isEmpty() || by.length() < best.get().length())) {
                            best = Optional.of(by);
                        }
                    }
                }
            }
        }
        return best;
    }
}
