package honeylamp.takeoff.way;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A storey as one walks it: what one walks on, and the edges of what is in the way. Doors stand open and leave their clear
 * width.
 *
 * @param ground rooms, doorways, balconies, in plan mm
 * @param inTheWay what stands on it
 * @param edges of walls and of what stands there
 * @param doorways the clear passage through each
 */
record WalkedFloor(List<Outline> ground, List<Outline> inTheWay, List<Edge> edges, List<Doorway> doorways) {
    /** So far a doorway reaches out of its wall on both sides, so that it joins the floors there. */
    private static final double JOINING_MM = 30;

    /** What is higher above the floor is walked under. */
    private static final double HEADROOM_MM = 1900;

    /** Flat things are walked on. */
    private static final double FLAT_MM = 40;

    /** A sill so low is stepped over. */
    private static final double THRESHOLD_MM = 60;

    private static final double ON_EDGE_MM = 5;

    /** A balcony reaches so far to the wall it hangs on. */
    private static final double BALCONY_MM = 5;

    /** An edge of something in the way; of a wall if it has no id. */
    record Edge(Segment line, Optional<ElementId> of) {}

    /**
     * A doorway.
     *
     * @param way the passage, from face to face of the wall
     */
    record Doorway(OpeningCut cut, double clearMm, Ring way) {
        /** The two ends of the passage, a little before and behind the wall. */
        List<Point> ends() {
            var middle = cut.middle();
            var away = middle.unit().left().times(cut.thicknessMm() / 2 + 100);
            return List.of(middle.middle().plus(away), middle.middle().minus(away));
        }
    }

    /** A storey with all that stands on it. */
    static WalkedFloor furnished(LaidStorey storey) {
        return of(storey, _ -> true, WalkedFloor::isInTheWay, Double.POSITIVE_INFINITY);
    }

    /**
     * A storey empty of furniture, for something so high that is carried through it.
     *
     * @param highMm doors with a lower head are walls to it
     */
    static WalkedFloor empty(LaidStorey storey, double highMm) {
        return of(storey, door -> door.opening().head().mm() - lintelMm(door) >= highMm, _ -> false, highMm);
    }

    /** What a frame takes of the height of a door. */
    private static double lintelMm(OpeningCut cut) {
        return cut.opening().kind().family() == OpeningKind.Family.PLAIN ? 0 : FrameSizes.LEAF_MM;
    }

    /** A stair is in the way of what is higher than its headroom; other things are carried over it. */
    private static WalkedFloor of(
            LaidStorey storey, Predicate<OpeningCut> open, Predicate<Furnishing> standing, double highMm) {
        var doorways = storey.geometry().cuts().stream()
                .filter(WalkedFloor::isPassed)
                .filter(open)
                .map(WalkedFloor::doorway)
                .toList();
        var all = new Gathered();
        all.rooms(storey.geometry(), doorways);
        storey.fixedParts().blocks().forEach(all::part);
        var isCarriedOver =
                highMm <= storey.plan().brief().minimums().headroom().mm();
        storey.fixedParts().stairs().forEach(stair -> all.stair(stair, isCarriedOver));
        storey.storey().furnishings().stream().filter(standing).forEach(all::piece);
        return new WalkedFloor(List.copyOf(all.ground), List.copyOf(all.inTheWay), List.copyOf(all.edges), doorways);
    }

    /** What is found on a storey. */
    private static final class Gathered {
        private final List<Outline> ground = new ArrayList<>();
        private final List<Outline> inTheWay = new ArrayList<>();
        private final List<Edge> edges = new ArrayList<>();

        void rooms(StoreyGeometry geometry, List<Doorway> doorways) {
            var passed = doorways.stream().map(d -> Outline.of(d.way)).toList();
            geometry.rooms().stream().map(Room::outline).forEach(ground::add);
            ground.addAll(passed);
            Regions.difference(geometry.network().poche(), passed).forEach(w -> edges(w, Optional.empty()));
        }

        void part(Structure part) {
            if (part.form() instanceof Block block) {
                var outline = Outline.of(part.footprint().counterClockwise());
                switch (block.kind()) {
                    case POST, LIFT_SHAFT, CHIMNEY, FIREPLACE, VOID -> block(outline, Optional.of(part.id()));
                    case BALCONY, RAMP -> ground.addAll(Regions.softened(List.of(outline), BALCONY_MM));
                    case GALLERY, BEAM, ROOFLIGHT, OVERHANG, TRAY_CEILING, SLOPING_CEILING, DORMER -> {}
                }
            }
        }

        void stair(FixedParts.Flights stair, boolean isCarriedOver) {
            Optional<ElementId> id = Optional.of(stair.part().id());
            if (isCarriedOver) {
                ground.addAll(stair.steps().outline());
                sides(stair).forEach(s -> edges.add(new Edge(s, id)));
            } else {
                steps(stair).forEach(o -> block(o, id));
            }
        }

        void piece(Furnishing piece) {
            block(Outline.of(Picking.footprint(piece).counterClockwise()), Optional.of(piece.id()));
        }

        private void block(Outline outline, Optional<ElementId> id) {
            inTheWay.add(outline);
            edges(outline, id);
        }

        private void edges(Outline outline, Optional<ElementId> id) {
            outline.rings()
                    .flatMap(r -> r.edges().stream())
                    .filter(e -> e.length() > 0)
                    .forEach(e -> edges.add(new Edge(e, id)));
        }
    }

    private static List<Outline> steps(FixedParts.Flights stair) {
        return switch (stair.seen()) {
            case HEAD -> stair.well();
            case FOOT -> stair.steps().below(HEADROOM_MM);
        };
    }

    /** The edges of a stair without its foot and its head. */
    private static List<Segment> sides(FixedParts.Flights stair) {
        var open = List.of(
                stair.steps().risers().getFirst(), stair.steps().risers().getLast());
        return stair.steps().outline().stream()
                .flatMap(Outline::rings)
                .flatMap(r -> r.edges().stream())
                .flatMap(e -> without(e, open).stream())
                .toList();
    }

    /** What is left of an edge beside those that lie on it. */
    private static List<Segment> without(Segment edge, List<Segment> open) {
        var left = List.of(edge);
        for (var gap : open) {
            left = left.stream().flatMap(e -> without(e, gap).stream()).toList();
        }
        return left;
    }

    private static List<Segment> without(Segment edge, Segment gap) {
        if (edge.length() < ON_EDGE_MM
                || Math.abs(edge.offset(gap.a())) > ON_EDGE_MM
                || Math.abs(edge.offset(gap.b())) > ON_EDGE_MM) {
            return List.of(edge);
        }
        var from = Math.clamp(Math.min(edge.along(gap.a()), edge.along(gap.b())), 0, edge.length());
        var to = Math.clamp(Math.max(edge.along(gap.a()), edge.along(gap.b())), 0, edge.length());
        var out = new ArrayList<Segment>();
        if (from > ON_EDGE_MM) {
            out.add(edge.part(0, from));
        }
        if (to < edge.length() - ON_EDGE_MM) {
            out.add(edge.part(to, edge.length()));
        }
        return out;
    }

    private static boolean isInTheWay(Furnishing piece) {
        return piece.works() != Wall.Works.REMOVED
                && piece.top().mm() > FLAT_MM
                && piece.height().mm() > FLAT_MM
                && piece.bottom().mm() < HEADROOM_MM
                && !Furnishings.givesWay(piece);
    }

    private static boolean isPassed(OpeningCut cut) {
        return !cut.opening().kind().isWindow() && cut.opening().sill().mm() <= THRESHOLD_MM;
    }

    private static Doorway doorway(OpeningCut cut) {
        var sizes = FrameSizes.of(cut.opening());
        var wide = cut.opening().width().mm();
        var clear = Math.min(wide, sizes.clearWidthMm());
        var half = cut.thicknessMm() / 2 + JOINING_MM;
        return new Doorway(cut, clear, OpeningFrame.of(cut).strip((wide - clear) / 2, (wide + clear) / 2, -half, half));
    }
}
