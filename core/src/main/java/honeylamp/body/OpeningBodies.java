package honeylamp.body;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/** Openings in raised walls: reveals, linings, frames, glass, and leaves that stand open. */
final class OpeningBodies {
    /** Leaves stand open so far: a little less than square, so that one sees that they are leaves. */
    private static final double OPEN_DEG = 78;

    /** Sashes beside each other are no wider than this. */
    private static final double SASH_MM = 900;

    private static final double ABOVE_FLOOR_MM = 6;
    private static final double PANE_MM = 8;
    private static final double SLIDES_BEFORE_MM = 12;

    /** A leaf that slides stands so far open. */
    private static final double SLID = 0.62;

    /** Round edges are seen with so much error. */
    private static final double CHORD_MM = 4;

    private static final double LEAST_MM = 0.5;

    private final double floorMm;
    private final double cutMm;
    private final Predicate<Point> leavesIn;
    private final Function<Opening, Optional<Finish>> covered;

    /**
     * Raises openings.
     *
     * @param cutMm so high above it all is cut
     * @param leavesIn where leaves are seen: those that stand open elsewhere are left out
     */
    OpeningBodies(LaidStorey storey, double cutMm, Predicate<Point> leavesIn) {
        this.floorMm = storey.storey().level().mm();
        this.covered = o -> Surfaces.finish(storey.storey(), new Surface.Reveal(o.id()));
        this.cutMm = cutMm;
        this.leavesIn = leavesIn;
    }

    /** The reveals of a hole: part of the wall. */
    Body reveal(OpeningCut cut) {
        var out = new ArrayList<Facet>();
        var shape = shape(cut).simplified(CHORD_MM / 4);
        var middle = shape.bounds().centre();
        var skin = Skin.of(Role.WALL_SIDE)
                .covered(covered.apply(cut.opening()), cut.opening().id().seed());
        var before = 0.0;
        for (var edge : upFirst(shape.counterClockwise().edges().reversed())) {
            var isAbove = edge.a().y() >= cutMm - LEAST_MM && edge.b().y() >= cutMm - LEAST_MM;
            var isFloor = edge.a().y() <= LEAST_MM && edge.b().y() <= LEAST_MM;
            if (!isAbove && !isFloor && edge.length() > LEAST_MM) {
                revealed(out, cut, new Side(edge, before, skin), middle);
            }
            before += edge.length();
        }
        return new Body(Kind.WALLS, Optional.empty(), out);
    }

    /** Sides of a hole, clockwise, as they are laid out for what covers them: from the foot of the first jamb. */
    private static List<Segment> upFirst(List<Segment> clockwise) {
        var first = 0;
        for (var i = 1; i < clockwise.size(); i++) {
            var foot = clockwise.get(i).b();
            var least = clockwise.get(first).b();
            if (foot.y() < least.y() - LEAST_MM || foot.y() <= least.y() + LEAST_MM && foot.x() < least.x()) {
                first = i;
            }
        }
        var out = new ArrayList<>(clockwise.subList(first, clockwise.size()));
        out.addAll(clockwise.subList(0, first));
        return out;
    }

    /**
     * A side of a hole.
     *
     * @param edge counter-clockwise round the hole
     * @param beforeMm what of the sides laid out one after the other lies before it
     */
    private record Side(Segment edge, double beforeMm, Skin skin) {}

    /** One side of a hole; of a level one in a curved wall as many as its arc has chords. */
    private void revealed(List<Facet> out, OpeningCut cut, Side side, Point middle) {
        var edge = side.edge;
        var stops = new ArrayList<Double>();
        var isCurved = cut.host().isCurved() && Math.abs(edge.b().x() - edge.a().x()) > LEAST_MM;
        var many = isCurved ? 1 + cut.middleLine().between(CHORD_MM).size() : 1;
        for (var i = 0; i <= many; i++) {
            stops.add((double) i / many);
        }
        for (var i = 0; i < many; i++) {
            var a = edge.a().towards(edge.b(), stops.get(i));
            var b = edge.a().towards(edge.b(), stops.get(i + 1));
            var atA = on(cut.leftFace(), cut, a);
            var atB = on(cut.leftFace(), cut, b);
            var across = on(cut.rightFace(), cut, a).minus(atA);
            var along = atB.minus(atA);
            var into = SpacePoint.of(cut.leftFace().at(cut.leftFace().length() / 2), floorMm + middle.y());
            var before = side.beforeMm + (1 - stops.get(i + 1)) * edge.length();
            quad(out, atB, along.times(-1), across, into, before, side.skin);
        }
    }

    /** A part of a side of a hole: across the wall, and up the strip in which the sides are laid out. */
    private static void quad(
            List<Facet> out,
            SpacePoint at,
            SpacePoint along,
            SpacePoint across,
            SpacePoint into,
            double beforeMm,
            Skin skin) {
        var v = along.unit();
        var square = across.minus(v.times(across.dot(v)));
        var wide = square.length();
        if (wide < LEAST_MM) {
            return;
        }
        var from = at.minus(v.times(beforeMm));
        var flat = new Flat(from, square.unit(), v);
        var looksIn = flat.before(into) >= 0
                ? flat
                : new Flat(from.plus(square), square.unit().times(-1), v);
        var face = new Box(0, beforeMm, wide, beforeMm + along.length());
        out.add(new Facet(looksIn, Outline.of(face.ring()), skin));
    }

    /** A point of a hole's shape, in mm along the opening and up from the floor, on a face of the wall. */
    private SpacePoint on(Curve face, OpeningCut cut, Point p) {
        var share = face.length() / cut.opening().width().mm();
        return SpacePoint.of(face.at(p.x() * share), floorMm + p.y());
    }

    /** The shape of a hole, cut where the walls are. */
    private static Ring whole(OpeningCut cut) {
        var opening = cut.opening();
        return OpeningShape.of(
                opening.kind(),
                new Box(
                        0,
                        opening.sill().mm(),
                        opening.width().mm(),
                        opening.head().mm()));
    }

    private Ring shape(OpeningCut cut) {
        var whole = whole(cut);
        if (cut.opening().head().mm() <= cutMm) {
            return whole;
        }
        return below(List.of(Outline.of(whole))).stream()
                .map(Outline::shell)
                .findFirst()
                .orElse(whole);
    }

    private List<Outline> below(List<Outline> parts) {
        var all = parts.stream().map(Outline::bounds).reduce(Box::union);
        if (all.isEmpty() || all.get().minY() >= cutMm) {
            return List.of();
        }
        return all.get().maxY() <= cutMm
                ? parts
                : Regions.intersection(
                        parts,
                        List.of(Outline.of(new Box(
                                        all.get().minX() - 1,
                                        all.get().minY() - 1,
                                        all.get().maxX() + 1,
                                        cutMm)
                                .ring())));
    }

    /** What fills a hole: frames, panes and leaves. */
    List<Body> filling(OpeningCut cut) {
        if (cut.opening().sill().mm() >= cutMm) {
            return List.of();
        }
        var facets = new ArrayList<Facet>();
        if (cut.opening().kind().isWindow()) {
            window(facets, cut);
        } else {
            door(facets, cut);
        }
        return facets.isEmpty()
                ? List.of()
                : List.of(new Body(Kind.OPENINGS, Optional.of(cut.opening().id()), facets));
    }

    /** The plane in the middle of a hole: along from its first jamb, up from the floor, looking to the right of the wall. */
    private Flat middle(OpeningCut cut) {
        var chord = cut.middle();
        return Flat.plumb(chord.a(), floorMm, chord.unit());
    }

    private void window(List<Facet> out, OpeningCut cut) {
        var plane = middle(cut).moved(-FrameSizes.WINDOW_DEPTH_MM / 2);
        var whole = List.of(Outline.of(whole(cut).simplified(CHORD_MM / 2)));
        var inner = Regions.inset(whole, FrameSizes.WINDOW_FRAME_MM);
        var box = whole.getFirst().bounds();
        var posts = new ArrayList<Outline>();
        var many = sashes(cut.opening());
        for (var i = 1; i < many; i++) {
            var x = box.minX() + box.width() * i / many;
            posts.add(Outline.of(new Box(
                            x - FrameSizes.WINDOW_FRAME_MM / 2,
                            box.minY() + 1,
                            x + FrameSizes.WINDOW_FRAME_MM / 2,
                            box.maxY() - 1)
                    .ring()));
        }
        var panes = posts.isEmpty() ? inner : Regions.difference(inner, posts);
        framed(out, plane, below(Regions.difference(whole, panes)), FrameSizes.WINDOW_DEPTH_MM);
        for (var pane : below(panes)) {
            out.add(new Facet(
                    plane.moved((FrameSizes.WINDOW_DEPTH_MM + PANE_MM) / 2), Prism.oriented(pane), Skin.glass()));
        }
    }

    private static int sashes(Opening opening) {
        return switch (opening.kind()) {
            case SLIDING_WINDOW -> 2;
            case CASEMENT_WINDOW, CORNER_WINDOW ->
                Math.max(1, (int) Math.ceil(opening.width().mm() / SASH_MM));
            case FIXED_WINDOW, TILT_WINDOW, ROUND_WINDOW -> 1;
            case DOOR,
                    PAIR_DOOR,
                    UNEQUAL_PAIR,
                    SLIDING_DOOR,
                    SLIDING_PAIR,
                    PARTING_DOOR,
                    POCKET_DOOR,
                    FOLDING_DOOR,
                    OUTER_DOOR,
                    GARAGE_DOOR,
                    PLAIN,
                    ARCHED -> 1;
        };
    }

    private void framed(List<Facet> out, Flat plane, List<Outline> parts, double thickMm) {
        for (var part : parts) {
            out.addAll(Prism.of(plane, part, thickMm, Skin.of(Role.FRAME), Skin.of(Role.FRAME)));
        }
    }

    private void door(List<Facet> out, OpeningCut cut) {
        var opening = cut.opening();
        if (opening.kind().family() == OpeningKind.Family.PLAIN) {
            return;
        }
        var lining = LeafSweep.LINING_MM;
        var width = opening.width().mm();
        var head = opening.head().mm();
        if (width > 2 * lining) {
            var whole = Outline.of(new Box(0, 0, width, head).ring());
            var clear = Outline.of(new Box(lining, -1, width - lining, head - lining).ring());
            framed(
                    out,
                    middle(cut).moved(-cut.thicknessMm() / 2 - 1),
                    below(Regions.difference(List.of(whole), List.of(clear))),
                    cut.thicknessMm() + 2);
            var top = Math.min(cutMm, head - lining - ABOVE_FLOOR_MM);
            for (var leaf : leaves(cut)) {
                if (!leavesIn.test(leaf.bounds().centre())) {
                    continue;
                }
                out.addAll(
                        Prism.upright(Outline.of(leaf), floorMm + ABOVE_FLOOR_MM, floorMm + top, Skin.of(Role.FRAME)));
            }
        }
    }

    /** Where leaves stand, in plan mm. */
    private static List<Ring> leaves(OpeningCut cut) {
        var opening = cut.opening();
        if (opening.kind().hasHinges()) {
            var thick = opening.kind() == OpeningKind.OUTER_DOOR ? FrameSizes.OUTER_LEAF_MM : FrameSizes.LEAF_MM;
            return LeafSweep.of(cut).stream().map(leaf -> open(leaf, thick)).toList();
        }
        var frame = OpeningFrame.of(cut);
        var from = LeafSweep.LINING_MM;
        var clear = opening.width().mm() - 2 * from;
        var thick = FrameSizes.LEAF_MM;
        var before = frame.halfMm() + SLIDES_BEFORE_MM;
        return switch (opening.kind()) {
            case SLIDING_DOOR ->
                List.of(frame.strip(from - SLID * clear, from + (1 - SLID) * clear, before, before + thick));
            case PARTING_DOOR ->
                List.of(
                        frame.strip(from - SLID * clear / 2, from + (1 - SLID) * clear / 2, before, before + thick),
                        frame.strip(
                                from + (1 + SLID) * clear / 2,
                                from + clear + SLID * clear / 2,
                                before,
                                before + thick));
            case SLIDING_PAIR ->
                List.of(
                        frame.strip(from, from + clear / 2 + thick, -thick, 0),
                        frame.strip(from + clear / 2 - thick, from + clear, 0, thick));
            case POCKET_DOOR -> List.of(frame.strip(from, from + (1 - SLID) * clear, -thick / 2, thick / 2));
            case FOLDING_DOOR -> folded(frame, from, clear);
            case GARAGE_DOOR -> List.of(frame.strip(from, from + clear, -thick / 2, thick / 2));
            case DOOR,
                    PAIR_DOOR,
                    UNEQUAL_PAIR,
                    OUTER_DOOR,
                    PLAIN,
                    ARCHED,
                    FIXED_WINDOW,
                    CASEMENT_WINDOW,
                    SLIDING_WINDOW,
                    TILT_WINDOW,
                    ROUND_WINDOW,
                    CORNER_WINDOW -> List.of();
        };
    }

    private static Ring open(LeafSweep leaf, double thickMm) {
        var way = Point.direction(leaf.shut().angleDeg() + leaf.sweepDeg() * OPEN_DEG / 90);
        return OpeningFrame.around(leaf.hinge(), leaf.hinge().plus(way.times(leaf.leafMm())), thickMm);
    }

    /** Narrow leaves, half of them each way. */
    private static List<Ring> folded(OpeningFrame frame, double from, double clearMm) {
        var many = FrameSizes.foldingLeaves(clearMm);
        var wide = clearMm / many;
        var out = new ArrayList<Ring>();
        var step = wide * 0.35;
        var deep = Math.sqrt(wide * wide - step * step);
        for (var i = 0; i < many; i++) {
            var a = frame.at(from + i * step, frame.halfMm() + (i % 2 == 0 ? 0 : deep));
            var b = frame.at(from + (i + 1) * step, frame.halfMm() + (i % 2 == 0 ? deep : 0));
            out.add(OpeningFrame.around(a, b, FrameSizes.FOLDING_LEAF_MM));
        }
        return out;
    }
}
