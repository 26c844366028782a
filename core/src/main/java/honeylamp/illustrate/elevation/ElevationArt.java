package honeylamp.illustrate.elevation;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SideView.From;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.listing.WallElevation.Before;
import honeylamp.derive.listing.WallElevation.Covered;
import honeylamp.derive.listing.WallElevation.Hole;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.RoundedParts;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.DrawnByHand;
import honeylamp.illustrate.pen.Fading;
import honeylamp.illustrate.pen.PaperRoom;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stand;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import honeylamp.takeoff.JointsThrough;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Draws a wall from the front: what covers it, openings, what stands before it, the floor and ceiling cut, dimensions. */
public final class ElevationArt {
    /** Room for rows of dimensions: two at the left and below, one at the right. */
    public static final PaperRoom ROOM = new PaperRoom(20, 12, 1, 20);

    private static final double FIRST_ROW_PAPER_MM = 8;
    private static final double NEXT_ROW_PAPER_MM = 7;

    /** On smaller pictures than this there is no room for the lengths of parts. */
    private static final double FINEST_SCALE = 125;

    /** The floor and the walls beside are cut so far, in mm. */
    private static final double CUT_MM = 120;

    private static final double FRAME_MM = 60;
    private static final double LAYER_LIGHTER = 0.35;

    /** Joints of a floor are shown so deep. */
    private static final double JOINT_MM = 35;

    private static final double SAME_MM = 1;

    /** A piece turned by less against the wall is seen straight from one of its sides. */
    private static final double SQUARE_DEG = 8;

    /** How dark shadows are at full strength. */
    private static final double SHADOW = 0.42;

    private static final double MOST_SHADOW_MM = 450;
    private static final double MOST_REVEAL_MM = 120;

    /** Whether a wall is the first or the last of those side by side, and whether one sees it from outside. */
    private record Lies(boolean first, boolean last, boolean outside) {}

    private final LaidView view;
    private final WallElevation wall;
    private final Lies lies;
    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;
    private final FloorArt finishes;
    private final FurnitureArt furniture;

    private ElevationArt(LaidView view, WallElevation wall, Lies lies, PaperFrame frame, Lamp lamp) {
        this.view = view;
        this.wall = wall;
        this.lies = lies;
        this.frame = frame;
        this.lamp = lamp;
        this.pens = Pens.of(view.look(), frame.scale());
        this.finishes = new FloorArt(frame, pens, view.look().textureStrength());
        this.furniture = new FurnitureArt(frame, pens, lamp, new Remembered());
    }

    /** The picture of walls from the front; nothing if they are gone. */
    public static Drawing of(LaidView view, View.Subject.Front subject, PaperFrame frame, Lamp lamp) {
        var walls = WallElevation.all(view.storey(), subject);
        var each = new ArrayList<ElevationArt>();
        var from = 0.0;
        for (var i = 0; i < walls.size(); i++) {
            var there = new PaperFrame(frame.scale(), frame.originX() + from / frame.scale(), frame.originY());
            var lies = new Lies(i == 0, i == walls.size() - 1, subject instanceof View.Subject.OuterFace);
            each.add(new ElevationArt(view, walls.get(i), lies, there, lamp));
            from += walls.get(i).lengthMm();
        }
        return drawing(view, each, frame, lamp).with(differing(view, subject, each));
    }

    /** What differs from the arrangement the view is marked against; nothing where walls came or went. */
    private static Drawing differing(LaidView view, View.Subject.Front subject, List<ElevationArt> walls) {
        var others = view.against()
                .map(other -> WallElevation.all(other.storey(), subject))
                .filter(all -> all.size() == walls.size())
                .orElse(List.of());
        var marks = IntStream.range(0, others.size())
                .mapToObj(i -> new SchemeMarksInFront(
                                walls.get(i).frame,
                                walls.get(i).pens,
                                view.view().seen())
                        .of(walls.get(i).wall, others.get(i)))
                .flatMap(List::stream)
                .toList();
        return new Drawing(marks.isEmpty() ? List.of() : List.of(Layer.of(LayerKind.OVERHEAD, marks)));
    }

    /** What walls from the front take up, from the left end of the first and up from the floor, in mm. */
    public static Optional<Box> extentMm(LaidView view, View.Subject.Front subject) {
        var walls = WallElevation.all(view.storey(), subject);
        var along = walls.stream().mapToDouble(WallElevation::lengthMm).sum();
        return walls.stream()
                .map(w -> new Box(-CUT_MM, -CUT_MM - w.floorMm(), along + CUT_MM, w.heightMm() + CUT_MM))
                .reduce(Box::union);
    }

    private static Drawing drawing(LaidView view, List<ElevationArt> walls, PaperFrame frame, Lamp lamp) {
        var layers = new ArrayList<Layer>();
        var look = view.look();
        add(layers, view, frame, LayerKind.FLOOR, Kind.FINISHES, all(walls, ElevationArt::covered));
        add(layers, view, frame, LayerKind.OPENINGS, Kind.OPENINGS, all(walls, ElevationArt::openings));
        if (lamp == Lamp.LIT && look.castShadow() > 0) {
            var shade = all(walls, ElevationArt::shade);
            if (!shade.isEmpty()) {
                layers.add(new Layer(LayerKind.SHADE, Blend.MULTIPLY, shade));
            }
        }
        add(layers, view, frame, LayerKind.TOPS, Kind.FURNITURE, all(walls, ElevationArt::pieces));
        add(layers, view, frame, LayerKind.POCHE, Kind.WALLS, all(walls, ElevationArt::cut));
        add(layers, view, frame, LayerKind.DIMENSIONS, Kind.DIMENSIONS, all(walls, ElevationArt::dimensions));
        return new Drawing(layers);
    }

    private static List<Mark> all(List<ElevationArt> walls, Function<ElevationArt, List<Mark>> of) {
        return walls.stream().flatMap(w -> of.apply(w).stream()).toList();
    }

    private static void add(
            List<Layer> layers, LaidView view, PaperFrame frame, LayerKind layer, Kind kind, List<Mark> marks) {
        var showing = view.view().seen();
        if (!marks.isEmpty() && showing.shows(kind)) {
            var isDrawn = layer != LayerKind.FLOOR && layer != LayerKind.DIMENSIONS;
            var drawn = isDrawn
                    ? DrawnByHand.of(marks, view.look().drafting().unsteadyMm(), DrawnByHand.Lines.ONCE, frame)
                    : marks;
            var paper = Pens.of(view.look(), frame.scale()).colour(Role.PAPER);
            layers.add(Layer.of(layer, showing.of(kind) == Showing.Degree.FADED ? Fading.of(drawn, paper) : drawn));
        }
    }

    /**
     * Shadows as drawings of walls have them: light falls from the upper left and from before at 45 degrees, so that what
     * stands out by so much throws a shadow as far to the right and down.
     */
    private List<Mark> shade() {
        var out = new ArrayList<Mark>();
        var face = Figure.ring(new Box(0, 0, wall.lengthMm(), wall.heightMm()).ring());
        if (view.view().seen().shows(Kind.FURNITURE)) {
            var parts = new ArrayList<Outline>();
            for (var before : wall.before()) {
                if (!isFlat(before)) {
                    parts.add(Outline.of(
                            thrown(before.box(), before.awayMm(), Math.min(MOST_SHADOW_MM, before.frontMm()))));
                }
            }
            shadow(out, face, parts);
        }
        if (view.view().seen().shows(Kind.OPENINGS)) {
            for (var hole : wall.holes()) {
                var ring = OpeningShape.of(hole.cut().opening().kind(), hole.box());
                var deep = Math.min(MOST_REVEAL_MM, hole.cut().thicknessMm() / 2);
                var lit = Outline.of(ring.through(Affine.move(deep, -deep)));
                shadow(out, Figure.ring(ring), Regions.difference(List.of(Outline.of(ring)), List.of(lit)));
            }
        }
        return out;
    }

    private void shadow(List<Mark> out, Figure within, List<Outline> parts) {
        if (parts.isEmpty()) {
            return;
        }
        var path = Figure.builder();
        Regions.union(parts).forEach(o -> path.path(o.path()));
        var ink = new Ink(pens.colour(Role.SHADOW).argb(), SHADOW * view.look().castShadow());
        out.add(new Mark.Clip(frame.paper(within), List.of(new Mark.Fill(frame.paper(path.build()), ink))));
    }

    /** A box swept to the right and down between two distances. */
    private static Ring thrown(Box box, double from, double to) {
        return new Ring(List.of(
                new Point(box.minX() + from, box.minY() - from),
                new Point(box.minX() + to, box.minY() - to),
                new Point(box.maxX() + to, box.minY() - to),
                new Point(box.maxX() + to, box.maxY() - to),
                new Point(box.maxX() + from, box.maxY() - from),
                new Point(box.minX() + from, box.maxY() - from)));
    }

    private static boolean isFlat(Before before) {
        return Furnishings.of(before.piece())
                .filter(k -> k.stand() == Stand.UNDERFOOT)
                .isPresent();
    }

    /** The wall as bare plaster, and over it what covers it, beginning where its own frame begins. */
    private List<Mark> covered() {
        var out = new ArrayList<Mark>();
        var whole = frame.paper(Figure.ring(new Box(0, 0, wall.lengthMm(), wall.heightMm()).ring()));
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(
                    whole, Ink.of(pens.colour(Role.BARE_FLOOR).lighter(0.03).argb())));
        }
        for (var each : wall.covered()) {
            if (lamp != Lamp.DRAFT) {
                covered(each).ifPresent(out::add);
            }
            if (each.surface().surface() instanceof Surface.Plinth
                    || each.surface().surface() instanceof Surface.Edge) {
                each.surface()
                        .outline()
                        .forEach(o -> out.add(new Mark.Stroke(
                                frame.paper(moved(o, each.fromMm()).path()), pens.trim(), pens.innerInk())));
            }
        }
        return out;
    }

    private Optional<Mark> covered(Covered each) {
        var found = each.surface();
        return found.finish()
                .flatMap(f -> Materials.of(f.material()).map(material -> {
                    var path = Figure.builder();
                    found.outline()
                            .forEach(o -> path.path(moved(o, each.fromMm()).path()));
                    var box = found.outline().stream()
                            .map(o -> moved(o, each.fromMm()).bounds())
                            .reduce(Box::union)
                            .orElse(new Box(0, 0, 1, 1));
                    var start = Position.ofMm(
                            f.start().x().mm() + each.fromMm(), f.start().y().mm());
                    return finishes.floor(
                            path.build(),
                            box,
                            material,
                            f.startingAt(start),
                            found.surface().host().seed());
                }));
    }

    private static Outline moved(Outline outline, double byMm) {
        return outline.through(Affine.move(byMm, 0));
    }

    private List<Mark> openings() {
        var out = new ArrayList<Mark>();
        wall.holes().forEach(h -> opening(out, h));
        return out;
    }

    /** Frame and leaf or panes; a plain opening is a hole with what lies behind left out. */
    private void opening(List<Mark> out, Hole hole) {
        var box = hole.box();
        var kind = hole.cut().opening().kind();
        var path = frame.paper(Figure.ring(OpeningShape.of(kind, box)));
        var isOpen = kind.family() == OpeningKind.Family.PLAIN;
        if (lamp != Lamp.DRAFT) {
            var tone = kind.isWindow() ? pens.colour(Role.CAR_GLASS).lighter(0.24) : pens.colour(Role.PAPER);
            out.add(new Mark.Fill(path, Ink.of((isOpen ? tone.lighter(-0.08) : tone).argb())));
        }
        out.add(new Mark.Stroke(path, pens.cutPost(), pens.ink()));
        if (isOpen) {
            return;
        }
        var inner = new Box(
                box.minX() + FRAME_MM,
                kind.isWindow() ? box.minY() + FRAME_MM : box.minY(),
                Math.max(box.minX() + FRAME_MM + 1, box.maxX() - FRAME_MM),
                Math.max(box.minY() + FRAME_MM + 1, box.maxY() - FRAME_MM));
        out.add(new Mark.Stroke(frame.paper(Figure.ring(OpeningShape.of(kind, inner))), pens.leaf(), pens.ink()));
        if (kind == OpeningKind.ROUND_WINDOW) {
            return;
        }
        if (kind.isWindow()) {
            var sill = new Box(box.minX() - 40, box.minY() - 30, box.maxX() + 40, box.minY());
            out.add(new Mark.Stroke(frame.paper(Figure.ring(sill.ring())), pens.leaf(), pens.ink()));
        } else {
            // the two lines meet at the side of the hinges, as drawings show how a leaf hangs
            var middle = inner.centre().y();
            var hinges = isHungLeft(hole) ? inner.minX() : inner.maxX();
            var handle = isHungLeft(hole) ? inner.maxX() : inner.minX();
            out.add(new Mark.Stroke(
                    frame.paper(Figure.line(
                            new Point(handle, inner.minY()),
                            new Point(hinges, middle),
                            new Point(handle, inner.maxY()))),
                    pens.swing(),
                    pens.swingInk()));
            var knob = new Point(handle + (handle < hinges ? 60 : -60), Math.min(inner.maxY(), box.minY() + 1050));
            out.add(new Mark.Stroke(frame.paper(Figure.circle(knob, 25)), pens.furnitureInner(), pens.ink()));
        }
    }

    /** Whether the hinges are at the left as one sees the wall: the first jamb lies left or right of the second. */
    private static boolean isHungLeft(Hole hole) {
        var opening = hole.cut().opening();
        var isFirst = opening.hand() == Opening.Hand.FIRST;
        return isFirst == hole.firstIsLeft();
    }

    /** What stands before the wall, the nearest to the eye last; what does not stand at right angles to it as plain bodies. */
    private List<Mark> pieces() {
        var out = new ArrayList<Mark>();
        for (var before : wall.before()) {
            if (!isFlat(before)) {
                piece(out, before);
            }
        }
        var face = new Box(0, 0, wall.lengthMm(), wall.heightMm());
        return out.isEmpty() ? out : List.of(new Mark.Clip(frame.paper(Figure.ring(face.ring())), out));
    }

    private void piece(List<Mark> out, Before before) {
        var box = before.box();
        var top = Math.min(box.maxY(), wall.heightMm());
        if (box.width() <= SAME_MM || top - box.minY() <= SAME_MM) {
            return;
        }
        if (From.aslantDeg(before.lookDeg()) <= SQUARE_DEG
                && Furnishings.of(before.piece()).isPresent()) {
            var toPaper = Affine.move(before.middleMm(), box.minY()).then(frame.toPaper());
            out.addAll(furniture.fromSide(before.piece(), From.looking(before.lookDeg()), toPaper));
            return;
        }
        var soft = Math.min(30, Math.min(box.width(), top) / 4);
        var path = frame.paper(Figure.builder()
                .roundedBox(new Box(box.minX(), box.minY(), box.maxX(), top), soft)
                .build());
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(
                    path, Ink.of(pens.colour(Role.PAPER).lighter(-0.03).argb())));
        }
        out.add(new Mark.Stroke(path, pens.furniture(), pens.furnitureInk()));
    }

    /** The floor, the ceiling and the walls on both sides, cut; outside the ground. */
    private List<Mark> cut() {
        var left = lies.first ? -CUT_MM : 0;
        var right = wall.lengthMm() + (lies.last ? CUT_MM : 0);
        var top = wall.heightMm() + CUT_MM;
        var body = lies.outside // the ground alone
                ? Figure.ring(new Box(left, -CUT_MM, right, 0).ring())
                : Figure.builder()
                        .ring(new Box(left, -CUT_MM - wall.floorMm(), right, top).ring())
                        .ring(new Box(0, 0, wall.lengthMm(), wall.heightMm())
                                .ring()
                                .reversed())
                        .build();
        var out = new ArrayList<Mark>();
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(
                    frame.paper(body), Ink.of(pens.colour(Role.POCHE).argb())));
        }
        floor(out);
        joints(out);
        out.add(new Mark.Stroke(
                frame.paper(Figure.ring(new Box(0, 0, wall.lengthMm(), wall.heightMm()).ring())),
                pens.cutWall(),
                pens.ink()));
        return out;
    }

    /** Where joints of the floor come to the wall, so that one sees whether they run through. */
    private void joints(List<Mark> out) {
        var unit = wall.into().left();
        var origin = wall.middle().minus(unit.times(wall.lengthMm() / 2));
        var path = Figure.builder();
        wall.onFloor()
                .ifPresent(floor -> JointsThrough.along(floor, origin, unit, wall.lengthMm())
                        .forEach(
                                at -> path.line(frame.paper(new Point(at, 0)), frame.paper(new Point(at, -JOINT_MM)))));
        out.add(new Mark.Stroke(
                path.build(), pens.trim(), Ink.of(pens.colour(Role.PAPER).argb())));
    }

    /** What the floor is built up of, cut: its covering, and the layers below it in tones that alternate. */
    private void floor(List<Mark> out) {
        var y = 0.0;
        var i = 0;
        for (var layer : wall.floor()) {
            var strip = frame.paper(Figure.ring(new Box(0, y - layer.thickness().mm(), wall.lengthMm(), y).ring()));
            if (lamp != Lamp.DRAFT) {
                out.add(new Mark.Fill(
                        strip,
                        Ink.of(pens.colour(Role.POCHE)
                                .lighter(i % 2 == 0 ? LAYER_LIGHTER : 1.4 * LAYER_LIGHTER)
                                .argb())));
            }
            out.add(new Mark.Stroke(strip, pens.trim(), pens.ink()));
            y -= layer.thickness().mm();
            i++;
        }
    }

    private List<Mark> dimensions() {
        var out = new ArrayList<Mark>();
        var across = stops(
                wall.lengthMm(),
                wall.holes().stream()
                        .flatMap(h -> Stream.of(h.box().minX(), h.box().maxX())));
        rows(out, across, wall.lengthMm(), (at, row) -> {
            var from = frame.paper(new Point(at, -CUT_MM - wall.floorMm()));
            return List.of(from, new Point(from.x(), from.y() + row));
        });
        if (lies.first) {
            var up = stops(
                    wall.heightMm(),
                    wall.holes().stream()
                            .flatMap(h -> Stream.of(h.box().minY(), h.box().maxY())));
            rows(out, up, wall.heightMm(), (at, row) -> {
                var from = frame.paper(new Point(-CUT_MM, at));
                return List.of(from, new Point(from.x() - row, from.y()));
            });
        }
        var courses = courses();
        if (lies.last && courses.size() > 2 && frame.scale() <= FINEST_SCALE) {
            row(out, courses, FIRST_ROW_PAPER_MM, (at, row) -> {
                var from = frame.paper(new Point(wall.lengthMm() + CUT_MM, at));
                return List.of(from, new Point(from.x() + row, from.y()));
            });
        }
        return out;
    }

    /** The heights at which courses of what covers the wall end. */
    private List<Double> courses() {
        return stops(
                wall.heightMm(),
                wall.covered().stream()
                        .filter(c -> (c.surface().surface() instanceof Surface.WallSide
                                        || c.surface().surface() instanceof Surface.OuterSide)
                                && c.surface().finish().isPresent())
                        .flatMap(c -> c.surface().outline().stream())
                        .map(Outline::bounds)
                        .flatMap(b -> Stream.of(b.minY(), b.maxY())));
    }

    /** Where something begins or ends, from 0 to all of it. */
    private static List<Double> stops(double all, Stream<Double> within) {
        var out = new TreeSet<Double>();
        out.add(0.0);
        out.add(all);
        within.filter(at -> at > SAME_MM && at < all - SAME_MM).forEach(at -> {
            if (out.floor(at) == null || at - out.floor(at) > SAME_MM) {
                out.add(at);
            }
        });
        return List.copyOf(out);
    }

    private interface OnRow {
        List<Point> at(double stopMm, double rowPaperMm);
    }

    /** The parts, and outside them the whole, unless there is but one part. */
    private void rows(List<Mark> out, List<Double> stops, double all, OnRow place) {
        if (frame.scale() > FINEST_SCALE) {
            row(out, List.of(0.0, all), FIRST_ROW_PAPER_MM, place);
            return;
        }
        row(out, stops, FIRST_ROW_PAPER_MM, place);
        if (stops.size() > 2) {
            row(out, List.of(0.0, all), FIRST_ROW_PAPER_MM + NEXT_ROW_PAPER_MM, place);
        }
    }

    private void row(List<Mark> out, List<Double> stops, double paperMm, OnRow place) {
        var parts = new ArrayList<Length>();
        for (var i = 0; i + 1 < stops.size(); i++) {
            parts.add(RoundedParts.part(stops.get(i + 1) - stops.get(i)));
        }
        var texts = RoundedParts.of(parts, view.shownIn());
        var places = stops.stream().map(s -> place.at(s, paperMm)).toList();
        var row = new ArrayList<Mark>();
        new DimensionArt(frame, pens)
                .row(
                        row,
                        places.stream().map(List::getFirst).toList(),
                        places.stream().map(List::getLast).toList(),
                        texts);
        row.forEach(m -> out.add(m instanceof Mark.Text figure ? figure.in(pens.figureInk()) : m));
    }
}
