package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.listing.Dissection;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.building.OpeningArt;
import honeylamp.illustrate.fitting.ActivityArt;
import honeylamp.illustrate.fitting.FittingArt;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.ElevationMarks;
import honeylamp.plan.Activity;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Look;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Page;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/** Marks of things picked or under way, in paper mm: what the screen shows above the picture. */
public final class Sketches {
    private static final int GRID_LINES = 4;
    private static final double CHORD_ERROR_MM = 1;
    private static final double ENDLESS_MM = 60_000;
    private static final Ink HONEY = Ink.of(ScreenColours.HONEY.argb());
    private static final Ink WRONG = Ink.of(ScreenColours.BRICK.argb());
    private static final Ink GHOST = Ink.of(ScreenColours.SAGE.argb());
    private static final double GHOST_PEN_MM = 0.18;
    private static final Ink WASH = HONEY.at(0.20);
    /** Shorter gaps have no words beside them. */
    private static final double GAP_WORDS_PX = 90;

    private static final Ink NOTE = Ink.of(ScreenColours.SAGE.argb());

    /** Steps nearer than this on screen are not seen. */
    private static final double LEAST_STEP_PX = 5;

    private Sketches() {}

    /** Walls about to be: bodies in honey, edges clear. */
    public static List<Mark> walls(PaperFrame frame, StoreyGeometry geometry, double penMm) {
        var path = Figure.builder();
        geometry.network().poche().forEach(o -> path.path(frame.paper(o)));
        return filled(path.build(), penMm);
    }

    /** Bodies of walls about to be. */
    public static List<Mark> bodies(PaperFrame frame, List<Outline> bodies, double penMm) {
        var path = Figure.builder();
        bodies.forEach(o -> path.path(frame.paper(o)));
        return filled(path.build(), penMm);
    }

    /** The outlines of picked elements. */
    public static List<Mark> picked(
            PaperFrame frame, StoreyGeometry geometry, Collection<ElementId> ids, double penMm) {
        var out = new ArrayList<Mark>();
        var washed = Figure.builder();
        geometry.storey().elements().all().filter(e -> ids.contains(e.id())).forEach(element -> {
            switch (element) {
                case Wall w -> geometry.pieces(w.id()).forEach(p -> washed.path(frame.paper(Figure.ring(p.body()))));
                case Opening o ->
                    geometry.cutOrClosed(o.id()).ifPresent(c -> washed.path(frame.paper(Figure.ring(c.ring()))));
                case Furnishing f -> washed.path(frame.paper(Figure.ring(Picking.footprint(f))));
                case Structure x -> washed.path(frame.paper(Figure.ring(x.footprint())));
                case SettingOutLine l -> out.add(line(frame, endless(l), 2 * penMm, false));
                case Ground g -> {
                    out.add(new Mark.Stroke(frame.paper(Figure.ring(g.ring())), Pen.butt(2.4 * penMm), HONEY));
                    g.corners().forEach(c -> out.addAll(handle(frame, c.point(), 4.5 * penMm, penMm)));
                }
                case Underlay u -> // its edge only: a wash would hide what is to be traced
                    out.add(new Mark.Stroke(frame.paper(Picking.outline(u)), Pen.butt(2 * penMm), HONEY));
                case RoomMark m ->
                    geometry.rooms().stream()
                            .filter(r -> r.mark().filter(m::equals).isPresent())
                            .forEach(r -> out.addAll(room(frame, r.outline(), penMm)));
                case Dimension _, RoundDimension _, Note _, FreeMark _ -> {} // Captions marks these
                case Region r -> out.addAll(region(frame, geometry, r, penMm));
                case Covering _ -> {} // seen on its surface
                case Fitting i -> out.addAll(fitting(frame, geometry, i, penMm));
                case Activity a -> out.addAll(activity(frame, geometry, a, penMm));
                case Boundary _ -> {} // drawn in its stage, picked or not
            }
        });
        out.addAll(filled(washed.build(), penMm));
        return out;
    }

    /** A ring around the mark of an activity. */
    public static List<Mark> activity(PaperFrame frame, StoreyGeometry geometry, Activity activity, double penMm) {
        return ActivityPlaces.of(geometry.storey(), activity).stream()
                .flatMap(p -> {
                    var box = new ActivityArt(frame, Pens.usual(frame.scale())).box(p);
                    return ringed(box, penMm);
                })
                .toList();
    }

    /** The mark of an activity about to be put in. */
    public static List<Mark> newActivity(PaperFrame frame, StoreyGeometry geometry, Activity activity, double penMm) {
        var out = new ArrayList<>(activity(frame, geometry, activity, penMm));
        ActivityPlaces.of(geometry.storey(), activity)
                .ifPresent(p -> out.addAll(new ActivityArt(frame, Pens.usual(frame.scale())).marks(List.of(p))));
        return out;
    }

    private static Stream<Mark> ringed(Box box, double penMm) {
        var ring = Figure.circle(box.centre(), box.width() / 2 + 2 * penMm);
        return Stream.of(new Mark.Fill(ring, WASH), new Mark.Stroke(ring, Pen.butt(1.5 * penMm), HONEY));
    }

    /** Rings around the symbols of a fitting. */
    public static List<Mark> fitting(PaperFrame frame, StoreyGeometry geometry, Fitting fitting, double penMm) {
        var art = new FittingArt(frame, Pens.usual(frame.scale()));
        return FittingPlaces.of(geometry, fitting).stream()
                .flatMap(p -> ringed(art.box(p), penMm))
                .toList();
    }

    /** A fitting about to be put in: its symbols with rings around them. */
    public static List<Mark> newFitting(PaperFrame frame, StoreyGeometry geometry, Fitting fitting, double penMm) {
        var art = new FittingArt(frame, Pens.usual(frame.scale()));
        var out = new ArrayList<>(fitting(frame, geometry, fitting, penMm));
        out.addAll(art.symbols(FittingPlaces.of(geometry, fitting)));
        return out;
    }

    private static List<Mark> region(PaperFrame frame, StoreyGeometry geometry, Region region, double penMm) {
        var out = new ArrayList<Mark>();
        switch (region.on()) {
            case Region.Level _ -> {
                out.add(new Mark.Stroke(frame.paper(Figure.ring(region.ring())), Pen.butt(2.4 * penMm), HONEY));
                region.corners().forEach(c -> out.addAll(handle(frame, c.point(), 4.5 * penMm, penMm)));
            }
            case Region.Upright _ ->
                RegionPlaces.faces(geometry, region).forEach(f -> out.add(line(frame, f, 4 * penMm, false)));
        }
        return out;
    }

    private static Segment endless(SettingOutLine line) {
        return Segment.through(line.line().middle(), line.line().unit(), ENDLESS_MM);
    }

    /** A room about to be chosen or finished. */
    public static List<Mark> room(PaperFrame frame, Outline outline, double penMm) {
        return List.of(new Mark.Stroke(frame.paper(outline), Pen.butt(3 * penMm), HONEY));
    }

    /** Another storey seen through this one: its walls as a tint, its openings and fixed parts as gaps in them. */
    public static List<Mark> ghost(
            PaperFrame frame, StoreyGeometry geometry, Length across, Length up, double strength) {
        var moved = Affine.move(across.mm(), up.mm());
        var path = Figure.builder();
        geometry.poche().forEach(o -> path.path(frame.paper(o.through(moved))));
        var walls = path.build();
        var parts = Figure.builder();
        geometry.storey()
                .structures()
                .forEach(s -> parts.path(frame.paper(Figure.ring(s.footprint().through(moved)))));
        var fixed = parts.build();
        var out = new ArrayList<Mark>();
        if (!walls.isEmpty()) {
            out.add(new Mark.Fill(walls, GHOST.at(0.55 * strength)));
            out.add(new Mark.Stroke(walls, Pen.butt(GHOST_PEN_MM), GHOST.at(strength)));
        }
        if (!fixed.isEmpty()) {
            out.add(new Mark.Stroke(fixed, Pen.butt(GHOST_PEN_MM).dashed(1.6, 0.9), GHOST.at(strength)));
        }
        return out;
    }

    /** A room taken apart: its parts with the letters by which the working names them. */
    public static List<Mark> dissection(PaperFrame frame, Dissection dissection, double penMm) {
        var out = new ArrayList<Mark>();
        for (var i = 0; i < dissection.parts().size(); i++) {
            var part = dissection.parts().get(i);
            var path = frame.paper(Figure.ring(part.outline()));
            out.add(new Mark.Fill(path, NOTE.at(part.areaMm2() < 0 ? 0.06 : 0.14)));
            out.add(new Mark.Stroke(path, Pen.butt(1.2 * penMm), NOTE));
        }
        for (var i = 0; i < dissection.parts().size(); i++) {
            var box = dissection.parts().get(i).outline().bounds();
            out.addAll(words(frame, box.centre(), Dissection.letter(i), penMm));
        }
        return out;
    }

    private static List<Mark> filled(Figure path, double penMm) {
        return path.isEmpty()
                ? List.of()
                : List.of(new Mark.Fill(path, WASH), new Mark.Stroke(path, Pen.butt(1.5 * penMm), HONEY));
    }

    /** A piece as it will look, with its outline. */
    public static List<Mark> piece(PaperFrame frame, Furnishing piece, double penMm) {
        var art = new FurnitureArt(frame, Pens.usual(frame.scale()), Lamp.COLOUR, new Remembered());
        return piece(frame, art, piece, penMm);
    }

    /** A piece of a storey as it will look, its counter covered as it is there, with its outline. */
    public static List<Mark> piece(PaperFrame frame, Storey storey, Furnishing piece, double penMm) {
        var art = new FurnitureArt(frame, Pens.usual(frame.scale()), Lamp.COLOUR, new Remembered());
        return piece(frame, art.covered(storey, 1), piece, penMm);
    }

    private static List<Mark> piece(PaperFrame frame, FurnitureArt art, Furnishing piece, double penMm) {
        var out = new ArrayList<Mark>();
        for (var level : SymbolShape.Level.values()) {
            out.addAll(art.marks(List.of(piece), level));
        }
        if (Furnishings.of(piece).isEmpty()) {
            return out;
        }
        out.add(new Mark.Stroke(frame.paper(Figure.ring(Picking.footprint(piece))), Pen.butt(1.5 * penMm), HONEY));
        return out;
    }

    /** An opening as it will look: its cut cleared of poché, with leaf or glass. */
    public static List<Mark> opening(Look look, PaperFrame frame, OpeningCut cut, double penMm) {
        var pens = Pens.of(look, frame.scale());
        var ring = frame.paper(Figure.ring(cut.ring()));
        var out = new ArrayList<Mark>();
        out.add(new Mark.Fill(ring, Ink.of(ScreenColours.PAPER.argb())));
        out.addAll(new OpeningArt(frame, pens).all(List.of(cut)));
        out.add(new Mark.Stroke(ring, Pen.butt(1.5 * penMm), HONEY));
        return out;
    }

    /** What meets where it should not, in the colour of what is wrong. */
    public static List<Mark> conflict(PaperFrame frame, List<Outline> parts, double penMm) {
        var path = Figure.builder();
        parts.forEach(o -> path.path(frame.paper(o)));
        var shape = path.build();
        return List.of(new Mark.Fill(shape, WRONG.at(0.35)), new Mark.Stroke(shape, Pen.butt(1.5 * penMm), WRONG));
    }

    /** An opening for which there is no room: crossed out where it was wanted. */
    public static List<Mark> noRoom(PaperFrame frame, OpeningCut cut, double penMm) {
        var crossed = Figure.builder()
                .ring(cut.ring())
                .line(cut.left().a(), cut.right().b())
                .line(cut.right().a(), cut.left().b())
                .build();
        return List.of(new Mark.Stroke(frame.paper(crossed), Pen.butt(1.5 * penMm), WRONG));
    }

    /** A thin line, such as a known length or a guide. */
    public static Mark line(PaperFrame frame, Curve line, double penMm, boolean dashed) {
        var pen = Pen.butt(1.2 * penMm);
        return new Mark.Stroke(
                frame.paper(Figure.line(points(line))), dashed ? pen.dashed(5 * penMm, 4 * penMm) : pen, HONEY);
    }

    /** What is missing between two ends of walls, and how much; the words only where they have room. */
    public static List<Mark> gap(PaperFrame frame, Segment gap, UnitSystem units, double penMm) {
        var out = new ArrayList<Mark>();
        var pen = Pen.butt(1.5 * penMm).dashed(6 * penMm, 4 * penMm);
        out.add(new Mark.Stroke(frame.paper(Figure.line(gap.a(), gap.b())), pen, NOTE));
        var words = "Open, " + LengthText.roundedWithUnit(Length.ofMm(gap.length()), units);
        if (frame.paper(gap.a()).distance(frame.paper(gap.b())) > GAP_WORDS_PX * penMm) {
            out.addAll(words(frame, gap.middle(), words, penMm));
        }
        return out;
    }

    private static Point[] points(Curve line) {
        var out = new ArrayList<Point>();
        out.add(line.a());
        out.addAll(line.between(CHORD_ERROR_MM));
        out.add(line.b());
        return out.toArray(Point[]::new);
    }

    /** Dashed lines across a box in two directions at right angles, to see a turn by. */
    public static List<Mark> grid(PaperFrame frame, Box box, double turnDeg, double penMm) {
        var along = Point.direction(turnDeg);
        var out = new ArrayList<Mark>();
        for (var i = 1; i <= GRID_LINES; i++) {
            var share = (double) i / (GRID_LINES + 1) - 0.5;
            var level = box.centre().plus(along.left().times(share * box.height()));
            var plumb = box.centre().plus(along.times(share * box.width()));
            out.add(line(frame, Segment.through(level, along, box.width() / 2), penMm, true));
            out.add(line(frame, Segment.through(plumb, along.left(), box.height() / 2), penMm, true));
        }
        return out;
    }

    /**
     * Lines at every step of a plan's own measures, counted from its origin, their lengths written along the upper and the left
     * edge.
     *
     * @param box what they lie over, in plan mm
     * @param stepMm in plan mm
     */
    public static List<Mark> scaleGrid(PaperFrame frame, Box box, double stepMm, UnitSystem units, double penMm) {
        var out = new ArrayList<Mark>();
        for (var i = (long) Math.ceil(box.minX() / stepMm); i * stepMm <= box.maxX(); i++) {
            var x = i * stepMm;
            out.add(thin(frame, new Segment(new Point(x, box.minY()), new Point(x, box.maxY())), i, penMm));
            out.addAll(words(frame, new Point(x, box.maxY()), LengthText.rounded(Length.ofMm(x), units), penMm));
        }
        for (var i = (long) Math.ceil(box.minY() / stepMm); i * stepMm <= box.maxY(); i++) {
            var y = i * stepMm;
            out.add(thin(frame, new Segment(new Point(box.minX(), y), new Point(box.maxX(), y)), i, penMm));
            out.addAll(words(frame, new Point(box.minX(), y), LengthText.rounded(Length.ofMm(y), units), penMm));
        }
        return out;
    }

    /** The lines through the origin are a little heavier. */
    private static Mark thin(PaperFrame frame, Segment line, long count, double penMm) {
        var path = Figure.builder()
                .line(frame.paper(line.a()), frame.paper(line.b()))
                .build();
        return new Mark.Stroke(
                path,
                Pen.butt((count == 0 ? 1.2 : 0.6) * penMm),
                Ink.of(ScreenColours.INK.argb()).at(0.28));
    }

    /** The plan's origin: a small cross with a ring, shown while there is nothing else to hold on to. */
    public static List<Mark> origin(PaperFrame frame, double penMm) {
        var o = frame.paper(Point.ORIGIN);
        var arm = 12 * penMm;
        var cross = Figure.builder()
                .line(new Point(o.x() - arm, o.y()), new Point(o.x() + arm, o.y()))
                .line(new Point(o.x(), o.y() - arm), new Point(o.x(), o.y() + arm))
                .path(Figure.circle(o, arm / 2))
                .build();
        return List.of(new Mark.Stroke(
                cross, Pen.butt(1.2 * penMm), Ink.of(ScreenColours.INK.argb()).at(0.45)));
    }

    /** A box to pick by; dashed if it takes all it touches. */
    public static List<Mark> box(PaperFrame frame, Box box, double penMm, boolean dashed) {
        var path = frame.paper(Figure.ring(box.ring()));
        var pen = Pen.butt(1.2 * penMm);
        return List.of(
                new Mark.Fill(path, HONEY.at(0.08)),
                new Mark.Stroke(path, dashed ? pen.dashed(5 * penMm, 4 * penMm) : pen, HONEY));
    }

    /** The frame of something that is picked on the page, in paper mm. */
    public static List<Mark> onPage(Box box, double penMm) {
        return List.of(new Mark.Stroke(Figure.ring(box.ring()), Pen.butt(2 * penMm), HONEY));
    }

    /**
     * The setting-out lines of a page, and its steps while something is dragged, in paper mm.
     *
     * @param isDragged whether steps are seen
     */
    public static List<Mark> pageLines(Page page, boolean isDragged, double penMm) {
        var wide = page.sheet().widthMm();
        var high = page.sheet().heightMm();
        var out = new ArrayList<Mark>();
        var step = page.arrangement().stepMm();
        if (isDragged && step >= LEAST_STEP_PX * penMm) {
            var steps = Figure.builder();
            for (var i = 1; i * step < wide; i++) {
                steps.line(new Point(i * step, 0), new Point(i * step, high));
            }
            for (var i = 1; i * step < high; i++) {
                steps.line(new Point(0, i * step), new Point(wide, i * step));
            }
            out.add(new Mark.Stroke(steps.build(), Pen.butt(0.6 * penMm), NOTE.at(0.3)));
        }
        for (var line : page.arrangement().lines()) {
            var from = line.run() == Arrangement.Run.DOWN ? new Point(line.mm(), 0) : new Point(0, line.mm());
            var to = line.run() == Arrangement.Run.DOWN ? new Point(line.mm(), high) : new Point(wide, line.mm());
            out.add(new Mark.Stroke(Figure.line(from, to), Pen.butt(1.1 * penMm).dashed(14 * penMm, 5 * penMm), NOTE));
        }
        return out;
    }

    /** Lines along which something dragged on a page lies now, in paper mm. */
    public static List<Mark> caughtOnPage(List<Segment> lines, double penMm) {
        return lines.stream()
                .<Mark>map(l -> new Mark.Stroke(Figure.line(l.a(), l.b()), Pen.butt(1.2 * penMm), HONEY))
                .toList();
    }

    /** A setting-out line, endless to both sides, in long dashes. */
    public static List<Mark> settingOut(PaperFrame frame, Segment line, double penMm) {
        var whole = Segment.through(line.middle(), line.unit(), ENDLESS_MM);
        return List.of(new Mark.Stroke(
                frame.paper(Figure.line(whole.a(), whole.b())),
                Pen.butt(1.1 * penMm).dashed(14 * penMm, 5 * penMm),
                NOTE));
    }

    /** A small ring around a point that was caught or can be dragged. */
    public static Mark spot(PaperFrame frame, Point at, double radiusMm, double penMm) {
        return new Mark.Stroke(Figure.circle(frame.paper(at), radiusMm), Pen.butt(1.6 * penMm), HONEY);
    }

    /** A filled handle. */
    public static List<Mark> handle(PaperFrame frame, Point at, double radiusMm, double penMm) {
        var path = Figure.circle(frame.paper(at), radiusMm);
        return List.of(
                new Mark.Fill(path, Ink.of(ScreenColours.PAPER.argb())),
                new Mark.Stroke(path, Pen.butt(1.5 * penMm), HONEY));
    }

    /** A fine cross that leaves the pixel in its middle clear. */
    public static Mark cross(PaperFrame frame, Point at, double armMm, double penMm) {
        var o = frame.paper(at);
        var gap = armMm / 5;
        var path = Figure.builder();
        for (var way : List.of(new Point(1, 0), new Point(-1, 0), new Point(0, 1), new Point(0, -1))) {
            path.line(o.plus(way.times(gap)), o.plus(way.times(armMm)));
        }
        return new Mark.Stroke(path.build(), Pen.butt(0.8 * penMm), HONEY);
    }

    /** Words on a small plate, as large on screen at every zoom. */
    public static List<Mark> words(PaperFrame frame, Point at, String text, double penMm) {
        var cap = 8.5 * penMm;
        var o = frame.paper(at);
        var half = Typeface.MEDIUM.widthMm(text, cap, 0) / 2 + 5 * penMm;
        var plate = Figure.builder()
                .roundedBox(new Box(o.x() - half, o.y() - cap, o.x() + half, o.y() + cap), 4 * penMm)
                .build();
        return List.of(
                new Mark.Fill(plate, Ink.of(ScreenColours.PAPER.argb()).at(0.92)),
                new Mark.Text(
                        text,
                        o.plus(new Point(0, cap / 2)),
                        cap,
                        Typeface.MEDIUM,
                        0,
                        Mark.Align.MIDDLE,
                        0,
                        Ink.of(ScreenColours.INK.argb())));
    }

    /** All notes on a picture. */
    public static List<Mark> pictureNotes(PaperFrame frame, Underlay underlay, double penMm) {
        return underlay.notes().stream()
                .flatMap(n ->
                        pictureNote(
                                frame, n.pointsPx().stream().map(underlay::plan).toList(), n.text(), penMm)
                                .stream())
                .toList();
    }

    /** A note on a picture: a pin at one point or a line through several, with its words. */
    public static List<Mark> pictureNote(PaperFrame frame, List<Point> points, String text, double penMm) {
        var out = new ArrayList<Mark>();
        if (points.size() > 1) {
            var path = Figure.builder();
            for (var i = 1; i < points.size(); i++) {
                path.line(frame.paper(points.get(i - 1)), frame.paper(points.get(i)));
            }
            out.add(new Mark.Stroke(path.build(), Pen.round(2 * penMm), NOTE));
        }
        var at = frame.paper(points.getFirst());
        out.add(new Mark.Fill(Figure.circle(at, 4.5 * penMm), NOTE));
        out.add(new Mark.Fill(Figure.circle(at, 1.8 * penMm), Ink.of(ScreenColours.PAPER.argb())));
        if (!text.isEmpty()) {
            var up = 16 * penMm * frame.scale();
            out.addAll(words(frame, points.getFirst().plus(new Point(0, up)), text, penMm));
        }
        return out;
    }

    /** Whether a place of the plan lies on the number at the beginning of the line of a section. */
    public static boolean isOnNumber(PaperFrame frame, Segment line, Point plan) {
        return ElevationMarks.number(line, frame).contains(frame.paper(plan));
    }
}
