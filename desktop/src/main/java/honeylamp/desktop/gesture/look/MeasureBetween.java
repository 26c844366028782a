package honeylamp.desktop.gesture.look;

import honeylamp.derive.pointing.CrossedWalls;
import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Added;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Dimension;
import honeylamp.plan.Dimension.Figures;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Adds a dimension: two points, then a third that says where its line lies; or a chain over any number of points, which
 * Enter ends.
 *
 * @param pointsDone whether only the place of the line is left to be said
 */
public record MeasureBetween(
        Many many,
        Way way,
        Figures figures,
        List<Point> points,
        boolean pointsDone,
        Optional<Point> pointer,
        Optional<Snap> caught)
        implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final Ask<Length> ACROSS = Ask.length("Across");
    private static final Ask<Length> UP = Ask.length("Up");
    private static final Ask<Length> HALF = Ask.length("Half");
    private static final double SAME_MM = 1;

    /** Between how many points. */
    public enum Many {
        TWO,
        CHAIN,
        /** All faces of walls that a line crosses. */
        THROUGH
    }

    /** Which way a dimension is measured. */
    public enum Way {
        STRAIGHT("straight", Optional.empty()),
        ACROSS("across", Optional.of(Dimension.ACROSS_DEG)),
        UP("up", Optional.of(Dimension.UP_DEG));

        private final String word;
        private final Optional<Double> alongDeg;

        Way(String word, Optional<Double> alongDeg) {
            this.word = word;
            this.alongDeg = alongDeg;
        }

        Way next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    public MeasureBetween {
        points = List.copyOf(points);
    }

    /** No point of a single dimension yet. */
    public static MeasureBetween begin() {
        return begin(Many.TWO, Way.STRAIGHT, Figures.EACH);
    }

    /** No point of a chain yet. */
    public static MeasureBetween chain() {
        return begin(Many.CHAIN, Way.STRAIGHT, Figures.EACH);
    }

    /** No line through walls yet. */
    public static MeasureBetween through() {
        return begin(Many.THROUGH, Way.STRAIGHT, Figures.EACH);
    }

    private static MeasureBetween begin(Many many, Way way, Figures figures) {
        return new MeasureBetween(many, way, figures, List.of(), false, Optional.empty(), Optional.empty());
    }

    private MeasureBetween again() {
        return begin(many, way, figures);
    }

    private MeasureBetween over(List<Point> more, boolean done, Optional<Point> at, Optional<Snap> snap) {
        return new MeasureBetween(many, way, figures, more, done, at, snap);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private MeasureBetween aimed(Surroundings scene, Pointer pointer) {
        var snap = pointer.keys().control() || pointsDone
                ? Optional.<Snap>empty()
                : Snapping.measured(scene.laid(), points, pointer.at(), scene.reachMm());
        return over(points, pointsDone, Optional.of(snap.map(Snap::at).orElse(pointer.at())), snap);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var aimed = aimed(scene, pointer);
        var p = aimed.pointer.orElse(pointer.at());
        if (pointsDone) {
            return laid(scene, p);
        }
        if (points.stream().anyMatch(q -> q.distance(p) < SAME_MM)) {
            return Reply.complain(aimed, "A point lies on this spot already; click farther apart.");
        }
        if (many == Many.THROUGH && points.size() == 1) {
            var crossed = CrossedWalls.along(scene.laid(), CrossedWalls.levelled(new Segment(points.getFirst(), p)));
            return crossed.size() < 2
                    ? Reply.complain(aimed, "This line crosses no wall. Draw it through at least one.")
                    : Reply.to(over(crossed, true, Optional.of(p), Optional.empty()));
        }
        var more = new ArrayList<>(points);
        more.add(p);
        return Reply.to(over(more, many == Many.TWO && more.size() == 2, Optional.of(p), aimed.caught));
    }

    private Reply laid(Surroundings scene, Point p) {
        var probe = dimension(Length.ZERO);
        if (probe.isEmpty()) {
            return Reply.complain(
                    this, "Measured " + way.word + " these points lie on one spot. F measures another way.");
        }
        var offset = Length.ofMm(probe.get().line().offset(p));
        var places = points.stream().map(Position::of).toList();
        return switch (NoteEdits.measure(scene.plan(), scene.storey(), places, way.alongDeg, figures, offset)) {
            case Outcome.Done<Added<DimensionId>>(var added) ->
                Reply.commit(again(), added.plan(), "Add dimension").picking(Set.of(added.id()));
            case Outcome.Refused<Added<DimensionId>> no -> Reply.complain(this, no.sentence("That cannot be"));
        };
    }

    /** As it would lie with a line so far to its left; empty if it measures nothing. */
    private Optional<Dimension> dimension(Length offset) {
        var all = new ArrayList<>(points);
        if (!pointsDone) {
            pointer.filter(p -> points.stream().noneMatch(q -> q.distance(p) < SAME_MM))
                    .ifPresent(all::add);
        }
        if (all.size() < 2) {
            return Optional.empty();
        }
        var places = all.stream().map(Position::of).toList();
        var measured = places.getLast().point().minus(places.getFirst().point());
        var nothing = way.alongDeg
                .map(deg -> Math.abs(Point.direction(deg).dot(measured)) < SAME_MM)
                .orElse(measured.length() < SAME_MM);
        return nothing
                ? Optional.empty()
                : Optional.of(new Dimension(new DimensionId(0), places.getFirst(), places.getLast(), offset)
                        .withAlongDeg(way.alongDeg)
                        .withStops(places.subList(1, places.size() - 1)));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (many == Many.CHAIN && !pointsDone && points.size() > 1) {
            return Reply.to(over(points, true, pointer, Optional.empty()));
        }
        return Reply.complain(this, "Click the points to measure between; in a chain Enter ends them.");
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case FLIP -> Reply.to(new MeasureBetween(many, way.next(), figures, points, pointsDone, pointer, caught));
            case TURN -> Reply.to(new MeasureBetween(many, way, figures.other(), points, pointsDone, pointer, caught));
            case CLOSE, NEXT, AWAY -> Reply.to(this);
        };
    }

    @Override
    public Gesture dropped() {
        return again();
    }

    @Override
    public boolean underWay() {
        return !points.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var word = caught.map(s -> s.caught().word()).orElse("");
        if (points.isEmpty()) {
            return new Readout(List.of(), word, "Click the first point to measure from." + keys());
        }
        var end = pointsDone ? points.getLast() : pointer.orElse(points.getFirst());
        var by = end.minus(points.getFirst());
        return new Readout(
                List.of(
                        new Readout.Field(LENGTH, shown(scene, by.length())),
                        new Readout.Field(ACROSS, shown(scene, Math.abs(by.x()))),
                        new Readout.Field(UP, shown(scene, Math.abs(by.y()))),
                        new Readout.Field(HALF, shown(scene, by.length() / 2))),
                word,
                next() + keys());
    }

    private String next() {
        if (pointsDone) {
            return "Click where the dimension line should lie.";
        }
        return switch (many) {
            case TWO -> "Click the second point.";
            case CHAIN ->
                points.size() > 1 ? "Click the next point; Enter when there is no other." : "Click the second point.";
            case THROUGH -> "Click where the line through the walls ends.";
        };
    }

    private String keys() {
        return " F: " + way.next().word + " instead of " + way.word
                + (many != Many.TWO ? "; R: " + (figures == Figures.EACH ? "running from the first" : "each part") : "")
                + ".";
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.rounded(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        dimension(Length.ZERO).ifPresent(d -> {
            var away = pointsDone ? pointer.map(p -> d.line().offset(p)).orElse(0.0) : 0;
            var placed = d.withOffset(Length.ofMm(away));
            out.add(Sketches.line(scene.frame(), placed.line(), scene.penMm(), false));
            for (var i = 0; i < placed.feet().size(); i++) {
                var witness =
                        new Segment(placed.measured().get(i), placed.feet().get(i));
                if (witness.length() > SAME_MM) {
                    out.add(Sketches.line(scene.frame(), witness, scene.penMm() / 2, true));
                }
            }
        });
        points.forEach(p -> out.add(Sketches.spot(scene.frame(), p, 4 * scene.penMm(), scene.penMm())));
        caught.ifPresent(s -> out.add(Sketches.spot(scene.frame(), s.at(), 6 * scene.penMm(), scene.penMm())));
        return out;
    }
}
