package honeylamp.catalogue.piece;

import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.SurfacesAt.Lies;
import honeylamp.derive.listing.SurfacesAt.Target;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Role;
import honeylamp.plan.Sense;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The counters of pieces as surfaces that can be covered. The frame of one begins at its front left corner and runs along
 * its front; what is let into it is left out.
 */
public final class Counters {
    private static final int PIECES_PER_CURVE = 6;

    private Counters() {}

    /** Whether a shape is a counter as one sees it from above. */
    public static boolean is(SymbolShape part) {
        return part.level() == Level.BODY && part.paint().equals(new SymbolShape.Paint.Of(Role.COUNTER));
    }

    /** Whether a piece has a counter. */
    public static boolean has(Furnishing piece) {
        return Furnishings.of(piece)
                .filter(kind -> kind.symbol(piece).parts().stream().anyMatch(Counters::is))
                .isPresent();
    }

    /** What covers the counters of a storey. */
    public static Map<FurnishingId, Finish> finishes(Storey storey) {
        var out = new HashMap<FurnishingId, Finish>();
        for (var covering : storey.coverings()) {
            if (covering.surface() instanceof Surface.Counter(var piece)) {
                out.put(piece, covering.finish());
            }
        }
        return out;
    }

    /** Where the counter of a piece lies, its level that of its top. */
    public static Surfaces.Frame frame(Furnishing piece, double floorMm) {
        var turn = Affine.turn(piece.turnDeg());
        var corner = new Point(-piece.width().mm() / 2, -piece.depth().mm() / 2);
        return new Surfaces.Frame(
                piece.at().point().plus(turn.apply(corner)),
                floorMm + piece.top().mm(),
                turn.apply(new Point(1, 0)),
                Surfaces.Up.LEVEL);
    }

    /** All surfaces of a storey, its counters that are covered among them. */
    public static List<Surfaces.Found> withSurfaces(LaidStorey storey) {
        return Stream.concat(Surfaces.on(storey).stream(), on(storey).stream()).toList();
    }

    /** The counters of a storey that are covered. */
    public static List<Surfaces.Found> on(LaidStorey storey) {
        return storey.storey().coverings().stream()
                .filter(c -> c.surface() instanceof Surface.Counter)
                .flatMap(c -> found(storey, c).stream())
                .toList();
    }

    private static Optional<Surfaces.Found> found(LaidStorey storey, Covering covering) {
        return storey.storey()
                .elements()
                .find(Furnishing.class, (FurnishingId) covering.surface().host())
                .map(piece -> {
                    var toFrame =
                            Affine.move(piece.width().mm() / 2, piece.depth().mm() / 2);
                    var there = piece.sense() == Sense.MIRRORED
                            ? Affine.scale(-1, 1).then(toFrame)
                            : toFrame;
                    return new Surfaces.Found(
                            covering.surface(),
                            frame(piece, storey.storey().level().mm()),
                            outline(piece, there),
                            Optional.of(covering.finish()));
                })
                .filter(f -> !f.outline().isEmpty());
    }

    /** The counter of a piece, and less what is let into it, through a change of its own frame. */
    private static List<Outline> outline(Furnishing piece, Affine there) {
        var parts =
                Furnishings.of(piece).map(kind -> kind.symbol(piece).parts()).orElse(List.of());
        var tops = parts.stream()
                .filter(Counters::is)
                .map(p -> ring(p.path(), there))
                .toList();
        var letIn = parts.stream()
                .filter(p -> p.level() == Level.TOP
                        && p.detail() == Detail.PLAIN
                        && p.paint() instanceof SymbolShape.Paint.Of)
                .map(p -> ring(p.path(), there))
                .toList();
        return tops.isEmpty() ? List.of() : Regions.difference(Regions.union(tops), Regions.union(letIn));
    }

    private static Outline ring(Figure path, Affine there) {
        return Outline.of(path.through(there).flattened(PIECES_PER_CURVE).counterClockwise());
    }

    /** The counter at a point of the plan, the highest of several. */
    public static Optional<Target> at(LaidStorey storey, Point at) {
        return storey.storey().furnishings().stream()
                .filter(piece -> Picking.footprint(piece).contains(at))
                .flatMap(piece -> target(storey, piece, at).stream())
                .reduce((_, last) -> last);
    }

    private static Optional<Target> target(LaidStorey storey, Furnishing piece, Point at) {
        var outline = outline(piece, piece.placing());
        return outline.stream().anyMatch(o -> o.contains(at))
                ? Optional.of(new Target(
                        List.of(new Surface.Counter(piece.id())),
                        Optional.empty(),
                        storey.geometry().roomAt(piece.at().point()),
                        Lies.COUNTER,
                        "the counter",
                        outline,
                        List.of()))
                : Optional.empty();
    }
}
