package honeylamp.desktop.gesture;

import honeylamp.derive.Snapping;
import honeylamp.derive.Snapping.Caught;
import honeylamp.derive.Snapping.Snap;
import honeylamp.derive.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.AngleReader;
import honeylamp.units.AngleReading;
import honeylamp.units.Length;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Draws walls corner by corner, by clicks and typed lengths. Each wall is an edit of its own; the chain
 * ends by closing, a double click, Enter without a number, or Escape.
 *
 * @param corners of the chain so far
 * @param walls drawn by it so far
 * @param pointer where the next corner would be
 */
public record WallChain(List<Position> corners, List<WallId> walls, Point pointer, Optional<Snap> caught)
        implements Gesture {
    private static final double SPOT_PX = 6;

    /** Freezes the lists. */
    public WallChain {
        corners = List.copyOf(corners);
        walls = List.copyOf(walls);
    }

    /** A chain without a corner yet. */
    public static WallChain begin() {
        return new WallChain(List.of(), List.of(), Point.ORIGIN, Optional.empty());
    }

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(aimed(scene, pointer));
    }

    /** The chain with its next corner under the pointer, caught by what is near. */
    private WallChain aimed(Scene scene, Pointer pointer) {
        var p = pointer.at();
        var catching = !pointer.keys().control();
        if (corners.isEmpty()) {
            var snap = catching ? snap(scene, p) : Optional.<Snap>empty();
            return at(snap.map(Snap::at).orElse(p), snap);
        }
        var last = corners.getLast().point();
        var first = corners.getFirst().point();
        if (catching && corners.size() > 2 && first.distance(p) <= scene.reachMm()) {
            return at(first, Optional.of(new Snap(first, Caught.START, List.of())));
        }
        var free =
                scene.choices().angle() == Choices.Angle.FREE ^ pointer.keys().shift();
        if (free) {
            var snap = catching ? snap(scene, p) : Optional.<Snap>empty();
            return at(snap.map(Snap::at).orElse(p), snap);
        }
        return squared(scene, last, p, catching);
    }

    private WallChain squared(Scene scene, Point last, Point p, boolean catching) {
        var plain = Snapping.square(last, p);
        if (!catching || plain.distance(last) < Wall.SHORTEST_MM) {
            return at(plain, Optional.empty());
        }
        var met = Snapping.onRay(scene.geometry(), last, plain.minus(last).unit(), plain, scene.reachMm());
        if (met.isPresent()) {
            return at(met.get().at(), met);
        }
        var drawn = scene.lines().onRay(last, plain.minus(last).unit(), plain, scene.reachMm());
        if (drawn.isPresent()) {
            return at(drawn.get().at(), drawn);
        }
        var snap = snap(scene, p).or(() -> snap(scene, plain)).filter(s -> !onlyWith(s, last));
        if (snap.isEmpty()) {
            return at(plain, Optional.empty());
        }
        var target = Snapping.square(last, snap.get().at());
        var onAxis = target.distance(snap.get().at()) < 0.5;
        if (onAxis) {
            return at(snap.get().at(), snap);
        }
        return plain.distance(target) <= scene.reachMm()
                ? at(
                        target,
                        Optional.of(new Snap(
                                target,
                                Caught.ALIGNED,
                                List.of(new Segment(snap.get().at(), target)))))
                : at(plain, Optional.empty());
    }

    /** Whether a point is in line with nothing but the corner it comes from, which square walls always are. */
    private static boolean onlyWith(Snap snap, Point last) {
        return snap.caught() == Caught.ALIGNED && snap.guides().stream().allMatch(g -> g.a().distance(last) < 1);
    }

    /** What stands already goes before lines of the picture, and these before being merely in line. */
    private Optional<Snap> snap(Scene scene, Point p) {
        var standing = Snapping.at(
                scene.geometry(), corners.stream().map(Position::point).toList(), p, scene.reachMm());
        return standing.filter(s -> s.caught() != Caught.ALIGNED)
                .or(() -> scene.lines().at(p, scene.reachMm()))
                .or(() -> standing);
    }

    private WallChain at(Point p, Optional<Snap> snap) {
        return new WallChain(corners, walls, p, snap);
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        if (pointer.clicks() > 1 && !corners.isEmpty()) {
            return Step.to(begin());
        }
        var aimed = aimed(scene, pointer);
        return aimed.corners.isEmpty() ? Step.to(aimed.starting()) : aimed.draw(scene, aimed.pointer);
    }

    private WallChain starting() {
        return new WallChain(List.of(Position.of(pointer)), List.of(), pointer, caught);
    }

    /** Draws the next wall to a point; closing on the first corner ends the chain. */
    private Step draw(Scene scene, Point target) {
        var from = corners.getLast();
        var to = near(corners.getFirst(), target) ? corners.getFirst() : Position.of(target);
        if (from.point().distance(to.point()) < Wall.SHORTEST_MM) {
            return Step.to(this);
        }
        var side = body(scene, to.point());
        var added = WallEdits.add(
                scene.plan(), scene.storey(), from, to, side, scene.choices().wallType());
        var drawn = new ArrayList<>(walls);
        drawn.add(added.id());
        var plan = WallEdits.setBody(added.plan(), scene.storey(), drawn, side);
        if (corners.size() > 2 && to.equals(corners.getFirst())) {
            return Step.commit(begin(), plan, "Close walls");
        }
        var more = new ArrayList<>(corners);
        more.add(to);
        return Step.commit(new WallChain(more, drawn, to.point(), Optional.empty()), plan, "Draw wall");
    }

    private static boolean near(Position corner, Point p) {
        return corner.point().distance(p) < 0.5;
    }

    /** The side follows the way the chain turns, so that outer stays outer whichever way one draws. */
    private BodySide body(Scene scene, Point next) {
        var points = new ArrayList<>(corners.stream().map(Position::point).toList());
        points.add(next);
        var area = points.size() < 3 ? 0 : new Ring(points).signedArea();
        return scene.choices().face().body(area >= 0);
    }

    @Override
    public Step entered(Scene scene, List<String> typed) {
        var length = Gesture.field(typed, 0);
        var angle = Gesture.field(typed, 1);
        if (corners.isEmpty() || length.isEmpty() && angle.isEmpty()) {
            return Step.to(begin());
        }
        if (length.isEmpty()) {
            return turned(scene, angle, Optional.empty());
        }
        return switch (Gesture.length(scene, length)) {
            case LengthReading.Good(var typedLength) -> turned(scene, angle, Optional.of(typedLength));
            case LengthReading.Bad(var sentence) -> Step.complain(this, sentence);
        };
    }

    /** Draws a wall at a typed angle, or the way the pointer shows; as long as typed, or up to the pointer. */
    private Step turned(Scene scene, String angle, Optional<Length> length) {
        var last = corners.getLast().point();
        var way = pointer.minus(last);
        if (!angle.isEmpty()) {
            return switch (AngleReader.read(angle)) {
                case AngleReading.Bad(var sentence) -> Step.complain(this, sentence);
                case AngleReading.Good(var deg) -> along(scene, Point.direction(deg), length);
            };
        }
        return way.length() > 0
                ? along(scene, way.unit(), length)
                : Step.complain(this, "Move the pointer to show the direction, or type an angle too.");
    }

    private Step along(Scene scene, Point unit, Optional<Length> length) {
        var last = corners.getLast().point();
        var mm = length.map(Length::mm).orElse(pointer.minus(last).length());
        return draw(scene, last.plus(unit.times(mm)));
    }

    @Override
    public Step key(Scene scene, Key key) {
        return key == Key.CLOSE && corners.size() > 2
                ? draw(scene, corners.getFirst().point())
                : Step.to(this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !corners.isEmpty();
    }

    @Override
    public Readout readout(Scene scene) {
        var word = caught.map(s -> s.caught().word()).orElse("");
        if (corners.isEmpty()) {
            return new Readout(List.of(), word, "Click the first corner.");
        }
        var way = pointer.minus(corners.getLast().point());
        var length = LengthText.shown(Length.ofMm(way.length()), scene.units());
        var angle = way.length() > 0 ? "%.1f\u00b0".formatted(way.angleDeg()) : "";
        var hint = corners.size() > 2
                ? "Click or type the next corner; C closes, Esc ends."
                : "Click, or type a length. Shift frees the angle.";
        return new Readout(
                List.of(new Readout.Field("Length", length), new Readout.Field("Angle", angle, Readout.Kind.ANGLE)),
                word,
                hint);
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        var out = new ArrayList<Mark>();
        if (scene.geometry().storey().walls().isEmpty()) {
            out.addAll(Sketches.origin(scene.frame(), scene.penMm()));
        }
        if (!corners.isEmpty() && pointer.distance(corners.getLast().point()) >= Wall.SHORTEST_MM) {
            var wall = new Wall(
                    new WallId(Integer.MAX_VALUE),
                    corners.getLast(),
                    Position.of(pointer),
                    body(scene, pointer),
                    scene.choices().wallType(),
                    scene.geometry().storey().height());
            out.addAll(Sketches.walls(
                    scene.frame(), alone(scene.plan(), scene.geometry().storey(), wall), scene.penMm()));
        }
        caught.ifPresent(snap -> {
            snap.guides().forEach(g -> out.add(Sketches.line(scene.frame(), g, scene.penMm(), true)));
            out.add(Sketches.spot(scene.frame(), snap.at(), SPOT_PX * scene.penMm(), scene.penMm()));
        });
        if (!corners.isEmpty()) {
            out.addAll(Sketches.handle(scene.frame(), corners.getFirst().point(), 3.5 * scene.penMm(), scene.penMm()));
        }
        return out;
    }

    private static StoreyGeometry alone(Plan plan, Storey storey, Wall wall) {
        return StoreyGeometry.of(
                plan,
                Storey.empty(storey.id(), "", storey.level(), storey.height()).withWalls(List.of(wall)));
    }
}
