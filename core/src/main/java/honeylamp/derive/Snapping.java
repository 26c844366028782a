package honeylamp.derive;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds what a pointer catches: ends before middles and crossings, these before faces and alignment. */
public final class Snapping {
    private Snapping() {}

    /** What was caught; the word is shown beside the mark. */
    public enum Caught {
        /** The end of a wall's drawn line. */
        END("end"),
        /** The middle of a wall's drawn line. */
        MIDDLE("middle"),
        /** Where two drawn lines cross or meet. */
        CROSSING("crossing"),
        /** A point on a wall's drawn line. */
        ALONG("along"),
        /** A point on a wall's face. */
        FACE("face"),
        /** Where two lines of the picture to trace cross or meet. */
        PICTURE_CROSSING("picture crossing"),
        /** A dark line of the picture to trace. */
        PICTURE_LINE("picture line"),
        /** The face of a thick wall in the picture to trace. */
        PICTURE_FACE("picture face"),
        /** Level or plumb with a far point. */
        ALIGNED("in line"),
        /** The first corner of the chain being drawn. */
        START("start");

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
     * @param guides lines to far points it is level or plumb with
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
     * @param more further points to catch as ends, such as corners of a chain under way
     * @param reachMm in plan mm; the same on screen at every zoom if the caller scales it
     */
    public static Optional<Snap> at(StoreyGeometry geometry, Collection<Point> more, Point p, double reachMm) {
        var hard = points(geometry, more).stream()
                .filter(s -> s.at.distance(p) <= reachMm)
                .min(Comparator.comparing(Snap::caught).thenComparingDouble(s -> s.at.distance(p)));
        if (hard.isPresent()) {
            return hard;
        }
        var line = lines(geometry, p, reachMm);
        return line.isPresent() ? line : aligned(geometry, more, p, reachMm);
    }

    private static List<Snap> points(StoreyGeometry geometry, Collection<Point> more) {
        var out = new ArrayList<Snap>();
        more.forEach(p -> out.add(Snap.of(p, Caught.END)));
        for (var wall : geometry.storey().walls()) {
            out.add(Snap.of(wall.line().a(), Caught.END));
            out.add(Snap.of(wall.line().b(), Caught.END));
            out.add(Snap.of(wall.line().middle(), Caught.MIDDLE));
        }
        for (var piece : geometry.network().pieces()) {
            out.add(Snap.of(piece.line().a(), Caught.CROSSING));
            out.add(Snap.of(piece.line().b(), Caught.CROSSING));
        }
        return out;
    }

    private static Optional<Snap> lines(StoreyGeometry geometry, Point p, double reach) {
        var out = new ArrayList<Snap>();
        for (var piece : geometry.network().pieces()) {
            out.add(Snap.of(piece.line().nearest(p), Caught.ALONG));
            for (var face : piece.faces()) {
                if (face.length() > 1) { // a point has no direction
                    out.add(Snap.of(face.nearest(p), Caught.FACE));
                }
            }
        }
        return out.stream()
                .filter(s -> s.at.distance(p) <= reach)
                .min(Comparator.comparing(Snap::caught).thenComparingDouble(s -> s.at.distance(p)));
    }

    /** Level with one far end, plumb with another, or both. */
    private static Optional<Snap> aligned(StoreyGeometry geometry, Collection<Point> more, Point p, double reach) {
        var ends = new ArrayList<>(more);
        for (var wall : geometry.storey().walls()) {
            ends.add(wall.line().a());
            ends.add(wall.line().b());
        }
        var plumb = ends.stream()
                .filter(e -> Math.abs(e.x() - p.x()) <= reach)
                .min(Comparator.comparingDouble(e -> Math.abs(e.x() - p.x())));
        var level = ends.stream()
                .filter(e -> Math.abs(e.y() - p.y()) <= reach)
                .min(Comparator.comparingDouble(e -> Math.abs(e.y() - p.y())));
        if (plumb.isEmpty() && level.isEmpty()) {
            return Optional.empty();
        }
        var at =
                new Point(plumb.map(Point::x).orElse(p.x()), level.map(Point::y).orElse(p.y()));
        var guides = new ArrayList<Segment>();
        plumb.ifPresent(e -> guides.add(new Segment(e, at)));
        level.ifPresent(e -> guides.add(new Segment(e, at)));
        return Optional.of(new Snap(at, Caught.ALIGNED, List.copyOf(guides)));
    }

    /** Where a ray meets a wall's drawn line near a point; ties go to the wall made first. */
    public static Optional<Snap> onRay(StoreyGeometry geometry, Point origin, Point unit, Point p, double reachMm) {
        var ray = new Segment(origin, origin.plus(unit.times(1e6)));
        return geometry.storey().walls().stream()
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
