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
import honeylamp.edit.DrawnFace;
import honeylamp.edit.WallEdits;
import honeylamp.edit.WallsAround;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Draws walls corner by corner, by clicks and typed lengths. Each wall is an edit of its own; the chain
 * ends by closing, a double click, Enter without a number, or Escape.
 *
 * @param corners of the chain so far
 * @param walls drawn by it so far
 * @param faces which line of each was drawn
 * @param before the plans each wall was drawn into
 * @param house on which side of the way the rooms are
 * @param aim where the next corner would be
 */
public record WallChain(
        List<Position> corners, List<WallId> walls, List<DrawnFace> faces, List<Plan> before, House house, Catch aim)
        implements Gesture {
    private static final Ask<Ask.Reach> LENGTH = Ask.reach("Length");
    private static final Ask<Double> ANGLE = Ask.angle("Angle");

    /** On which side of the way walls are drawn in the rooms are. */
    public enum House {
        /** Where the chain turns to; until it turns, towards the middle of what is shown. */
        TURNED_TO,
        LEFT,
        RIGHT
    }

    private static final double STRAIGHT_MM2 = 1; // a chain that turns less has shown no side

    public WallChain {
        corners = List.copyOf(corners);
        walls = List.copyOf(walls);
        faces = List.copyOf(faces);
        before = List.copyOf(before);
    }

    /** A chain without a corner yet. */
    public static WallChain begin() {
        return new WallChain(List.of(), List.of(), List.of(), List.of(), House.TURNED_TO, Catch.none());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    /** The chain with its next corner under the pointer, caught by what is near. */
    private WallChain aimed(Surroundings scene, Pointer pointer) {
        var p = pointer.at();
        var catching = !pointer.keys().control();
        if (corners.isEmpty()) {
            return with(aim.moved(scene, pointer, List.of()));
        }
        var last = corners.getLast().point();
        var first = corners.getFirst().point();
        if (catching && corners.size() > 2 && first.distance(p) <= scene.reachMm()) {
            return with(Catch.of(Snap.of(first, Caught.START), pointer));
        }
        var free =
                scene.choices().angle() == Choices.Angle.FREE ^ pointer.keys().shift();
        return free ? with(aim.moved(scene, pointer, points())) : squared(scene, last, pointer);
    }

    private List<Point> points() {
        return corners.stream().map(Position::point).toList();
    }

    private WallChain squared(Surroundings scene, Point last, Pointer pointer) {
        var p = pointer.at();
        var plain = Snapping.square(last, p);
        if (pointer.keys().control() || plain.distance(last) < Wall.SHORTEST_MM) {
            return with(Catch.plain(pointer).meaning(plain));
        }
        var unit = plain.minus(last).unit();
        var met = Snapping.onRay(scene.laid(), last, unit, plain, scene.reachMm())
                .or(() -> scene.lines().onRay(last, unit, plain, scene.reachMm()));
        if (met.isPresent() && aim.turn() == 0) {
            return with(Catch.of(met.get(), pointer));
        }
        var direct = aim.moved(scene, pointer, points());
        var found = direct.snap()
                .filter(s -> !onlyWith(s, last))
                .map(_ -> direct)
                .orElseGet(() -> aim.moved(scene, new Pointer(plain, 1, pointer.keys()), points()));
        var snap = found.snap().filter(s -> !onlyWith(s, last));
        if (snap.isEmpty()) {
            return with(Catch.plain(pointer).meaning(plain));
        }
        var target = Snapping.square(last, snap.get().at());
        if (target.distance(snap.get().at()) < 0.5) {
            return with(found);
        }
        return plain.distance(target) <= scene.reachMm()
                ? with(Catch.of(
                        new Snap(
                                target,
                                Caught.ALIGNED,
                                List.of(new Segment(snap.get().at(), target))),
                        pointer))
                : with(Catch.plain(pointer).meaning(plain));
    }

    /** Whether a point is in line with nothing but the corner it comes from, which square walls always are. */
    private static boolean onlyWith(Snap snap, Point last) {
        return snap.caught() == Caught.ALIGNED && snap.guides().stream().allMatch(g -> g.a().distance(last) < 1);
    }

    private WallChain with(Catch other) {
        return new WallChain(corners, walls, faces, before, house, other);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        if (pointer.clicks() > 1 && !corners.isEmpty()) {
            return Reply.to(begin());
        }
        var aimed = aimed(scene, pointer);
        return aimed.corners.isEmpty()
                ? Reply.to(new WallChain(
                        List.of(Position.of(aimed.aim.at())),
                        List.of(),
                        List.of(),
                        List.of(),
                        House.TURNED_TO,
                        aimed.aim))
                : aimed.draw(scene, aimed.aim.at());
    }

    /** Draws the next wall to a point; closing on the first corner ends the chain. */
    private Reply draw(Surroundings scene, Point target) {
        var from = corners.getLast();
        var to = near(corners.getFirst(), target) ? corners.getFirst() : Position.of(target);
        if (from.point().distance(to.point()) < Wall.SHORTEST_MM) {
            return Reply.to(this);
        }
        var longer = drawn(scene, to);
        if (longer.plan.equals(scene.plan()) && longer.shared) {
            return Reply.to(longer.chain).withNews("A wall stands there already; it is shared.");
        }
        return corners.size() > 2 && to.equals(corners.getFirst())
                ? Reply.commit(begin(), longer.plan, "Close walls")
                : Reply.commit(longer.chain, longer.plan, "Draw wall");
    }

    private record Longer(WallChain chain, Plan plan, boolean shared) {}

    private Longer drawn(Surroundings scene, Position to) {
        return drawn(scene, scene.plan(), to);
    }

    private Longer drawn(Surroundings scene, Plan plan, Position to) {
        var turn = hasHouseOnTheLeft(scene, to.point());
        var storey = scene.storey();
        var face = scene.choices().face();
        var leg = WallsAround.leg(
                        plan,
                        storey,
                        corners.getLast(),
                        to,
                        face.body(turn),
                        scene.choices().wallType())
                .orThrow();
        var now = WallEdits.setWorksOfAdded(
                plan, leg.plan(), storey, scene.choices().works());
        for (var i = 0; i < walls.size(); i++) { // outer stays outer when the chain shows which way it turns
            now = WallEdits.setBody(
                    now, storey, List.of(walls.get(i)), faces.get(i).body(turn));
        }
        var chain = new WallChain(
                plus(corners, to),
                leg.own().map(id -> plus(walls, id)).orElse(walls), // a shared wall stays on its own side
                leg.own().map(_ -> plus(faces, face)).orElse(faces),
                plus(before, scene.plan()),
                house,
                Catch.plain(Pointer.at(to.point())));
        return new Longer(chain, now, leg.shared());
    }

    private static <T> List<T> plus(List<T> list, T more) {
        var out = new ArrayList<>(list);
        out.add(more);
        return out;
    }

    private static boolean near(Position corner, Point p) {
        return corner.point().distance(p) < 0.5;
    }

    private boolean hasHouseOnTheLeft(Surroundings scene, Point next) {
        return switch (house) {
            case LEFT -> true;
            case RIGHT -> false;
            case TURNED_TO -> {
                var points = new ArrayList<>(points());
                points.add(next);
                var turn = points.size() > 2 ? new Ring(points).signedArea() : 0;
                var first = corners.getFirst().point();
                yield Math.abs(turn) > STRAIGHT_MM2
                        ? turn > 0
                        : next.minus(first).cross(scene.middle().minus(first)) >= 0;
            }
        };
    }

    /** The chain with the rooms on the other side, and its walls with it. */
    private Reply otherSide(Surroundings scene) {
        if (corners.isEmpty()) {
            return Reply.to(this);
        }
        var other = hasHouseOnTheLeft(scene, aim.at()) ? House.RIGHT : House.LEFT;
        var chain = new WallChain(corners, walls, faces, before, other, aim);
        if (walls.isEmpty()) {
            return Reply.to(chain);
        }
        var now = scene.plan();
        for (var i = 0; i < walls.size(); i++) {
            now = WallEdits.setBody(
                    now, scene.storey(), List.of(walls.get(i)), faces.get(i).body(other == House.LEFT));
        }
        return now.equals(scene.plan()) ? Reply.to(chain) : Reply.commit(chain, now, "Change side");
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (corners.isEmpty() || typed.isEmpty()) {
            return Reply.to(begin());
        }
        var angle = typed.of(ANGLE);
        return switch (typed.of(LENGTH).orElse(null)) {
            case null -> turned(scene, angle, Optional.empty());
            case Ask.Reach.Offset(var across, var up) ->
                angle.isPresent()
                        ? Reply.complain(this, Ask.TWO_WAYS)
                        : draw(scene, corners.getLast().moved(across, up).point());
            case Ask.Reach.Along(var length) -> turned(scene, angle, Optional.of(length));
        };
    }

    /** Draws a wall at a typed angle, or the way the pointer shows; as long as typed, or up to the pointer. */
    private Reply turned(Surroundings scene, Optional<Double> angle, Optional<Length> length) {
        if (angle.isPresent()) {
            return along(scene, Point.direction(angle.get()), length);
        }
        var way = aim.at().minus(corners.getLast().point());
        return way.length() > 0
                ? along(scene, way.unit(), length)
                : Reply.complain(this, "Move the pointer to show the direction, or type an angle too.");
    }

    private Reply along(Surroundings scene, Point unit, Optional<Length> length) {
        var last = corners.getLast().point();
        var mm = length.map(Length::mm).orElse(aim.at().minus(last).length());
        return draw(scene, last.plus(unit.times(mm)));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case CLOSE -> corners.size() > 2 ? close(scene) : Reply.to(this);
            case NEXT -> Reply.to(with(aim.passing()).aimed(scene, aim.pointer()));
            case FLIP -> otherSide(scene);
            case TURN, AWAY -> Reply.to(this);
        };
    }

    /** Closes on the first corner; square walls get the corner that is missing to close at right angles. */
    private Reply close(Surroundings scene) {
        var first = corners.getFirst();
        var last = corners.getLast();
        var skew = isApart(first.x(), last.x()) && isApart(first.y(), last.y());
        if (!skew || scene.choices().angle() == Choices.Angle.FREE) {
            return draw(scene, first.point());
        }
        var before = corners.get(corners.size() - 2);
        var level = before.y().equals(last.y());
        var corner = level ? new Position(last.x(), first.y()) : new Position(first.x(), last.y());
        var there = drawn(scene, corner);
        return Reply.commit(begin(), there.chain.drawn(scene, there.plan, first).plan, "Close walls square");
    }

    /** Whether a wall fits between them. */
    private static boolean isApart(Length a, Length b) {
        return Math.abs(a.mm() - b.mm()) >= Wall.SHORTEST_MM;
    }

    /** The chain up to the corner before the wall that was taken back; all of it if that was something else. */
    @Override
    public Optional<Gesture> stepBack(Surroundings scene) {
        for (var at = before.size() - 1; at >= 0; at--) {
            if (before.get(at) == scene.plan()) {
                var storey = scene.geometry().storey();
                var kept = (int)
                        walls.stream().filter(id -> storey.wall(id).isPresent()).count();
                return Optional.of(new WallChain(
                        corners.subList(0, at + 1),
                        walls.subList(0, kept),
                        faces.subList(0, kept),
                        before.subList(0, at),
                        house,
                        aim));
            }
        }
        return corners.size() > 1 ? Optional.of(this) : Optional.empty();
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
    public Readout readout(Surroundings scene) {
        if (corners.isEmpty()) {
            return new Readout(List.of(), aim.word(), "Click the first corner.").with(scene.wallWords());
        }
        var way = aim.at().minus(corners.getLast().point());
        var length = LengthText.rounded(Length.ofMm(way.length()), scene.units());
        var angle = way.length() > 0 ? Words.of("%.1f\u00b0", way.angleDeg()) : "";
        var hint = corners.size() > 2
                ? "Click or type the next corner; C closes, Esc ends."
                : "Click or type. F other side, Shift free angle.";
        return new Readout(
                        List.of(new Readout.Field(LENGTH, length), new Readout.Field(ANGLE, angle)), aim.word(), hint)
                .with(Stream.of(scene.wallWords(), scene.boards(Length.ofMm(way.length())))
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining("   ")));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (scene.geometry().storey().walls().isEmpty()) {
            out.addAll(Sketches.origin(scene.frame(), scene.penMm()));
        }
        if (!corners.isEmpty() && aim.at().distance(corners.getLast().point()) >= Wall.SHORTEST_MM) {
            out.addAll(LivePlan.marks(scene, drawn(scene, Position.of(aim.at())).plan));
        }
        out.addAll(aim.marks(scene));
        if (!corners.isEmpty()) {
            out.addAll(Sketches.handle(scene.frame(), corners.getFirst().point(), 3.5 * scene.penMm(), scene.penMm()));
        }
        return out;
    }
}
