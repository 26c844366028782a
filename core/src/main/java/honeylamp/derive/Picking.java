package honeylamp.derive;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/** Finds what lies under a point, kind by kind; the smallest or nearest wins. */
public final class Picking {
    private Picking() {}

    /** The wall whose body holds the point, or comes within reach of it. */
    public static Optional<Wall> wall(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.network().near(p, reachMm).stream()
                .filter(piece -> piece.body().contains(p) || piece.line().distance(p) <= reachMm)
                .min(Comparator.comparingDouble(piece -> piece.line().distance(p)))
                .map(WallPiece::wall);
    }

    /** The opening whose cut holds the point, or comes within reach of it. */
    public static Optional<Opening> opening(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.cuts().stream()
                .filter(c -> c.ring().contains(p) || c.middle().distance(p) <= reachMm)
                .min(Comparator.comparingDouble(c -> c.middle().distance(p)))
                .map(OpeningCut::opening);
    }

    /** The smallest furnishing whose footprint holds the point; rugs give way to what stands on them. */
    public static Optional<Furnishing> furnishing(StoreyGeometry geometry, Point p) {
        return geometry.storey().furnishings().stream()
                .filter(f -> footprint(f).contains(p))
                .min(Comparator.comparingDouble((Furnishing f) -> footprint(f).area())
                        .thenComparing(f -> f.id().number(), Comparator.reverseOrder()));
    }

    /** The fixed part whose footprint holds the point. */
    public static Optional<Structure> structure(StoreyGeometry geometry, Point p) {
        return geometry.storey().structures().stream()
                .filter(s -> new Box(
                                -s.width().mm() / 2,
                                -s.depth().mm() / 2,
                                s.width().mm() / 2,
                                s.depth().mm() / 2)
                        .contains(s.placing().inverse().apply(p)))
                .findFirst();
    }

    /** The top underlay whose picture holds the point. */
    public static Optional<Underlay> underlay(StoreyGeometry geometry, Point p) {
        return geometry.storey().underlays().reversed().stream()
                .filter(u -> outline(u).shell().contains(p))
                .findFirst();
    }

    /** The underlay a command means when none is pointed at: the one picked, else the one on top. */
    public static Optional<Underlay> underlay(Storey storey, Collection<ElementId> picked) {
        var all = storey.underlays();
        return all.stream()
                .filter(u -> picked.contains(u.id()))
                .findFirst()
                .or(() -> all.isEmpty() ? Optional.empty() : Optional.of(all.getLast()));
    }

    /** The made size of a furnishing as a ring in plan mm. */
    public static Ring footprint(Furnishing piece) {
        var w = piece.width().mm() / 2;
        var d = piece.depth().mm() / 2;
        return new Box(-w, -d, w, d).ring().through(piece.placing());
    }

    /** The edge of what is shown of an underlay, in plan mm. */
    public static Outline outline(Underlay underlay) {
        return Outline.of(new Ring(underlay.corners()));
    }
}
