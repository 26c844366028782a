package honeylamp.illustrate.elevation;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SideView.From;
import honeylamp.derive.listing.PartBefore;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.listing.WallElevation.Before;
import honeylamp.derive.listing.WallElevation.Covered;
import honeylamp.derive.listing.WallElevation.Hole;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
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
import honeylamp.illustrate.shade.LampLight;
import honeylamp.plan.Annotation;
import honeylamp.plan.Oklch;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stand;
import honeylamp.plan.Surface;
import honeylamp.plan.TileEdge;
import honeylamp.plan.View;
import honeylamp.takeoff.CutNumbers;
import honeylamp.takeoff.CutNumbers.Numbered;
import honeylamp.takeoff.JointsThrough;
import honeylamp.takeoff.TileEdges;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Draws a wall from the front: what covers it, openings, what stands before it, the floor and ceiling cut, dimensions. */
public final class ElevationArt {
    /** Room for rows of dimensions: two at the left and below, one at the right. */
    public static final PaperRoom ROOM = new PaperRoom(20, 12, 1, 20);

    /** The floor and the walls beside are cut so far, in mm. */
    static final double CUT_MM = 120;

    private static final double FRAME_MM = 60;
    private static final double LAYER_LIGHTER = 0.35;

    /** Joints of a floor are shown so deep. */
    private static final double JOINT_MM = 35;

    private static final double LEAST_TRIM_PAPER_MM = 0.12;

    private static final double SAME_MM = 1;

    /** A piece turned by less against the wall is seen straight from one of its sides. */
    private static final double SQUARE_DEG = 8;

    /** What is worked out once for a plan. */
    private enum About {
        NUMBERS
    }

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
        this.furniture = new FurnitureArt(frame, pens, lamp, new Remembered())
                .covered(view.storey().storey(), view.look().textureStrength());
    }

    /** The picture of walls from the front; nothing if they are gone. */
    public static Drawing of(
            LaidView view, View.Subject.Front subject, PaperFrame frame, Lamp lamp, Remembered remembered) {
        var walls = WallElevation.all(view.storey(), subject);
        var isNumbered = view.view().annotation().tiles() == Annotation.Tiles.NUMBERED;
        List<Numbered> numbers = isNumbered
                ? remembered.answerOf(About.NUMBERS, List.of(view.plan()), () -> CutNumbers.of(view.plan()))
                : List.of();
        var each = new ArrayList<ElevationArt>();
        var from = 0.0;
        for (var i = 0; i < walls.size(); i++) {
            var there = new PaperFrame(frame.scale(), frame.originX() + from / frame.scale(), frame.originY());
            var lies = new Lies(i == 0, i == walls.size() - 1, subject instanceof View.Subject.OuterFace);
            each.add(new ElevationArt(view, walls.get(i), lies, there, lamp));
            from += walls.get(i).lengthMm();
        }
        return drawing(view, each, frame, lamp, numbers).with(differing(view, subject, each));
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

    private static Drawing drawing(
            LaidView view, List<ElevationArt> walls, PaperFrame frame, Lamp lamp, List<Numbered> numbers) {
        var layers = new ArrayList<Layer>();
        var look = view.look();
        add(layers, view, frame, LayerKind.FLOOR, Kind.FINISHES, all(walls, ElevationArt::covered));
        add(layers, view, frame, LayerKind.OPENINGS, Kind.OPENINGS, all(walls, ElevationArt::openings));
        if (lamp == Lamp.LIT && look.castShadow() > 0) {
            var shade = all(walls, w -> w.shadow().marks());
            if (!shade.isEmpty()) {
                layers.add(new Layer(LayerKind.SHADE, Blend.MULTIPLY, shade));
            }
        }
        addDrawn(layers, view, frame, LayerKind.TOPS, all(walls, ElevationArt::standing));
        add(layers, view, frame, LayerKind.POCHE, Kind.WALLS, all(walls, ElevationArt::cut));
        if (lamp == Lamp.LIT) {
            view.view()
                    .light()
                    .evening()
                    .filter(_ -> LampLight.isFitted(view.storey().geometry()))
                    .ifPresent(evening -> layers.add(FrontEvening.layer(
                            view,
                            evening,
                            walls.stream()
                                    .map(w -> new FrontEvening.OfWall(w.wall, w.frame, w.notCut(), w.outside()))
                                    .toList())));
        }
        add(
                layers,
                view,
                frame,
                LayerKind.FITTINGS,
                Kind.FITTINGS,
                all(walls, w -> w.fittings().marks(front(view))));
        if (!walls.isEmpty()) {
            var measured = walls.stream()
                    .map(w -> new FrontDimensions.OfWall(w.wall, w.frame, w.measured(), w.heights()))
                    .toList();
            var pens = Pens.of(look, frame.scale());
            add(
                    layers,
                    view,
                    frame,
                    LayerKind.DIMENSIONS,
                    Kind.DIMENSIONS,
                    new FrontDimensions(view, pens, measured).marks());
        }
        add(
                layers,
                view,
                frame,
                LayerKind.DIMENSIONS,
                Kind.DIMENSIONS,
                all(walls, w -> new NumbersInFront(view, w.wall, w.frame, w.pens).of(numbers)));
        return new Drawing(layers);
    }

    private LampLight.Outside outside() {
        return lies.outside ? LampLight.Outside.DUSK : LampLight.Outside.NIGHT;
    }

    private BodiesInFront bodies() {
        return new BodiesInFront(view.storey(), wall, front(view).depth().mm(), frame, pens, lamp);
    }

    private FrontShadow shadow() {
        return new FrontShadow(view, wall, frame, pens);
    }

    private FittingsInFront fittings() {
        return new FittingsInFront(view, wall, frame, pens, lamp);
    }

    private List<Double> heights() {
        return view.view().seen().shows(Kind.FITTINGS) ? fittings().heightsMm(front(view)) : List.of();
    }

    private static View.Subject.Front front(LaidView view) {
        return (View.Subject.Front) view.view().subject();
    }

    private static List<Mark> all(List<ElevationArt> walls, Function<ElevationArt, List<Mark>> of) {
        return walls.stream().flatMap(w -> of.apply(w).stream()).toList();
    }

    private static void add(
            List<Layer> layers, LaidView view, PaperFrame frame, LayerKind layer, Kind kind, List<Mark> marks) {
        var seen = seen(view, frame, kind, marks);
        if (layer == LayerKind.FLOOR || layer == LayerKind.DIMENSIONS) {
            if (!seen.isEmpty()) {
                layers.add(Layer.of(layer, seen));
            }
        } else {
            addDrawn(layers, view, frame, layer, seen);
        }
    }

    private static void addDrawn(
            List<Layer> layers, LaidView view, PaperFrame frame, LayerKind layer, List<Mark> marks) {
        if (!marks.isEmpty()) {
            var unsteady = view.look().drafting().unsteadyMm();
            layers.add(Layer.of(layer, DrawnByHand.of(marks, unsteady, DrawnByHand.Lines.ONCE, frame)));
        }
    }

    /** Marks as far as their kind is shown. */
    private static List<Mark> seen(LaidView view, PaperFrame frame, Kind kind, List<Mark> marks) {
        return switch (view.view().seen().of(kind)) {
            case HIDDEN -> List.of();
            case FADED -> Fading.of(marks, Pens.of(view.look(), frame.scale()).colour(Role.PAPER));
            case SHOWN -> marks;
        };
    }

    static boolean isFlat(Before before) {
        return Furnishings.of(before.piece())
                .filter(k -> k.stand() == Stand.UNDERFOOT)
                .isPresent();
    }

    /** The wall as bare plaster, and over it what covers it, beginning where its own frame begins. */
    private List<Mark> covered() {
        var out = new ArrayList<Mark>();
        var whole = frame.paper(Figure.ring(wall.tops().face()));
        ceiling(out);
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(whole, Ink.of(plaster(pens).argb())));
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
        trims(out);
        shadow().deepRegions((each, _) -> each.surface()
                .outline()
                .forEach(o -> out.add(
                        new Mark.Stroke(frame.paper(moved(o, each.fromMm()).path()), pens.leaf(), pens.ink()))));
        return out;
    }

    /** What nobody painted. */
    static Oklch plaster(Pens pens) {
        return pens.colour(Role.BARE_FLOOR).lighter(0.03);
    }

    /** The ceiling where it rises from the wall, in the tone of plaster in shade, its line at the wall fine. */
    private void ceiling(List<Mark> out) {
        if (wall.tops().ceiling().equals(wall.tops().wall())) {
            return;
        }
        var seen = frame.paper(Figure.ring(notCut()));
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(
                    seen, Ink.of(pens.colour(Role.BARE_FLOOR).lighter(-0.02).argb())));
        }
        var edge = wall.tops().wall().stream().map(frame::paper).toArray(Point[]::new);
        out.add(new Mark.Stroke(Figure.line(edge), pens.trim(), pens.innerInk()));
    }

    /** The wall, and what of the ceiling is higher than it. */
    private Ring notCut() {
        var tops = wall.tops();
        return tops.ceiling().equals(tops.wall())
                ? tops.face()
                : Regions.union(List.of(Outline.of(tops.face()), Outline.of(tops.seen()))).stream()
                        .map(Outline::shell)
                        .max(Comparator.comparingDouble(Ring::area))
                        .orElseGet(tops::face);
    }

    /** Trims along the edges of tiles, if the room has any. */
    private void trims(List<Mark> out) {
        var room = wall.covered().stream()
                .flatMap(c -> c.surface().surface() instanceof Surface.OnWall on ? on.room().stream() : Stream.empty())
                .findFirst()
                .flatMap(id -> view.storey().geometry().rooms().stream()
                        .filter(r ->
                                r.mark().map(RoomMark::id).filter(id::equals).isPresent())
                        .findFirst());
        var edge = room.flatMap(Room::mark).map(m -> m.fit().tileEdge());
        if (edge.filter(e -> e.form() == TileEdge.Form.TRIM).isEmpty()) {
            return;
        }
        var from = new HashMap<Surfaces.Frame, Double>();
        wall.covered().forEach(c -> from.putIfAbsent(c.surface().frame(), c.fromMm()));
        var path = Figure.builder();
        // beside the line of what the tiles end at
        var aside = Math.max(edge.get().width().mm(), frame.planMm(LEAST_TRIM_PAPER_MM)) / 2
                + frame.planMm(pens.cutPost().widthMm() / 2);
        for (var each :
                TileEdges.of(view.storey(), room.get(), room.get().mark().orElseThrow())) {
            Optional.ofNullable(from.get(each.frame()))
                    .map(by -> new Point(by, 0).plus(each.ontoTiles().times(aside)))
                    .map(by -> each.line()
                            .part(-aside, each.line().length() + aside) // so that they meet at corners
                            .moved(by))
                    .ifPresent(line -> path.line(frame.paper(line.a()), frame.paper(line.b())));
        }
        var trims = path.build();
        var width = Math.max(LEAST_TRIM_PAPER_MM, edge.get().width().mm() / frame.scale());
        var tone = Materials.of(edge.get().material())
                .map(m -> m.in(pens.look()).tone())
                .orElseGet(() -> pens.colour(Role.METAL));
        out.add(new Mark.Stroke(trims, Pen.butt(width + 2 * pens.trim().widthMm()), pens.innerInk()));
        out.add(new Mark.Stroke(trims, Pen.butt(width), Ink.of(tone.argb())));
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

    static Outline moved(Outline outline, double byMm) {
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
            var board = frame.paper(Figure.ring(sill.ring()));
            if (lamp != Lamp.DRAFT) {
                out.add(new Mark.Fill(board, pens.ink(Role.FRAME)));
            }
            out.add(new Mark.Stroke(board, pens.leaf(), pens.ink()));
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

    /** So much of what stands before the wall, and how far from it. */
    private record Standing(double awayMm, List<Mark> marks) {}

    /** What stands before the wall, fixed or not, the nearest to the eye last. */
    private List<Mark> standing() {
        var all = new ArrayList<Standing>();
        for (var part : PartBefore.of(view.storey(), wall, front(view))) {
            all.add(new Standing(part.awayMm(), seen(view, frame, Kind.FIXED_PARTS, bodies().fixed(part.id()))));
        }
        for (var before : wall.before()) {
            if (!isFlat(before)) {
                var marks = new ArrayList<Mark>();
                piece(marks, before);
                all.add(new Standing(before.awayMm(), seen(view, frame, Kind.FURNITURE, marks)));
            }
        }
        all.sort(Comparator.comparingDouble(Standing::awayMm));
        var out = all.stream().flatMap(s -> s.marks.stream()).toList();
        return out.isEmpty() ? out : List.of(new Mark.Clip(frame.paper(Figure.ring(notCut())), out));
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
        var body = wall.line().size() == 1 ? bodies().piece(before.piece()) : Optional.<List<Mark>>empty();
        if (body.isPresent()) {
            out.addAll(body.get());
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
                        .ring(notCut().counterClockwise().reversed())
                        .build();
        var out = new ArrayList<Mark>();
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(
                    frame.paper(body), Ink.of(pens.colour(Role.POCHE).argb())));
        }
        floor(out);
        joints(out);
        out.add(new Mark.Stroke(frame.paper(Figure.ring(notCut())), pens.cutWall(), pens.ink()));
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

    /** What of the wall is measured: openings, niches, what is built out. */
    private List<Box> measured() {
        var out = new ArrayList<>(wall.holes().stream().map(Hole::box).toList());
        shadow().deepRegions((each, _) -> each.surface()
                .outline()
                .forEach(o -> out.add(moved(o, each.fromMm()).bounds())));
        return out;
    }
}
