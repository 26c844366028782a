package honeylamp.illustrate.words;

import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.Axes;
import honeylamp.derive.tiers.Axes.Axis;
import honeylamp.derive.tiers.Axes.Way;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;

/** Draws the axes of a building beyond its tiers: numbers above the plan, letters to its left, each in a ring. */
public final class AxisArt {
    private static final double RADIUS_MM = 3.6;
    private static final double AIR_MM = 2;
    private static final double PAST_MM = 3;
    private static final double LONG_MM = 7;
    private static final double GAP_MM = 1.2;

    /** Nearer to the building no ring stands. */
    public static final double LEAST_MM = 8;

    /** The paper that rings take beyond the tiers. */
    public static final double ROOM_MM = 2 * RADIUS_MM + AIR_MM;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;

    public AxisArt(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
    }

    /** Whether a view has its axes drawn: all of a plan only, not a part of it. */
    public static boolean isSeen(LaidView view) {
        return view.view().annotation().axes() == Annotation.Axes.DRAWN
                && view.view().seen().shows(Kind.DIMENSIONS)
                && view.crop().isEmpty();
    }

    /** The lines of all axes within the building, in plan mm: labels keep off them. */
    static List<Segment> lines(LaidView view) {
        var sides = TierPlaces.all(view);
        if (sides.isEmpty()) {
            return List.of();
        }
        var box = sides.getFirst().building();
        return Axes.of(view.plan()).stream().map(a -> within(a, box)).toList();
    }

    private static Segment within(Axis axis, Box box) {
        return axis.way() == Way.UP
                ? new Segment(new Point(axis.atMm(), box.minY()), new Point(axis.atMm(), box.maxY()))
                : new Segment(new Point(box.minX(), axis.atMm()), new Point(box.maxX(), axis.atMm()));
    }

    /**
     * All axes; where they are too near to each other for their rings, the rings stand out by turns.
     *
     * @param words what no axis crosses, in paper mm
     */
    public List<Mark> marks(List<Box> words) {
        var sides = TierPlaces.all(view);
        var out = new ArrayList<Mark>();
        if (sides.isEmpty()) {
            return out;
        }
        var clear = TierPlaces.clear(view, frame, sides);
        var occupied =
                Box.around(clear.ring().corners().stream().map(frame::plan).toList());
        var seen = TierPlaces.seen(view);
        var tiers = seen.isEmpty() ? clear : TierPlaces.around(view, frame, seen, pens.cap(TextRole.DIMENSION));
        var lines = Figure.builder();
        var taken = new ArrayList<Box>();
        for (var axis : Axes.of(view.plan())) {
            var onPaper = within(axis, occupied);
            var a = frame.paper(onPaper.a());
            var b = frame.paper(onPaper.b());
            // rings stand above the plan and left of it
            var from = axis.way() == Way.UP ? b : a;
            var to = axis.way() == Way.UP ? a : b;
            var away = from.minus(to).unit();
            var room = axis.way() == Way.UP ? clear.minY() - tiers.minY() : clear.minX() - tiers.minX();
            var beyond = Math.max(LEAST_MM, room + AIR_MM);
            var centre = free(from.plus(away.times(beyond + RADIUS_MM)), away, taken);
            taken.add(ring(centre));
            var line = new Segment(to.minus(away.times(PAST_MM)), centre.minus(away.times(RADIUS_MM)));
            DimensionArt.around(line, words).forEach(part -> lines.line(part.a(), part.b()));
            bubble(out, axis.name(), centre);
        }
        out.addFirst(new Mark.Stroke(lines.build(), pens.dimension().dashed(LONG_MM, GAP_MM), pens.innerInk()));
        return out;
    }

    /** The first place outward where no other ring is. */
    private static Point free(Point centre, Point away, List<Box> taken) {
        var at = centre;
        while (true) {
            var ring = ring(at);
            if (taken.stream().noneMatch(ring::meets)) {
                return at;
            }
            at = at.plus(away.times(2 * RADIUS_MM));
        }
    }

    private static Box ring(Point centre) {
        return new Box(centre.x() - RADIUS_MM, centre.y() - RADIUS_MM, centre.x() + RADIUS_MM, centre.y() + RADIUS_MM);
    }

    private void bubble(List<Mark> out, String name, Point centre) {
        var ring = Figure.circle(centre, RADIUS_MM);
        out.add(new Mark.Fill(ring, pens.ink(Role.PAPER)));
        out.add(new Mark.Stroke(ring, pens.swing(), pens.dimensionInk()));
        var cap = pens.cap(TextRole.DIMENSION);
        out.add(new Mark.Text(
                name,
                centre.plus(new Point(0, cap / 2)),
                cap,
                pens.face(TextRole.DIMENSION, Typeface.MEDIUM),
                0,
                Mark.Align.MIDDLE,
                0,
                pens.ink()));
    }
}
