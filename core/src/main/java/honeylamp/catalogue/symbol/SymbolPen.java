package honeylamp.catalogue.symbol;

import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.catalogue.symbol.SymbolShape.Paint;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;

/** Draws the parts of one symbol; every symbol is drawn with it, so one hand drew them all. */
public class SymbolPen {
    /** Corner softness of hard pieces and of upholstered ones, in mm. */
    public static final double CRISP = 12;

    public static final double SOFT = 45;

    /** Legs and rails throw no shade of their own. */
    private static final double LEAST_SHADE_MM2 = 40_000;

    private static final double LITTLE_HIGHER_MM = 60;
    private static final double SAME_MM = 15;

    private final List<SymbolShape> parts = new ArrayList<>();
    private final List<Symbol.Solid> solids = new ArrayList<>();
    private final List<Symbol.Solid> standing = new ArrayList<>();
    private final List<Symbol.Body> bodies = new ArrayList<>();
    private final List<Symbol.OnFront> fronts = new ArrayList<>();
    private final List<Symbol.Round> rounds = new ArrayList<>();
    private Affine frame = Affine.IDENTITY;
    private Level level = Level.BODY;

    /** Draws what {@code body} draws, moved and turned. */
    public void within(Affine placing, Runnable body) {
        var before = frame;
        frame = placing.then(before);
        body.run();
        frame = before;
    }

    /** Draws what {@code body} draws on another level. */
    public void on(Level other, Runnable body) {
        var before = level;
        level = other;
        body.run();
        level = before;
    }

    /** A filled, outlined rectangle with soft corners. */
    public void box(double x0, double y0, double x1, double y1, double radius, Role tone) {
        shape(boxPath(x0, y0, x1, y1, radius), tone, Edge.OUTLINE, Detail.PLAIN);
    }

    /** A filled rectangle with a fine line around it. */
    public void innerBox(double x0, double y0, double x1, double y1, double radius, Role tone, Detail detail) {
        shape(boxPath(x0, y0, x1, y1, radius), tone, Edge.INNER, detail);
    }

    public static Figure boxPath(double x0, double y0, double x1, double y1, double radius) {
        return Figure.builder()
                .roundedBox(new Box(Math.min(x0, x1), Math.min(y0, y1), Math.max(x0, x1), Math.max(y0, y1)), radius)
                .build();
    }

    /** A filled shape. */
    public void shape(Figure path, Role tone, Edge edge, Detail detail) {
        parts.add(new SymbolShape(path.through(frame), new Paint.Of(tone), edge, level, detail));
    }

    /** A line without fill. */
    public void line(Figure path, Edge edge, Detail detail) {
        parts.add(new SymbolShape(path.through(frame), new Paint.None(), edge, level, detail));
    }

    /** A fine straight line. */
    public void inner(double x0, double y0, double x1, double y1, Detail detail) {
        line(Figure.line(new Point(x0, y0), new Point(x1, y1)), Edge.INNER, detail);
    }

    /** A fine circle, filled. */
    public void circle(double x, double y, double radius, Role tone, Edge edge, Detail detail) {
        shape(Figure.circle(new Point(x, y), radius), tone, edge, detail);
    }

    /** A part with upright sides: a box seen from above and from every side, that throws shade. */
    public void body(double x0, double y0, double x1, double y1, double bottom, double top, double radius, Role role) {
        standing(x0, y0, x1, y1, bottom, top, radius, role);
        box(x0, y0, x1, y1, radius, role);
    }

    /** The same, not drawn from above: what lies below something else, or is drawn there in another way. */
    public void standing(
            double x0, double y0, double x1, double y1, double bottom, double top, double radius, Role role) {
        standing(
                new Box(Math.min(x0, x1), Math.min(y0, y1), Math.max(x0, x1), Math.max(y0, y1)).ring(),
                bottom,
                top,
                radius,
                role);
    }

    /** A part with upright sides over a convex footprint, not drawn from above. */
    public void standing(Ring footprint, double bottom, double top, double radius, Role role) {
        if (top > bottom) {
            bodies.add(new Symbol.Body(footprint.through(frame), bottom, top, radius, role));
            if (level != Level.ABOVE && footprint.through(frame).area() >= LEAST_SHADE_MM2) {
                standing.add(new Symbol.Solid(footprint.through(frame).counterClockwise(), top));
            }
        }
    }

    /** A round part about a point, not drawn from above. */
    public void standingRound(
            double x, double y, double radius, double bottom, double top, double softness, Role role) {
        standing(Figure.circle(new Point(x, y), radius).flattened(4), bottom, top, softness, role);
    }

    /** A part with upright sides over any footprint, seen from its sides; it throws no shade. */
    public void seen(Ring footprint, double bottom, double top, double radius, Role role) {
        if (top > bottom) {
            bodies.add(new Symbol.Body(footprint.through(frame), bottom, top, radius, role));
        }
    }

    /** Shade over a convex footprint, but for what hangs above. */
    public void shading(Ring footprint, double top) {
        if (level != Level.ABOVE && top > 0) {
            solid(footprint, top);
        }
    }

    /** A round part with upright sides. */
    public void drum(double x, double y, double radius, double bottom, double top, Role role) {
        standingRound(x, y, radius, bottom, top, 6, role);
        shape(Figure.circle(new Point(x, y), radius), role, Edge.OUTLINE, Detail.PLAIN);
    }

    /** A filled shape on an upright face that looks to the front, in x and z. */
    public void front(double y, Figure xz, Role role, Edge edge, Detail detail) {
        fronts.add(new Symbol.OnFront(new SymbolShape(moved(xz), new Paint.Of(role), edge, level, detail), moved(y)));
    }

    /** A line on an upright face that looks to the front, in x and z. */
    public void front(double y, Figure xz, Edge edge, Detail detail) {
        fronts.add(new Symbol.OnFront(new SymbolShape(moved(xz), new Paint.None(), edge, level, detail), moved(y)));
    }

    /** A filled shape that looks alike from every side, about a point seen from above, in x from there and z. */
    public void round(double x, double y, Figure xz, Role role) {
        rounds.add(new Symbol.Round(
                new SymbolShape(xz, new Paint.Of(role), Edge.INNER, level, Detail.PLAIN),
                frame.apply(new Point(x, y))));
    }

    private Figure moved(Figure xz) {
        return xz.through(Affine.move(frame.apply(Point.ORIGIN).x(), 0));
    }

    private double moved(double y) {
        return y + frame.apply(Point.ORIGIN).y();
    }

    /** Something that throws shade over a rectangle. */
    public void solid(double x0, double y0, double x1, double y1, double heightMm) {
        solid(new Box(x0, y0, x1, y1).ring(), heightMm);
    }

    /** Something that throws shade over a convex footprint. */
    public void solid(Ring footprint, double heightMm) {
        solids.add(new Symbol.Solid(footprint.through(frame).counterClockwise(), heightMm));
    }

    public Symbol symbol() {
        var all = new ArrayList<>(solids);
        for (var one : standing) {
            if (standing.stream().noneMatch(other -> isLostIn(one, other))) {
                all.add(one);
            }
        }
        return new Symbol(parts, all, bodies, fronts, rounds);
    }

    /** Whether what one throws is, but for a little, within what another throws; of two alike the first is kept. */
    private boolean isLostIn(Symbol.Solid one, Symbol.Solid other) {
        if (one == other || other.heightMm() < one.heightMm() - LITTLE_HIGHER_MM) {
            return false;
        }
        var a = one.footprint().bounds();
        var b = other.footprint().bounds();
        var isWithin = a.minX() >= b.minX() - SAME_MM
                && a.maxX() <= b.maxX() + SAME_MM
                && a.minY() >= b.minY() - SAME_MM
                && a.maxY() <= b.maxY() + SAME_MM;
        var larger = Double.compare(b.width() * b.height(), a.width() * a.height());
        return isWithin && (larger > 0 || larger == 0 && standing.indexOf(other) < standing.indexOf(one));
    }
}
