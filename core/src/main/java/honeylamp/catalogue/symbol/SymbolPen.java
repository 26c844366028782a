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
public final class SymbolPen {
    /** Corner softness of hard pieces and of upholstered ones, in mm. */
    public static final double CRISP = 12;

    public static final double SOFT = 45;

    private final List<SymbolShape> parts = new ArrayList<>();
    private final List<Symbol.Solid> solids = new ArrayList<>();
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

    /** Something that throws shade over a rectangle. */
    public void solid(double x0, double y0, double x1, double y1, double heightMm) {
        solid(new Box(x0, y0, x1, y1).ring(), heightMm);
    }

    /** Something that throws shade over a convex footprint. */
    public void solid(Ring footprint, double heightMm) {
        solids.add(new Symbol.Solid(footprint.through(frame).counterClockwise(), heightMm));
    }

    public Symbol symbol() {
        return new Symbol(parts, solids);
    }
}
