package honeylamp.illustrate.words;

import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.tiers.DimensionTiers;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.derive.tiers.SlantedSides;
import honeylamp.derive.tiers.SlantedSides.SlantedTier;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Ground;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Side;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Where the tiers of dimensions of a view lie: as far off and apart as its look has them, and farther or nearer where a hand put it. */
public final class TierPlaces {
    /** Nearer to the building no tier is put, in paper mm. */
    public static final double NEAREST_MM = 3;

    /** A figure beyond the end of a tier along a slanted face stands out so far at most, in paper mm. */
    private static final double STANDS_OUT_MM = 10;

    /** Tiers lie beyond ground that reaches no farther from the building, in plan mm, and over larger gardens. */
    private static final double STRIP_MM = 4000;

    private static final Set<Ground.Use> NOT_CROSSED =
            EnumSet.of(Ground.Use.PLANTING, Ground.Use.HEDGE, Ground.Use.POOL);

    private TierPlaces() {}

    /**
     * A tier and its line.
     *
     * @param index its place on its side, 0 for the innermost
     * @param fromBuildingMm how far its line lies from what is built and parked, in paper mm
     * @param line the coordinate of its line across the side, in paper mm
     */
    public record Placed(Tier tier, int index, double fromBuildingMm, double line) {}

    /** The tiers that are seen: those around a whole building only. */
    public static List<SideTiers> seen(LaidView view) {
        return view.view().seen().shows(Kind.DIMENSIONS) && view.crop().isEmpty() ? all(view) : List.of();
    }

    /** The tiers of a view's storey, seen or not. */
    public static List<SideTiers> all(LaidView view) {
        return DimensionTiers.of(
                view.storey().geometry(), view.shownIn(), view.view().tiers());
    }

    /** What tiers stay clear of outside the walls: balconies, overhangs, parked cars, leaves that open out, in plan mm. */
    public static List<Box> keptClear(StoreyGeometry geometry) {
        var building =
                geometry.network().poche().stream().map(o -> o.shell().bounds()).reduce(Box::union);
        var leaves = geometry.cuts().stream()
                .flatMap(cut -> LeafSweep.of(cut).stream())
                .map(sweep -> sweep.area().bounds())
                .filter(leaf -> building.filter(b -> b.contains(leaf)).isEmpty());
        return Stream.concat(parts(geometry), leaves).toList();
    }

    /** The beds, hedges and pools that are seen, in plan mm: no witness line crosses them. */
    static List<Box> grown(LaidView view) {
        return view.view().seen().shows(Kind.GROUND)
                ? view.storey().geometry().storey().grounds().stream()
                        .filter(g -> NOT_CROSSED.contains(g.use()))
                        .map(g -> g.ring().bounds())
                        .toList()
                : List.of();
    }

    private static Stream<Box> parts(StoreyGeometry geometry) {
        return geometry.storey().structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY)
                        || s.is(Structure.Kind.OVERHANG)
                        || s.form() instanceof Structure.ParkingBay)
                .map(s -> s.footprint().bounds());
    }

    /** The building with what is kept clear and the strips of ground along its sides, in plan mm. */
    public static Box occupied(LaidView view, List<SideTiers> sides) {
        var geometry = view.storey().geometry();
        var box = sides.getFirst().building();
        for (var more : keptClear(geometry)) {
            box = box.union(more);
        }
        return view.view().seen().shows(Kind.GROUND) ? withStrips(box, geometry.storey()) : box;
    }

    /** With ground that ends near a side of the building: tiers lie beyond it, and over ground that goes on farther. */
    private static Box withStrips(Box box, Storey storey) {
        return storey.grounds().stream()
                .map(g -> g.ring().bounds())
                .reduce(Box::union)
                .map(ground -> new Box(
                        box.minX() - ground.minX() > STRIP_MM ? box.minX() : Math.min(box.minX(), ground.minX()),
                        box.minY() - ground.minY() > STRIP_MM ? box.minY() : Math.min(box.minY(), ground.minY()),
                        ground.maxX() - box.maxX() > STRIP_MM ? box.maxX() : Math.max(box.maxX(), ground.maxX()),
                        ground.maxY() - box.maxY() > STRIP_MM ? box.maxY() : Math.max(box.maxY(), ground.maxY())))
                .orElse(box);
    }

    /** The tiers that are seen, with their lines on paper. */
    public static List<Placed> of(LaidView view, PaperFrame frame) {
        return of(view, frame, seen(view));
    }

    /** The same, once the tiers that are seen are known. */
    static List<Placed> of(LaidView view, PaperFrame frame, List<SideTiers> sides) {
        var out = new ArrayList<Placed>();
        if (sides.isEmpty()) {
            return out;
        }
        var clear = clear(view, frame, sides);
        for (var side : sides) {
            for (var i = 0; i < side.tiers().size(); i++) {
                var away = fromBuildingMm(view, side.side(), i);
                out.add(new Placed(side.tiers().get(i), i, away, edge(side.side(), clear, away)));
            }
        }
        return out;
    }

    /**
     * A tier along a slanted face and its line.
     *
     * @param index its place on its face, 0 for the innermost
     * @param fromFaceMm how far its line lies from its face, in paper mm
     * @param line from end to end, in paper mm
     */
    public record PlacedSlanted(SlantedTier tier, int index, double fromFaceMm, Segment line) {}

    /** The tiers along slanted faces that are seen, with their lines on paper. */
    public static List<PlacedSlanted> alongFaces(LaidView view, PaperFrame frame) {
        return seen(view).isEmpty()
                ? List.of()
                : slanted(view, frame).stream()
                        .map(s -> new PlacedSlanted(
                                s.tier, s.index, s.fromFaceMm, new Segment(s.stops.getFirst(), s.stops.getLast())))
                        .toList();
    }

    /** The furniture that stands outside the building, in paper mm: figures and witness lines keep off it. */
    static List<Box> furnitureOutside(LaidView view, PaperFrame frame, List<SideTiers> sides) {
        if (!view.view().seen().shows(Kind.FURNITURE) || sides.isEmpty()) {
            return List.of();
        }
        var building = sides.getFirst().building();
        return view.storey().geometry().storey().furnishings().stream()
                .map(f -> Picking.footprint(f).bounds())
                .filter(box -> !building.contains(box))
                .map(frame::paper)
                .toList();
    }

    /** A tier along a slanted face, with its stops on its line and its figures, in paper mm. */
    record SlantedPlace(
            SlantedTier tier,
            int index,
            double fromFaceMm,
            List<Point> from,
            List<Point> stops,
            List<RowFigures.Placed> figures) {}

    /** The tiers along slanted faces: as far off and apart as those of the sides, which make room for them. */
    static List<SlantedPlace> slanted(LaidView view, PaperFrame frame) {
        var out = new ArrayList<SlantedPlace>();
        var style = view.look().drafting().dimensions();
        var figures = new RowFigures(Pens.of(view.look(), frame.scale()));
        for (var face : SlantedSides.of(
                view.storey().geometry(), view.shownIn(), view.view().tiers())) {
            for (var i = 0; i < face.size(); i++) {
                var tier = face.get(i);
                var outward = new Point(tier.outward().x(), -tier.outward().y()); // y is down on paper
                var off = Math.max(NEAREST_MM, style.tierMm(i) + view.view().awayMm(tier.along(), i));
                var from = tier.stops().stream().map(frame::paper).toList();
                var stops = from.stream().map(p -> p.plus(outward.times(off))).toList();
                out.add(new SlantedPlace(tier, i, off, from, stops, figures.of(tier.texts(), stops, outward)));
            }
        }
        return out;
    }

    /** What tiers of the sides stay clear of: the building, what is kept clear, and tiers along slanted faces; on paper. */
    public static Box clear(LaidView view, PaperFrame frame, List<SideTiers> sides) {
        var box = frame.paper(occupied(view, sides));
        for (var placed : slanted(view, frame)) {
            box = box.union(Box.around(placed.stops));
            for (var figure : placed.figures) {
                box = box.union(figure.box());
            }
        }
        return box;
    }

    /** What tiers along slanted faces push those of a side outward at most, in paper mm. */
    public static double slantedRoomMm(LaidView view, Side side, double textMm) {
        var style = view.look().drafting().dimensions();
        return SlantedSides.of(
                        view.storey().geometry(), view.shownIn(), view.view().tiers())
                .stream()
                .filter(face -> face.getFirst().outward().dot(side.outward()) > 0)
                .mapToDouble(face -> (style.tierMm(face.size() - 1) + textMm)
                                * face.getFirst().outward().dot(side.outward())
                        + STANDS_OUT_MM)
                .max()
                .orElse(0);
    }

    private static double fromBuildingMm(LaidView view, Side side, int index) {
        return Math.max(
                NEAREST_MM,
                view.look().drafting().dimensions().tierMm(index) + view.view().awayMm(side, index));
    }

    private static double edge(Side side, Box clear, double away) {
        return switch (side) {
            case NORTH -> clear.minY() - away;
            case SOUTH -> clear.maxY() + away;
            case WEST -> clear.minX() - away;
            case EAST -> clear.maxX() + away;
        };
    }

    /** What tiers of the sides take up with all within them, in paper mm. */
    public static Box around(LaidView view, PaperFrame frame, List<SideTiers> sides, double textMm) {
        var box = clear(view, frame, sides);
        var text = textMm + 2 * DimensionArt.TEXT_LIFT_MM;
        for (var placed : of(view, frame, sides)) {
            var side = placed.tier.side();
            var out = side == Side.NORTH || side == Side.WEST ? -text : text;
            box = box.union(upTo(box, side, placed.line + out));
        }
        return box;
    }

    /** What lies within the first tier of each side, in paper mm; up to what is built where a side has none. */
    public static Box before(LaidView view, PaperFrame frame, List<SideTiers> sides) {
        var box = clear(view, frame, sides);
        for (var placed : of(view, frame, sides)) {
            if (placed.index == 0) {
                box = upTo(box, placed.tier.side(), placed.line);
            }
        }
        return box;
    }

    /** A box on paper whose edge on a side lies elsewhere. */
    private static Box upTo(Box box, Side side, double edge) {
        return switch (side) {
            case NORTH -> new Box(box.minX(), edge, box.maxX(), box.maxY());
            case SOUTH -> new Box(box.minX(), box.minY(), box.maxX(), edge);
            case WEST -> new Box(edge, box.minY(), box.maxX(), box.maxY());
            case EAST -> new Box(box.minX(), box.minY(), edge, box.maxY());
        };
    }

    /**
     * Paper room the tiers of one side take, where no hand put one elsewhere: what is put farther must not make the whole plan smaller.
     * A side without tiers leaves room for the figures that stand out at the ends of those beside it.
     */
    public static double usualRoomMm(LaidView view, List<SideTiers> sides, Side on, double textMm) {
        var most = sides.stream()
                .filter(s -> s.side() == on)
                .mapToInt(s -> s.tiers().size())
                .max()
                .orElse(0);
        if (most > 0) {
            return view.look().drafting().dimensions().tierMm(most - 1) + textMm + 2 * DimensionArt.TEXT_LIFT_MM;
        }
        return sides.stream().allMatch(s -> s.tiers().isEmpty()) ? 0 : STANDS_OUT_MM;
    }
}
