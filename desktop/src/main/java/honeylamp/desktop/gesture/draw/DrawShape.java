package honeylamp.desktop.gesture.draw;

import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.LivePlan;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.Shapes;
import honeylamp.edit.WallsAround;
import honeylamp.edit.WallsAround.Edge;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Draws the outline of a room and puts walls around it in one step; walls that stand already are shared.
 *
 * @param points clicked so far
 * @param sides of a regular polygon
 */
@RecordBuilder
public record DrawShape(Kind kind, List<Point> points, int sides, Catch aim) implements Gesture, DrawShapeBuilder.With {
    private static final int FIRST_SIDES = 6;
    private static final int MOST_SIDES = 24;
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> DEPTH = Ask.length("Depth");
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final Ask<Length> RADIUS = Ask.length("Radius");
    private static final Ask<Integer> SIDES =
            Ask.count("Sides", 3, MOST_SIDES, "A polygon has 3 to " + MOST_SIDES + " sides; 3 make a triangle.");

    public enum Kind {
        /** From corner to corner, or by width and depth. */
        RECTANGLE,
        /** Corner by corner. */
        OUTLINE,
        /** From its centre to a corner, or by its radius. */
        POLYGON,
        /** From its centre to its edge, or by its radius. */
        CIRCLE
    }

    public DrawShape {
        points = List.copyOf(points);
    }

    /** Nothing drawn yet. */
    public static DrawShape begin(Kind kind) {
        return new DrawShape(kind, List.of(), FIRST_SIDES, Catch.none());
    }

    private DrawShape afresh() {
        return with(copy -> copy.points(List.of()).aim(Catch.none()));
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private DrawShape aimed(Surroundings scene, Pointer pointer) {
        if (kind != Kind.OUTLINE || points.isEmpty()) {
            return withAim(aim.moved(scene, pointer, List.of()));
        }
        var first = points.getFirst();
        if (points.size() > 2 && first.distance(pointer.at()) <= scene.reachMm()) {
            return withAim(Catch.of(Snap.of(first, Caught.START), pointer));
        }
        var free =
                scene.choices().angle() == Choices.Angle.FREE ^ pointer.keys().shift();
        var caught = aim.moved(scene, pointer, points);
        return free ? withAim(caught) : withAim(caught.meaning(Snapping.square(points.getLast(), caught.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var aimed = aimed(scene, pointer);
        var p = aimed.aim.at();
        if (kind == Kind.OUTLINE) {
            var closing = points.size() > 2 && points.getFirst().distance(p) < 1;
            return closing ? aimed.built(scene, points) : Reply.to(aimed.plus(p));
        }
        if (points.isEmpty()) {
            return Reply.to(aimed.plus(p));
        }
        return aimed.built(scene, p);
    }

    /** Rectangles can be dragged as well as clicked. */
    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        var aimed = aimed(scene, pointer);
        var far = kind != Kind.OUTLINE
                && points.size() == 1
                && points.getFirst().distance(pointer.at()) > 2 * scene.reachMm();
        return far ? aimed.built(scene, aimed.aim.at()) : Reply.to(aimed);
    }

    private DrawShape plus(Point p) {
        if (!points.isEmpty() && points.getLast().distance(p) < 1) {
            return this;
        }
        var more = new ArrayList<>(points);
        more.add(p);
        return withPoints(more);
    }

    private Reply built(Surroundings scene, Point to) {
        var edges = edges(to);
        return edges.isEmpty()
                ? Reply.complain(this, "That has no width; click farther away, or type its size.")
                : built(scene, edges, action());
    }

    private Reply built(Surroundings scene, List<Point> corners) {
        return built(scene, WallsAround.edges(corners.stream().map(Position::of).toList()), "Walls around outline");
    }

    private Reply built(Surroundings scene, List<Edge> edges, String action) {
        var made = plan(scene, edges);
        var reply = Reply.outcome(this, made, afresh(), action, "That cannot be drawn");
        var lost = made.result()
                .map(p -> scene.geometry().storey().openings().size()
                        - p.storey(scene.storey()).openings().size())
                .orElse(0);
        return lost > 0
                ? reply.withNews((lost == 1 ? "1 opening" : lost + " openings")
                        + " went with the walls between the rooms; undo brings them back.")
                : reply;
    }

    private String action() {
        return switch (kind) {
            case RECTANGLE -> "Draw rectangle";
            case OUTLINE -> "Walls around outline";
            case POLYGON -> "Draw polygon";
            case CIRCLE -> "Draw circle";
        };
    }

    private static Outcome<Plan> plan(Surroundings scene, List<Edge> edges) {
        return WallsAround.add(
                scene.plan(),
                scene.geometry(),
                edges,
                scene.choices().face(),
                scene.choices().wallType(),
                scene.choices().works());
    }

    /** The sides of the shape whose second point lies there; none if it has no size. */
    private List<Edge> edges(Point to) {
        var from = points.getFirst();
        return switch (kind) {
            case RECTANGLE -> Shapes.rectangle(from, to);
            case OUTLINE -> Shapes.outline(points, to);
            case POLYGON -> Shapes.polygon(from, to, sides);
            case CIRCLE -> Shapes.circle(from, to);
        };
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (points.isEmpty()) {
            return Reply.to(afresh());
        }
        return switch (kind) {
            case RECTANGLE -> rectangle(scene, typed.of(WIDTH), typed.of(DEPTH));
            case OUTLINE -> outline(scene, typed.of(LENGTH));
            case POLYGON, CIRCLE -> sized(scene, typed.of(RADIUS), typed.of(SIDES));
        };
    }

    /** Typed sizes go the way the pointer shows; a size not typed is the one shown. */
    private Reply rectangle(Surroundings scene, Optional<Length> width, Optional<Length> depth) {
        var way = aim.at().minus(points.getFirst());
        var across = width.map(Length::mm).orElseGet(() -> Math.abs(way.x()));
        var up = depth.map(Length::mm).orElseGet(() -> Math.abs(way.y()));
        return built(scene, Shapes.opposite(points.getFirst(), aim.at(), across, up));
    }

    private Reply outline(Surroundings scene, Optional<Length> length) {
        if (length.isEmpty()) {
            return points.size() > 2
                    ? built(scene, points)
                    : Reply.complain(this, "An outline needs three corners at least.");
        }
        var way = aim.at().minus(points.getLast());
        return way.length() < 1
                ? Reply.complain(this, "Move the pointer to show the direction.")
                : Reply.to(
                        plus(points.getLast().plus(way.unit().times(length.get().mm()))));
    }

    private Reply sized(Surroundings scene, Optional<Length> radius, Optional<Integer> count) {
        var other = count.map(n -> withSides(n)).orElse(this);
        if (radius.isEmpty()) {
            return count.isEmpty() ? other.built(scene, aim.at()) : Reply.to(other);
        }
        var way = aim.at().minus(points.getFirst());
        var unit = way.length() < 1 ? new Point(1, 0) : way.unit();
        return other.built(scene, points.getFirst().plus(unit.times(radius.get().mm())));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case CLOSE -> kind == Kind.OUTLINE && points.size() > 2 ? built(scene, points) : Reply.to(this);
            case NEXT -> Reply.to(withAim(aim.passing()).aimed(scene, aim.pointer()));
            case TURN, FLIP, AWAY -> Reply.to(this);
        };
    }

    @Override
    public Gesture dropped() {
        return afresh();
    }

    @Override
    public boolean underWay() {
        return !points.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (points.isEmpty()) {
            var hint = switch (kind) {
                case RECTANGLE -> "Click the first corner of the room, or drag from corner to corner.";
                case OUTLINE -> "Click the corners of the floor; walls come around it when it closes.";
                case POLYGON, CIRCLE -> "Click the centre.";
            };
            return new Readout(List.of(), aim.word(), hint).with(scene.wallWords());
        }
        var way = aim.at().minus(kind == Kind.OUTLINE ? points.getLast() : points.getFirst());
        var length = new Readout.Field(kind == Kind.OUTLINE ? LENGTH : RADIUS, shown(scene, way.length()));
        var shown = switch (kind) {
            case RECTANGLE ->
                new Readout(
                        List.of(
                                new Readout.Field(WIDTH, shown(scene, Math.abs(way.x()))),
                                new Readout.Field(DEPTH, shown(scene, Math.abs(way.y())))),
                        aim.word(),
                        "Click the opposite corner, or type width and depth.");
            case OUTLINE ->
                new Readout(
                        List.of(length), aim.word(), "Click or type the next corner; C or Enter puts walls around it.");
            case POLYGON ->
                new Readout(
                        List.of(new Readout.Field(SIDES, Integer.toString(sides)), length),
                        aim.word(),
                        "Click a corner, or type sides and radius.");
            case CIRCLE -> new Readout(List.of(length), aim.word(), "Click the edge, or type the radius.");
        };
        return shown.with(scene.wallWords());
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.rounded(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (!points.isEmpty()) {
            var edges = edges(aim.at());
            if (edges.isEmpty()) {
                points.stream()
                        .filter(p -> p.distance(aim.at()) > 1)
                        .forEach(p ->
                                out.add(Sketches.line(scene.frame(), new Segment(p, aim.at()), scene.penMm(), true)));
            } else {
                plan(scene, edges).result().ifPresent(plan -> out.addAll(LivePlan.marks(scene, plan)));
            }
            if (kind == Kind.RECTANGLE) {
                out.addAll(numbers(scene));
            }
        }
        out.addAll(aim.marks(scene));
        return out;
    }

    /** Each number beside the side it rules. */
    private List<Mark> numbers(Surroundings scene) {
        var from = points.getFirst();
        var to = aim.at();
        var way = to.minus(from);
        var out = new ArrayList<Mark>();
        if (Math.abs(way.x()) > 1 && Math.abs(way.y()) > 1) {
            out.addAll(Sketches.words(
                    scene.frame(),
                    new Point((from.x() + to.x()) / 2, from.y()),
                    shown(scene, Math.abs(way.x())),
                    scene.penMm()));
            out.addAll(Sketches.words(
                    scene.frame(),
                    new Point(to.x(), (from.y() + to.y()) / 2),
                    shown(scene, Math.abs(way.y())),
                    scene.penMm()));
        }
        return out;
    }
}
