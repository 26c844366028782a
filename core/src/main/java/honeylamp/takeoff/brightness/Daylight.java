package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.InTheWay;
import honeylamp.derive.lighting.Sight;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.RoomFit.CountsAs;
import java.util.ArrayList;
import java.util.List;

/**
 * The light of an overcast sky in a room, as a share of what falls on open ground: an estimate. Straight from the sky through
 * each window, which is seen past walls and tall pieces; and everywhere in the room what its surfaces give back of it. Nothing
 * stands before the windows; doors are shut to it.
 *
 * <p>The sky is three times as bright overhead as at the horizon: L = Lz (1 + 2 sin γ) / 3, which is 7π/9 Lz on open ground.
 *
 * @see "ISO 15469:2004, the CIE standard overcast sky; R. G. Hopkinson, J. Longmore, P. Petherbridge, An empirical formula for
 *     the computation of the indirect component of daylight factor, Trans. Illum. Eng. Soc. 19, 1954 (split flux)"
 */
final class Daylight {
    /** What double glazing lets through, less the bars and frames of a window, less dirt. */
    private static final double LET_THROUGH = 0.68 * 0.8 * 0.9;

    /** Of the split flux: what an open sky sends up from the ground, and down, in hundredths. */
    private static final double FROM_SKY = 0.39;

    private static final double FROM_GROUND = 0.05;

    /** Windows are parted into cells no larger. */
    private static final double CELL_MM = 250;

    private static final double REACH_MM = 20_000;
    private static final double BESIDE_MM = 60;
    private static final double INSIDE_MM = 20;

    /** The mean of a room is taken over points so far apart. */
    private static final double MEAN_STEP_MM = 200;

    private static final double MM2_PER_M2 = 1e6;

    private final Room room;
    private final List<Pane> panes;
    private final double back;

    private Daylight(Room room, List<Pane> panes, double back) {
        this.room = room;
        this.panes = List.copyOf(panes);
        this.back = back;
    }

    /**
     * A window in the face of its wall.
     *
     * @param into the room, of length one
     */
    record Pane(Segment foot, Point into, double sillMm, double headMm, Sight sight) {
        private double areaMm2() {
            return foot.length() * (headMm - sillMm);
        }

        /** The share of open ground's light that falls straight on a level place. */
        double share(Point at, double heightMm) {
            if (at.minus(foot.a()).dot(into) <= 0 || headMm <= heightMm) {
                return 0;
            }
            var seen = sight.share(at, heightMm, 0);
            if (seen == 0) {
                return 0;
            }
            var wide = (int) Math.ceil(foot.length() / CELL_MM);
            var bottom = Math.max(sillMm, heightMm);
            var high = (int) Math.ceil((headMm - bottom) / CELL_MM);
            var cell = foot.length() / wide * (headMm - bottom) / high;
            var sum = 0.0;
            for (var i = 0; i < wide; i++) {
                var before = at.minus(foot.at((i + 0.5) * foot.length() / wide));
                for (var k = 0; k < high; k++) {
                    var up = bottom + (k + 0.5) * (headMm - bottom) / high - heightMm;
                    var far2 = before.dot(before) + up * up;
                    var far = Math.sqrt(far2);
                    var rise = up / far;
                    sum += (1 + 2 * rise) / 3 * rise * cell * (before.dot(into) / far) / far2;
                }
            }
            return seen * sum / (7 * Math.PI / 9);
        }
    }

    /**
     * The daylight of a room with surfaces that give back so much.
     *
     * @param way what stands in its way on the storey, found once for all rooms
     */
    static Daylight of(StoreyGeometry geometry, InTheWay way, Room room, Reflectances surfaces) {
        var panes = new ArrayList<Pane>();
        for (var cut : geometry.cuts()) {
            if (cut.opening().kind().isWindow()) {
                var left = face(geometry, room, cut.leftFace(), cut.rightFace());
                var right = face(geometry, room, cut.rightFace(), cut.leftFace());
                if (left) {
                    panes.add(pane(cut, cut.leftFace(), room, way));
                } else if (right) {
                    panes.add(pane(cut, cut.rightFace(), room, way));
                }
            }
        }
        return new Daylight(room, panes, back(geometry, room, panes, surfaces));
    }

    /** Whether a face looks into a room, and the other one out of the house. */
    private static boolean face(StoreyGeometry geometry, Room room, Curve face, Curve other) {
        var chord = new Segment(face.a(), face.b());
        var across =
                other.at(other.length() / 2).minus(face.at(face.length() / 2)).unit();
        var inside = chord.middle().minus(across.times(BESIDE_MM));
        var outside = other.at(other.length() / 2).plus(across.times(BESIDE_MM));
        return room.outline().contains(inside)
                && geometry.roomAt(outside)
                        .filter(r -> r.counts() != CountsAs.OUTDOOR)
                        .isEmpty();
    }

    private static Pane pane(OpeningCut cut, Curve face, Room room, InTheWay way) {
        var foot = new Segment(face.a(), face.b());
        var left = foot.unit().left();
        var into = room.outline().contains(foot.middle().plus(left.times(BESIDE_MM))) ? left : left.times(-1);
        var opening = cut.opening();
        var middle = (opening.sill().mm() + opening.head().mm()) / 2;
        return new Pane(
                foot,
                into,
                opening.sill().mm(),
                opening.head().mm(),
                Sight.of(foot.middle().plus(into.times(INSIDE_MM)), middle, REACH_MM, way));
    }

    /** W (C R of floor and lower walls + 5 R of ceiling and upper walls) / A (1 − R). */
    private static double back(StoreyGeometry geometry, Room room, List<Pane> panes, Reflectances surfaces) {
        var height = geometry.storey().levels().height().mm();
        var floor = room.areaMm2() / MM2_PER_M2;
        var walls = room.perimeterMm() * height / MM2_PER_M2;
        var all = 2 * floor + walls;
        var mean = (floor * (surfaces.floor() + surfaces.ceiling()) + walls * surfaces.walls()) / all;
        var below = (floor * surfaces.floor() + walls / 2 * surfaces.walls()) / (floor + walls / 2);
        var above = (floor * surfaces.ceiling() + walls / 2 * surfaces.walls()) / (floor + walls / 2);
        var glass = panes.stream().mapToDouble(Pane::areaMm2).sum() / MM2_PER_M2;
        return LET_THROUGH * glass * (FROM_SKY * below + FROM_GROUND * above) / (all * (1 - mean));
    }

    /** The share of open ground's light on what lies level at a place so high. */
    double share(Point at, double heightMm) {
        return LET_THROUGH
                        * panes.stream().mapToDouble(p -> p.share(at, heightMm)).sum()
                + back;
    }

    /** The mean share in the room at a height; 0 where there is no window. */
    double mean(double heightMm) {
        if (panes.isEmpty()) {
            return 0;
        }
        var box = room.outline().bounds();
        var sum = 0.0;
        var n = 0;
        for (var x = box.minX() + MEAN_STEP_MM / 2; x < box.maxX(); x += MEAN_STEP_MM) {
            for (var y = box.minY() + MEAN_STEP_MM / 2; y < box.maxY(); y += MEAN_STEP_MM) {
                var at = new Point(x, y);
                if (room.outline().contains(at)) {
                    sum += share(at, heightMm);
                    n++;
                }
            }
        }
        return n == 0 ? 0 : sum / n;
    }
}
