package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNodes;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds what a pointer catches: points before lines, lines before what is merely in line with something. */
public final class Snapping {
    /** What is in line with the end of a wall is caught so far beyond it, in mm. */
    private static final double CARRIED_MM = 12_000;

    /** Something caught is kept until another of the same kind is this much nearer, as a share. */
    private static final double CLEARLY_NEARER = 0.6;

    private Snapping() {}

    /** What was caught, the stronger first; the word is shown beside the mark. */
    public enum Caught {
        /** The first corner of the chain being drawn. */
        START("start"),
        /** The end of a wall's drawn line. */
        END("end"),
        /** The corner of a wall's body. */
        CORNER("corner"),
        /** Where an opening begins or ends, at a face or on the line of its wall. */
        JAMB("jamb"),
        /** The middle of an opening, at a face or on the line of its wall. */
        OPENING_CENTRE("centre of the opening"),
        /** The corner of a piece or a fixed part. */
        PIECE_CORNER("corner of the piece"),
        /** The middle of one of its edges. */
        PIECE_EDGE("middle of its edge"),
        /** Where its axes cross. */
        AXIS("axis"),
        /** The middle of a wall's drawn line. */
        MIDDLE("middle"),
        /** The centre of an arc. */
        CENTRE("centre"),
        /** Where two drawn lines cross or meet. */
        CROSSING("crossing"),
        /** Where a line from the last corner meets a wall square. */
        FOOT("foot"),
        /** A point on a wall's drawn line. */
        ALONG("along"),
        /** A point on a wall's face. */
        FACE("face"),
        /** A point on a setting-out line. */
        SETTING_OUT("setting-out line"),
        /** Where two lines of the picture to trace cross or meet. */
        PICTURE_CROSSING("picture crossing"),
        /** A dark line of the picture to trace. */
        PICTURE_LINE("picture line"),
        /** The face of a thick wall in the picture to trace. */
        PICTURE_FACE("picture face"),
        /** Where two lines of the scale grid cross. */
        GRID("grid"),
        /** As long as a wall of the chain. */
        EQUAL("equal length"),
        /** Where a wall would run on beyond its end. */
        CARRIED_ON("carried on"),
        /** Level or plumb with a far point. */
        ALIGNED("in line");

        private final String word;

        Caught(String word) {
            this.word = word;
        }

        /** The word shown. */
        public String word() {
            return word;
        }
    }

    /**
     * A caught point.
     *
     * @param guides lines to the far points or walls it was found by
     */
    public record Snap(Point at, Caught caught, List<Segment> guides) {
        /** A snap without guides. */
        public static Snap of(Point at, Caught caught) {
            return new Snap(at, caught, List.of());
        }
    }

    /**
     * What a point catches within reach.
     *
     * @param more further points to catch as ends: the corners of a chain under way, the last one last
     * @param reachMm in plan mm; the same on screen at every zoom if the caller scales it
     */
    public static Optional<Snap> at(StoreyGeometry geometry, Collection<Point> more, Point p, double reachMm) {
        return all(geometry, List.copyOf(more), p, reachMm).stream().findFirst();
    }

    /** What a point catches that can be measured from: as when drawing, and openings, pieces and fixed parts too. */
    public static Optional<Snap> measured(StoreyGeometry geometry, Collection<Point> more, Point p, double reachMm) {
        var out = new ArrayList<>(all(geometry, List.copyOf(more), p, reachMm));
        MeasuredPoints.near(geometry, p, reachMm).stream()
                .filter(s -> s.at.distance(p) <= reachMm)
                .forEach(out::add);
        out.sort(Comparator.comparing(Snap::caught).thenComparingDouble(s -> s.at.distance(p)));
        return out.stream().findFirst();
    }

    /**
     * Everything a point catches within reach, the strongest first and each place once; what is merely in
     * line comes last. The list is what a key goes round in.
     */
    public static List<Snap> all(StoreyGeometry geometry, List<Point> chain, Point p, double reachMm) {
        var out = new ArrayList<Snap>();
        var near = geometry.piecesNear(p, reachMm);
        points(geometry, near, chain, out);
        lines(geometry, near, chain, p, out);
        equal(chain, p, out);
        carriedOn(geometry, p, reachMm, out);
        aligned(geometry, chain, p, reachMm).ifPresent(out::add);
        out.removeIf(s ->
                s.at.distance(p) > reachMm * Math.sqrt(2) || s.caught != Caught.ALIGNED && s.at.distance(p) > reachMm);
        out.sort(Comparator.comparing(Snap::caught).thenComparingDouble(s -> s.at.distance(p)));
        return eachOnce(out);
    }

    private static List<Snap> eachOnce(List<Snap> sorted) {
        var out = new ArrayList<Snap>();
        for (var snap : sorted) {
            if (out.stream().noneMatch(o -> o.at.distance(snap.at) < WallNodes.SAME_MM)) {
                out.add(snap);
            }
        }
        return List.copyOf(out);
    }

    /**
     * The strongest of what can be caught; what is held is not let go for another of its kind that is hardly
     * nearer, so that the mark does not jump.
     */
    public static Optional<Snap> steady(List<Snap> found, Optional<Snap> held, Point p) {
        if (found.isEmpty()) {
            return Optional.empty();
        }
        var best = found.getFirst();
        return held.flatMap(h -> found.stream()
                        .filter(s -> s.caught == h.caught && s.caught == best.caught && s.at.distance(h.at) < 1e-6)
                        .filter(s -> best.at.distance(p) > CLEARLY_NEARER * s.at.distance(p))
                        .findFirst())
                .or(() -> Optional.of(best));
    }

    private static void points(StoreyGeometry geometry, List<WallPiece> near, List<Point> chain, List<Snap> out) {
        chain.forEach(p -> out.add(Snap.of(p, Caught.END)));
        for (var piece : near) {
            var wall = piece.wall();
            var line = wall.line();
            out.add(Snap.of(line.a(), Caught.END));
            out.add(Snap.of(line.b(), Caught.END));
            out.add(Snap.of(line.middle(), Caught.MIDDLE));
            out.add(Snap.of(piece.line().a(), Caught.CROSSING));
            out.add(Snap.of(piece.line().b(), Caught.CROSSING));
            var c = piece.corners();
            for (var corner : List.of(c.startLeft(), c.startRight(), c.endLeft(), c.endRight())) {
                out.add(Snap.of(corner, Caught.CORNER));
            }
        }
        for (var wall : geometry.storey().walls()) {
            if (wall.isCurved() && wall.line() instanceof Arc arc) {
                out.add(Snap.of(arc.centre(), Caught.CENTRE));
            }
        }
        var setOut = geometry.storey().settingOut();
        for (var i = 0; i < setOut.size(); i++) {
            var line = setOut.get(i).line();
            near.forEach(piece -> onBoth(line, piece.line(), out));
            for (var j = i + 1; j < setOut.size(); j++) {
                line.lineCrossing(setOut.get(j).line()).ifPresent(c -> out.add(Snap.of(c, Caught.CROSSING)));
            }
        }
    }

    private static void onBoth(Segment endless, Curve wall, List<Snap> out) {
        endless.carriedCrossings(wall).stream().filter(wall::holds).forEach(c -> out.add(Snap.of(c, Caught.CROSSING)));
    }

    private static void lines(
            StoreyGeometry geometry, List<WallPiece> near, List<Point> chain, Point p, List<Snap> out) {
        for (var piece : near) {
            out.add(Snap.of(piece.line().nearest(p), Caught.ALONG));
            for (var face : piece.faces()) {
                if (face.length() > 1) { // a point has no direction
                    out.add(Snap.of(face.nearest(p), Caught.FACE));
                    foot(chain, face, out);
                }
            }
            foot(chain, piece.line(), out);
        }
        for (SettingOutLine line : geometry.storey().settingOut()) {
            out.add(Snap.of(line.line().at(line.line().along(p)), Caught.SETTING_OUT));
        }
    }

    private static void foot(List<Point> chain, Curve line, List<Snap> out) {
        if (!chain.isEmpty()) {
            var from = chain.getLast();
            var foot = line.at(line.along(from));
            if (line.holds(foot) && foot.distance(from) > WallNodes.SAME_MM) {
                out.add(new Snap(foot, Caught.FOOT, List.of(new Segment(from, foot))));
            }
        }
    }

    /** A point as far from the last corner as the chain's earlier walls are long. */
    private static void equal(List<Point> chain, Point p, List<Snap> out) {
        if (chain.size() < 2 || chain.getLast().distance(p) < WallNodes.SAME_MM) {
            return;
        }
        var last = chain.getLast();
        var way = p.minus(last).unit();
        for (var i = 0; i + 1 < chain.size(); i++) {
            var earlier = new Segment(chain.get(i), chain.get(i + 1));
            out.add(new Snap(last.plus(way.times(earlier.length())), Caught.EQUAL, List.of(earlier)));
        }
    }

    private static void carriedOn(StoreyGeometry geometry, Point p, double reach, List<Snap> out) {
        for (var wall : geometry.storey().walls()) {
            if (wall.isCurved() || beside(wall, p, reach)) {
                continue;
            }
            var line = wall.chord();
            var along = line.along(p);
            var beyond = along < 0 ? -along : along - line.length();
            if (beyond > reach && beyond < CARRIED_MM) {
                out.add(new Snap(
                        line.at(along),
                        Caught.CARRIED_ON,
                        List.of(new Segment(along < 0 ? line.a() : line.b(), line.at(along)))));
            }
        }
    }

    /** Whether a point lies off a wall's line by more than the reach; without roots, as this is asked often. */
    private static boolean beside(Wall wall, Point p, double reach) {
        var a = wall.from().point();
        var b = wall.to().point();
        var cross = (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
        var squared = (b.x() - a.x()) * (b.x() - a.x()) + (b.y() - a.y()) * (b.y() - a.y());
        return cross * cross > reach * reach * squared;
    }

    /** Level with one far end, plumb with another, or both; of many the nearest to the pointer. */
    private static Optional<Snap> aligned(StoreyGeometry geometry, List<Point> chain, Point p, double reach) {
        var plumb = new InLine(p, reach);
        var level = new InLine(p, reach);
        for (var e : chain) {
            plumb.offer(e, Math.abs(e.x() - p.x()));
            level.offer(e, Math.abs(e.y() - p.y()));
        }
        for (var wall : geometry.storey().walls()) {
            for (var e : List.of(wall.from(), wall.to())) {
                var dx = Math.abs(e.x().mm() - p.x());
                var dy = Math.abs(e.y().mm() - p.y());
                if (dx <= reach) {
                    plumb.offer(e.point(), dx);
                }
                if (dy <= reach) {
                    level.offer(e.point(), dy);
                }
            }
        }
        if (plumb.best.isEmpty() && level.best.isEmpty()) {
            return Optional.empty();
        }
        var at = new Point(
                plumb.best.map(Point::x).orElse(p.x()), level.best.map(Point::y).orElse(p.y()));
        var guides = new ArrayList<Segment>();
        plumb.best.ifPresent(e -> guides.add(new Segment(e, at)));
        level.best.ifPresent(e -> guides.add(new Segment(e, at)));
        return Optional.of(new Snap(at, Caught.ALIGNED, List.copyOf(guides)));
    }

    /** The point least out of line, of several the nearest. */
    private static final class InLine {
        private final Point pointer;
        private Optional<Point> best = Optional.empty();
        private double off;

        InLine(Point pointer, double reach) {
            this.pointer = pointer;
            this.off = reach;
        }

        void offer(Point e, double offBy) {
            if (offBy < off - 1e-9
                    || offBy <= off
                            && best.map(b -> e.distance(pointer) < b.distance(pointer))
                                    .orElse(true)) {
                best = Optional.of(e);
                off = offBy;
            }
        }
    }

    /** Where a ray meets a wall's drawn line near a point; ties go to the wall made first. */
    public static Optional<Snap> onRay(StoreyGeometry geometry, Point origin, Point unit, Point p, double reachMm) {
        var ray = new Segment(origin, origin.plus(unit.times(1e6)));
        return geometry.network().near(p, reachMm).stream()
                .map(WallPiece::wall)
                .distinct()
                .flatMap(w -> ray.crossings(w.line()).stream())
                .filter(c -> c.distance(p) <= reachMm && c.distance(origin) > 1)
                .min(Comparator.comparingDouble(p::distance))
                .map(c -> Snap.of(c, Caught.ALONG));
    }

    /** The point of a ray from {@code origin} in the nearest of the four square directions to {@code p}. */
    public static Point square(Point origin, Point p) {
        var d = p.minus(origin);
        return Math.abs(d.x()) >= Math.abs(d.y()) ? new Point(p.x(), origin.y()) : new Point(origin.x(), p.y());
    }
}
