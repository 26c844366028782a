package honeylamp.model;

import honeylamp.derive.traced.ReadWalls;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.model.BuildingModel.ModelHole;
import honeylamp.model.BuildingModel.ModelWall;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.tracing.Proposal.Precision;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The centre lines of walls that are known by their bodies.
 *
 * @param walls tied to each other where their bodies meet
 * @param holes what is cut out, by the numbers of the walls
 * @param bowed so many are no straight bodies of one thickness
 */
record BodyWalls(ReadWalls walls, TreeMap<Integer, List<ModelHole>> holes, int bowed) {
    /** A straight wall fills so much of the box along it; a mitred or notched one no less. */
    private static final double LEAST_FILLED = 0.7;

    private static final double TIE_MM = 40;
    private static final double LEAST_SINE = 0.1;

    static BodyWalls of(List<ModelWall> bodies) {
        var lines = new ArrayList<ReadWall>();
        var holes = new TreeMap<Integer, List<ModelHole>>();
        var bowed = 0;
        for (var body : bodies) {
            var wall = straight(body, lines.size());
            if (wall.isEmpty()) {
                bowed++;
            } else {
                holes.put(lines.size(), sorted(wall.get(), body.holes()));
                lines.add(wall.get());
            }
        }
        var tied = new ArrayList<ReadWall>();
        for (var wall : lines) {
            tied.add(wall.withStartsOn(meeting(wall, wall.line().a(), lines))
                    .withEndsOn(meeting(wall, wall.line().b(), lines)));
        }
        return new BodyWalls(new ReadWalls(tied).settled(), holes, bowed);
    }

    private static List<ModelHole> sorted(ReadWall wall, List<ModelHole> holes) {
        return holes.stream()
                .sorted(Comparator.comparingDouble(
                        h -> reach(wall.line(), h.ring().corners()).from()))
                .toList();
    }

    /** From where to where something reaches along a line, and off it to its left. */
    private record Reach(double from, double to, double right, double left) {}

    private static Reach reach(Segment line, List<Point> points) {
        var along = points.stream().mapToDouble(line::along).summaryStatistics();
        var off = points.stream().mapToDouble(line::offset).summaryStatistics();
        return new Reach(along.getMin(), along.getMax(), off.getMin(), off.getMax());
    }

    /** A wall along the longest edge of its body. */
    private static Optional<ReadWall> straight(ModelWall body, int number) {
        var points = body.rings().stream().flatMap(r -> r.corners().stream()).toList();
        var longest =
                body.rings().stream().flatMap(r -> r.edges().stream()).max(Comparator.comparingDouble(Segment::length));
        if (longest.isEmpty() || longest.get().length() <= 0) {
            return Optional.empty();
        }
        var edge = longest.get();
        var reach = reach(edge, points);
        var thick = reach.left - reach.right;
        var filled = body.rings().stream().mapToDouble(Ring::area).sum();
        if (thick <= 0 || filled < LEAST_FILLED * thick * (reach.to - reach.from)) {
            return Optional.empty();
        }
        var middle = edge.shiftedLeft((reach.left + reach.right) / 2);
        var line = new Segment(middle.at(reach.from), middle.at(reach.to));
        return Optional.of(new ReadWall(
                number,
                line,
                Optional.empty(),
                Optional.empty(),
                thick,
                false,
                sortedOpenings(line, body.holes()),
                1,
                Precision.LINES));
    }

    private static List<ReadOpening> sortedOpenings(Segment line, List<ModelHole> holes) {
        return holes.stream()
                .map(h -> opening(line, h))
                .sorted(Comparator.comparingDouble(o -> line.along(o.first())))
                .toList();
    }

    private static ReadOpening opening(Segment line, ModelHole hole) {
        var reach = reach(line, hole.ring().corners());
        var first = line.at(reach.from);
        var second = line.at(reach.to);
        var hung = hole.hung();
        var atFirst = hung.isEmpty()
                || hung.get().hinge().distance(first) <= hung.get().hinge().distance(second);
        var toLeft = hung.isEmpty() || line.unit().cross(hung.get().opensTo()) >= 0;
        return new ReadOpening(
                hole.kind(),
                first,
                second,
                atFirst ? Hand.FIRST : Hand.SECOND,
                toLeft ? Swing.LEFT : Swing.RIGHT,
                1,
                Precision.LINES);
    }

    /** The wall whose body an end lies in or at: its line and the end's then cross within both bodies. */
    private static Optional<Integer> meeting(ReadWall wall, Point end, List<ReadWall> all) {
        record Met(int number, double away) {}
        var best = Optional.<Met>empty();
        for (var other : all) {
            var sine = Math.abs(other.line().unit().cross(wall.line().unit()));
            if (other.number() == wall.number() || sine < LEAST_SINE) {
                continue;
            }
            var crossing = wall.line().lineCrossing(other.line());
            var away = crossing.map(c -> c.distance(end)).orElse(Double.POSITIVE_INFINITY);
            var along = crossing.map(other.line()::along).orElse(0.0);
            var beyond = (wall.thicknessMm() / 2 + TIE_MM) / sine;
            if (away <= (other.thicknessMm() / 2 + TIE_MM) / sine + wall.thicknessMm() / 2 * (1 - sine)
                    && along >= -beyond
                    && along <= other.line().length() + beyond
                    && (best.isEmpty() || away < best.get().away)) {
                best = Optional.of(new Met(other.number(), away));
            }
        }
        return best.map(Met::number);
    }
}
