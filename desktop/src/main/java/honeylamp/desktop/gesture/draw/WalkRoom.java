package honeylamp.desktop.gesture.draw;

import honeylamp.derive.pointing.Snapping;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.survey.RoomWalk;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * Walks round a room with readings only: wall after wall with its length, and how far one turns at each
 * corner, the room at the left. Coming back, the closing error is shown and spread.
 *
 * @param corners so far, the first where the walk began
 * @param walls drawn so far
 * @param wayDeg in which direction the next wall goes, counter-clockwise from east
 */
@RecordBuilder
public record WalkRoom(List<Position> corners, List<WallId> walls, double wayDeg)
        implements Gesture, WalkRoomBuilder.With {
    private static final Ask<Ask.Reach> LENGTH = Ask.reach("Length");
    private static final Ask<Double> TURN = Ask.angle("Turn");

    private static final double SQUARE_DEG = 90;

    public WalkRoom {
        corners = List.copyOf(corners);
        walls = List.copyOf(walls);
    }

    /** Not begun. */
    public static WalkRoom begin() {
        return new WalkRoom(List.of(), List.of(), 0);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        if (!walls.isEmpty()) {
            return Reply.to(this);
        }
        var at = Snapping.at(scene.geometry(), List.of(), pointer.at(), scene.reachMm())
                .map(Snapping.Snap::at)
                .orElse(pointer.at());
        return Reply.to(new WalkRoom(List.of(Position.of(at)), List.of(), wayDeg));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (corners.isEmpty()) {
            return new WalkRoom(List.of(Position.ORIGIN), List.of(), wayDeg).entered(scene, typed);
        }
        var way = typed.of(TURN).map(deg -> lastWay() + deg).orElse(wayDeg);
        var last = corners.getLast();
        return switch (typed.of(LENGTH).orElse(null)) {
            case null -> Reply.to(withWayDeg(way));
            case Ask.Reach.Offset(var across, var up) ->
                typed.of(TURN).isPresent() ? Reply.complain(this, Ask.TWO_WAYS) : walked(scene, last.moved(across, up));
            case Ask.Reach.Along(var length) ->
                walked(scene, Position.of(last.point().plus(Point.direction(way).times(length.mm()))));
        };
    }

    private double lastWay() {
        var n = corners.size();
        return n < 2
                ? 0
                : corners.get(n - 1).point().minus(corners.get(n - 2).point()).angleDeg();
    }

    private Reply walked(Surroundings scene, Position to) {
        var from = corners.getLast();
        if (from.point().distance(to.point()) < Wall.SHORTEST_MM) {
            return Reply.complain(this, "A wall needs some length.");
        }
        var added = WallEdits.add(
                        scene.plan(),
                        scene.storey(),
                        from,
                        to,
                        scene.choices().face().body(true),
                        scene.choices().wallType())
                .orThrow();
        var more = new ArrayList<>(corners);
        more.add(to);
        var drawn = new ArrayList<>(walls);
        drawn.add(added.id());
        var walked = new Segment(from.point(), to.point()).unit().angleDeg();
        var plan = WallEdits.setWorks(
                added.plan(),
                scene.storey(),
                List.of(added.id()),
                scene.choices().works());
        return Reply.commit(new WalkRoom(more, drawn, walked + SQUARE_DEG), plan, "Walk wall");
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case TURN -> Reply.to(withWayDeg(wayDeg + SQUARE_DEG));
            case FLIP -> Reply.to(withWayDeg(wayDeg + 2 * SQUARE_DEG));
            case CLOSE -> close(scene);
            case NEXT, AWAY -> Reply.to(this);
        };
    }

    private Reply close(Surroundings scene) {
        if (walls.size() < 3) {
            return Reply.complain(this, "A room needs three walls at least before it can close.");
        }
        return switch (RoomWalk.close(scene.plan(), scene.storey(), corners)) {
            case RoomWalk.Result.Closed(var plan, var words) ->
                Reply.commit(begin(), plan, "Close room").withNews(words);
            case RoomWalk.Result.TooFar(var errorMm, var lengthMm) ->
                Reply.complain(
                        this,
                        "The walk ends " + shown(scene, errorMm) + " from its start after " + shown(scene, lengthMm)
                                + "; that is no closing error. Walk the missing wall, or undo and read again.");
        };
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.roundedWithUnit(Length.ofMm(mm), scene.units());
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
        var way = Words.of("%.0f\u00b0", RoomWalk.turnShown(lastWay(), wayDeg));
        return new Readout(List.of(new Readout.Field(LENGTH, ""), new Readout.Field(TURN, way)), "", hint(scene));
    }

    private String hint(Surroundings scene) {
        if (corners.isEmpty()) {
            return "Click a corner of the room, or type the first wall's length; the room lies at the left.";
        }
        if (walls.size() < 3) {
            return "Next " + RoomWalk.compass(wayDeg) + ". Type its length, or across;up. R turns a quarter left.";
        }
        var error = corners.getLast().point().distance(corners.getFirst().point());
        return "Next " + RoomWalk.compass(wayDeg) + ". " + shown(scene, error) + " to the start; "
                + (RoomWalk.comesBack(corners) ? "C closes and spreads it." : "walk on until you are back.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (corners.isEmpty()) {
            return Sketches.origin(scene.frame(), scene.penMm());
        }
        var from = corners.getLast().point();
        var reach = 60 * scene.penMm() * scene.frame().scale();
        var tip = from.plus(Point.direction(wayDeg).times(reach));
        out.add(Sketches.line(scene.frame(), new Segment(from, tip), 1.5 * scene.penMm(), false));
        for (var side : new int[] {150, -150}) {
            out.add(Sketches.line(
                    scene.frame(),
                    new Segment(tip, tip.plus(Point.direction(wayDeg + side).times(reach / 5))),
                    1.5 * scene.penMm(),
                    false));
        }
        out.addAll(Sketches.handle(scene.frame(), corners.getFirst().point(), 3.5 * scene.penMm(), scene.penMm()));
        if (walls.size() > 1) {
            out.add(Sketches.line(
                    scene.frame(), new Segment(from, corners.getFirst().point()), scene.penMm(), true));
        }
        return out;
    }
}
