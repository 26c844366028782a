package honeylamp.derive.traced;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Underlay;
import honeylamp.tracing.Proposal;
import honeylamp.tracing.Proposal.Precision;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The walls a picture seems to show, in plan mm: squared up, of few thicknesses, their ends on each other's centre
 * lines. A value that can be corrected before any of it is taken into a plan.
 *
 * @param walls those that are still proposed, in the order they were read
 */
public record ReadWalls(List<ReadWall> walls) {
    /** An end this near to another wall's line lies on it. */
    static final double TIE_MM = 40;

    /** A picture turned by less lies level. */
    public static final double LEVEL_DEG = 0.03;

    /** Doors of other widths speak of a wrong scale. */
    private static final double NARROWEST_DOOR_MM = 550;

    private static final double WIDEST_DOOR_MM = 1150;

    private static final double SNAP_MM = 2;
    private static final double LEAST_MM = 50;
    private static final double BESIDE_MM = 200;
    private static final int SAMPLES = 8;
    private static final double OUTER_SHARE = 0.9;

    /** Freezes the list. */
    public ReadWalls {
        walls = List.copyOf(walls);
    }

    /**
     * A wall by its centre line.
     *
     * @param startsOn the number of the wall its first end lies on
     * @param endsOn the number of the wall its second end lies on
     * @param outer whether there are rooms on one side of it only
     * @param sure from 0 to 1; below a half it is doubtful
     * @param precision how well its line and its thickness are known
     */
    @RecordBuilder
    public record ReadWall(
            int number,
            Segment line,
            Optional<Integer> startsOn,
            Optional<Integer> endsOn,
            double thicknessMm,
            boolean outer,
            List<ReadOpening> openings,
            double sure,
            Precision precision)
            implements ReadWallsReadWallBuilder.With {
        /** Freezes the list. */
        public ReadWall {
            openings = List.copyOf(openings);
        }

        /** Whether it should be looked at before it is taken. */
        public boolean isDoubtful() {
            return sure < 0.5;
        }

        /** Between two rooms a single line across a gap is a sill or a change of floors, not a window. */
        private ReadWall asInner() {
            return withOpenings(openings.stream()
                    .map(o -> o.kind.isWindow() && o.isDoubtful() ? o.withKind(OpeningKind.PLAIN) : o)
                    .toList());
        }

        private ReadWall without(int gone) {
            return withStartsOn(startsOn.filter(n -> n != gone)).withEndsOn(endsOn.filter(n -> n != gone));
        }
    }

    /**
     * An opening by its jambs on the centre line of its wall, the nearer to the wall's first end first.
     *
     * @param hand as seen along the wall
     * @param swing as seen along the wall
     * @param sure from 0 to 1; below a half it is doubtful
     * @param precision how well its jambs are known
     */
    @RecordBuilder
    public record ReadOpening(
            OpeningKind kind, Point first, Point second, Hand hand, Swing swing, double sure, Precision precision)
            implements ReadWallsReadOpeningBuilder.With {
        /** Whether it should be looked at before it is taken: a plain gap may be no wall at all. */
        public boolean isDoubtful() {
            return sure < 0.7;
        }

        /** The width, in mm. */
        public double widthMm() {
            return first.distance(second);
        }
    }

    /** What a proposal means where its picture lies in the plan. */
    public static ReadWalls of(Proposal proposal, Underlay underlay) {
        return ReadInPlan.of(proposal, underlay);
    }

    /** How far the walls of a proposal are turned where its picture lies, counter-clockwise, between -45 and 45. */
    public static double turnDeg(Proposal proposal, Underlay underlay) {
        return ReadInPlan.turnDeg(proposal, underlay);
    }

    /** With every end on the line of the wall it is said to lie on; walls with rooms on one side only are told as outer. */
    public ReadWalls settled() {
        return tied().withOuter();
    }

    /** Tells the walls that have rooms on one side only, and those as thick where the rooms do not close. */
    private ReadWalls withOuter() {
        var faces = Regions.arranged(walls.stream().map(ReadWall::line).toList(), SNAP_MM);
        var sides = walls.stream().map(w -> sides(w, faces)).toList();
        var thinnest = IntStream.range(0, walls.size())
                .filter(i -> sides.get(i) == 1)
                .mapToDouble(i -> walls.get(i).thicknessMm)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return new ReadWalls(IntStream.range(0, walls.size())
                .mapToObj(i -> {
                    var w = walls.get(i);
                    var isOuter = sides.get(i) == 1 || sides.get(i) == 0 && w.thicknessMm >= OUTER_SHARE * thinnest;
                    return isOuter ? w.withOuter(true) : w.asInner();
                })
                .toList());
    }

    /** On how many sides of most of a wall there are rooms. */
    private static int sides(ReadWall wall, List<Outline> faces) {
        var left = 0;
        var right = 0;
        var beside = wall.thicknessMm / 2 + BESIDE_MM;
        for (var k = 1; k < SAMPLES; k++) {
            var at = wall.line.length() * k / SAMPLES;
            left += isIn(faces, wall.line.shiftedLeft(beside).at(at)) ? 1 : 0;
            right += isIn(faces, wall.line.shiftedLeft(-beside).at(at)) ? 1 : 0;
        }
        return (2 * left >= SAMPLES ? 1 : 0) + (2 * right >= SAMPLES ? 1 : 0);
    }

    private static boolean isIn(List<Outline> faces, Point p) {
        return faces.stream().anyMatch(f -> f.contains(p));
    }

    /** The numbers of the walls around a point, if they close around it. */
    public Set<Integer> around(Point p) {
        var lines = walls.stream().map(ReadWall::line).toList();
        return Regions.arranged(lines, SNAP_MM).stream()
                .filter(o -> o.contains(p))
                .findFirst()
                .map(o -> walls.stream()
                        .filter(w -> o.rings().flatMap(r -> r.edges().stream()).anyMatch(e -> runsAlong(w.line, e)))
                        .map(ReadWall::number)
                        .collect(Collectors.toSet()))
                .orElse(Set.of());
    }

    private static boolean runsAlong(Segment line, Segment edge) {
        return line.distance(edge.middle()) < 2 * SNAP_MM
                && Math.abs(line.unit().cross(edge.unit())) < 0.1;
    }

    /** The width half of the doors are narrower than, in mm; none without doors. */
    private OptionalDouble doorMm() {
        var widths = walls.stream()
                .flatMap(w -> w.openings.stream())
                .filter(o -> o.kind() == OpeningKind.DOOR)
                .mapToDouble(ReadOpening::widthMm)
                .sorted()
                .toArray();
        return widths.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(widths[widths.length / 2]);
    }

    /** The same if doors are hardly ever so wide: then the scale is wrong. */
    public Optional<Double> unlikelyDoorMm() {
        return doorMm().stream()
                .boxed()
                .filter(mm -> mm < NARROWEST_DOOR_MM || mm > WIDEST_DOOR_MM)
                .findFirst();
    }

    /** The wall of a number, if it is still proposed. */
    public Optional<ReadWall> wall(int number) {
        return walls.stream().filter(w -> w.number == number).findFirst();
    }

    /** All but one wall; what ended on it ends free. */
    public ReadWalls without(int number) {
        return new ReadWalls(walls.stream()
                .filter(w -> w.number != number)
                .map(w -> w.without(number))
                .toList());
    }

    /**
     * With one wall shifted so far to its left; what ends on it follows. The same walls if one of those would be eaten up
     * or turned round.
     */
    public ReadWalls shifted(int number, double mm) {
        var out = changed(number, w -> w.withLine(w.line.shiftedLeft(mm))).tied();
        return walls.stream().allMatch(w -> goesOn(w, out.wall(w.number).orElseThrow())) ? out : this;
    }

    private static boolean goesOn(ReadWall before, ReadWall after) {
        return before.line.along(after.line.b()) - before.line.along(after.line.a()) >= LEAST_MM;
    }

    /**
     * With a wall so long, by moving what its second end lies on, or else its first: all that ends on that follows, so
     * walls beside it get longer with it. The same if neither end lies on anything: then it just gets longer.
     */
    public ReadWalls asLong(int number, double mm) {
        var wall = wall(number).orElseThrow();
        var more = mm - wall.line.length();
        var on = wall.endsOn.or(() -> wall.startsOn).flatMap(this::wall);
        if (on.isEmpty()) {
            return changed(
                    number,
                    w -> w.withLine(new Segment(
                            w.line.a(), w.line.a().plus(w.line.unit().times(mm)))));
        }
        var way = wall.endsOn.isPresent() ? wall.line.unit() : wall.line.unit().times(-1);
        var across = on.get().line.unit().cross(way); // left of that wall is positive
        return shifted(on.get().number, more / across);
    }

    /** With all walls as thick as one now so thick as given. */
    public ReadWalls asThick(int number, double mm) {
        var before = wall(number).orElseThrow().thicknessMm;
        return new ReadWalls(walls.stream()
                .map(w -> w.thicknessMm == before ? w.withThicknessMm(mm) : w)
                .toList());
    }

    /** The same, all of it moved. */
    ReadWalls moved(Point by) {
        return new ReadWalls(walls.stream()
                .map(w -> w.withLine(w.line.moved(by))
                        .withOpenings(w.openings.stream()
                                .map(o -> o.withFirst(o.first.plus(by)).withSecond(o.second.plus(by)))
                                .toList()))
                .toList());
    }

    /** With one opening of a wall closed. */
    public ReadWalls closed(int number, int opening) {
        return changed(number, w -> w.withOpenings(withoutAt(w.openings, opening)));
    }

    /** With the leaf of an opening hung at the other jamb, or opening to the other side. */
    public ReadWalls hung(int number, int opening, Hand hand, Swing swing) {
        return changed(number, w -> {
            var all = new ArrayList<>(w.openings);
            var o = all.get(opening);
            all.set(opening, o.withHand(hand).withSwing(swing));
            return w.withOpenings(all);
        });
    }

    /** With no wall where an opening was: the wall is parted there. */
    public ReadWalls parted(int number, int opening) {
        var wall = wall(number).orElseThrow();
        var gap = wall.openings.get(opening);
        var next = walls.stream().mapToInt(ReadWall::number).max().orElse(0) + 1;
        var before = wall.withLine(new Segment(wall.line.a(), wall.line.nearest(gap.first)))
                .withEndsOn(Optional.empty())
                .withOpenings(wall.openings.subList(0, opening));
        var after = wall.withNumber(next)
                .withLine(new Segment(wall.line.nearest(gap.second), wall.line.b()))
                .withStartsOn(Optional.empty())
                .withOpenings(wall.openings.subList(opening + 1, wall.openings.size()));
        var out = new ArrayList<ReadWall>();
        for (var w : walls) {
            if (w.number != number) {
                out.add(onNearer(w, before, after));
            } else {
                out.add(before);
                out.add(after);
            }
        }
        out.removeIf(w -> w.line.length() <= w.thicknessMm); // nothing is left but a joint
        return new ReadWalls(out);
    }

    private static ReadWall onNearer(ReadWall w, ReadWall before, ReadWall after) {
        return w.withStartsOn(w.startsOn.map(n -> n == before.number ? nearer(w.line.a(), before, after) : n))
                .withEndsOn(w.endsOn.map(n -> n == before.number ? nearer(w.line.b(), before, after) : n));
    }

    private static int nearer(Point p, ReadWall before, ReadWall after) {
        return before.line.distance(p) <= after.line.distance(p) ? before.number : after.number;
    }

    /** What of a wall is meant. */
    public enum Part {
        BODY,
        FIRST_END,
        SECOND_END,
        OPENING
    }

    /**
     * What is held of a wall.
     *
     * @param opening which of its openings; -1 for none
     */
    public record Held(int number, Part part, int opening) {}

    /** What lies at a point: an opening, else a free end, else a wall. */
    public Optional<Held> at(Point p, double reachMm) {
        for (var wall : walls) {
            for (var k = 0; k < wall.openings.size(); k++) {
                var o = wall.openings.get(k);
                if (new Segment(o.first, o.second).distance(p) <= Math.max(reachMm, wall.thicknessMm / 2)) {
                    return Optional.of(new Held(wall.number, Part.OPENING, k));
                }
            }
        }
        return walls.stream()
                .filter(w -> w.line.distance(p) <= Math.max(reachMm, w.thicknessMm / 2))
                .min(Comparator.comparingDouble(w -> w.line.distance(p)))
                .map(w -> new Held(w.number, part(w, p, reachMm), -1));
    }

    private static Part part(ReadWall wall, Point p, double reachMm) {
        var near = Math.max(reachMm, wall.thicknessMm / 2);
        return wall.startsOn.isEmpty() && wall.line.a().distance(p) <= near
                ? Part.FIRST_END
                : wall.endsOn.isEmpty() && wall.line.b().distance(p) <= near ? Part.SECOND_END : Part.BODY;
    }

    /** With what is held dragged from one point to another; the same walls if that cannot be. */
    public ReadWalls dragged(Held held, Point from, Point to) {
        var line = wall(held.number).orElseThrow().line;
        var along = Math.rint(line.along(to) - line.along(from));
        return switch (held.part) {
            case BODY -> shifted(held.number, Math.rint(line.offset(to) - line.offset(from)));
            case FIRST_END ->
                ending(held.number, new Segment(line.a().plus(line.unit().times(along)), line.b()));
            case SECOND_END ->
                ending(
                        held.number,
                        new Segment(line.a(), line.b().plus(line.unit().times(along))));
            case OPENING -> opening(held.number, held.opening, along, 0);
        };
    }

    /** With another line of a wall; its ends lie on what they now reach. Its openings must stay within it. */
    private ReadWalls ending(int number, Segment line) {
        var wall = wall(number).orElseThrow();
        if (line.unit().dot(wall.line.unit()) < 0
                || line.length() < LEAST_MM
                || wall.openings.stream()
                        .anyMatch(o -> line.along(o.first) < 0 || line.along(o.second) > line.length())) {
            return this;
        }
        return changed(
                        number,
                        w -> w.withLine(line)
                                .withStartsOn(w.startsOn.or(() -> reached(number, line, line.a())))
                                .withEndsOn(w.endsOn.or(() -> reached(number, line, line.b()))))
                .tied();
    }

    private Optional<Integer> reached(int own, Segment line, Point end) {
        return walls.stream()
                .filter(w -> w.number != own && Math.abs(w.line.unit().cross(line.unit())) > 0.5)
                .filter(w -> w.line.distance(end) <= w.thicknessMm / 2 + TIE_MM)
                .min(Comparator.comparingDouble(w -> w.line.distance(end)))
                .map(ReadWall::number);
    }

    /** With every free end that reaches another wall on the line of that wall. */
    ReadWalls freeEndsTied() {
        return new ReadWalls(walls.stream()
                        .map(w -> w.withStartsOn(w.startsOn.or(() -> reached(w.number, w.line, w.line.a())))
                                .withEndsOn(w.endsOn.or(() -> reached(w.number, w.line, w.line.b()))))
                        .toList())
                .tied();
    }

    /** With an opening so wide, about its middle; the same walls if it has no room. */
    public ReadWalls asWide(int number, int opening, double mm) {
        return opening(
                number,
                opening,
                0,
                mm - wall(number).orElseThrow().openings.get(opening).widthMm());
    }

    /** With an opening moved along its wall and made wider, if it stays within the wall and off its neighbours. */
    private ReadWalls opening(int number, int opening, double alongMm, double widerMm) {
        var wall = wall(number).orElseThrow();
        var o = wall.openings.get(opening);
        var from = wall.line.along(o.first) + alongMm - widerMm / 2;
        var to = wall.line.along(o.second) + alongMm + widerMm / 2;
        var free = from >= 0 && to <= wall.line.length() && to - from >= LEAST_MM;
        for (var k = 0; k < wall.openings.size(); k++) {
            var other = wall.openings.get(k);
            free &= k == opening || wall.line.along(other.second) <= from || wall.line.along(other.first) >= to;
        }
        if (!free) {
            return this;
        }
        return changed(number, w -> {
            var all = new ArrayList<>(w.openings);
            all.set(opening, o.withFirst(w.line.at(from)).withSecond(w.line.at(to)));
            return w.withOpenings(all);
        });
    }

    private static <T> List<T> withoutAt(List<T> all, int index) {
        var out = new ArrayList<>(all);
        out.remove(index);
        return out;
    }

    private ReadWalls changed(int number, UnaryOperator<ReadWall> change) {
        return new ReadWalls(walls.stream()
                .map(w -> w.number == number ? change.apply(w) : w)
                .toList());
    }

    /** With every end that lies on another wall exactly on its line. */
    ReadWalls tied() {
        return new ReadWalls(walls.stream()
                .map(w -> {
                    var a = w.startsOn.flatMap(this::wall).flatMap(o -> w.line.lineCrossing(o.line));
                    var b = w.endsOn.flatMap(this::wall).flatMap(o -> w.line.lineCrossing(o.line));
                    return w.withLine(new Segment(a.orElse(w.line.a()), b.orElse(w.line.b())));
                })
                .toList());
    }
}
