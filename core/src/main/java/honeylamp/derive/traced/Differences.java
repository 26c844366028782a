package honeylamp.derive.traced;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.Difference.What;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * In what a picture that was read differs from the storey it is laid over.
 *
 * @param all walls first, then openings, each from the west and then from the north
 * @param shift by how much the picture lies off the plan, in mm; what it shows is compared as if it did not
 */
public record Differences(List<Difference> all, Point shift) {
    private static final double STEP_MM = 50;

    private static final double LEAST_STRETCH_MM = 400;
    private static final double SAME_THICKNESS_MM = 30;
    private static final double SAME_WIDTH_MM = 60;
    private static final double SAME_PLACE_MM = 60;

    /** A picture is laid anew only if then so much of the plan's walls is found in it. */
    private static final double FOUND_SHARE = 0.6;

    /** A shift of less is no matter. */
    private static final double LEAST_SHIFT_MM = 25;

    /** Freezes the list. */
    public Differences {
        all = List.copyOf(all);
    }

    /** An opening by its jambs on the centre line. */
    private record Hole(OpeningKind kind, Segment jambs) {}

    /** In what a storey and what was read from a picture differ. Curved walls of the storey are left out. */
    public static Differences of(StoreyGeometry storey, ReadWalls picture) {
        var plan = bodies(storey);
        var read = picture.walls().stream()
                .map(w -> new Body(w.line(), w.thicknessMm()))
                .toList();
        var shift = shift(plan, read);
        var laid = read.stream().map(b -> b.moved(shift)).toList();
        var walls = new ArrayList<Difference>();
        stretches(laid, plan).forEach(s -> walls.add(new Difference(new What.WallInPicture(), s)));
        stretches(plan, laid).forEach(s -> walls.add(new Difference(new What.WallInPlan(), s)));
        walls.addAll(thicknesses(plan, laid));
        var openings = openings(holes(storey), holes(picture, shift));
        walls.sort(order());
        openings.sort(order());
        walls.addAll(openings);
        return new Differences(walls, shift);
    }

    private static Comparator<Difference> order() {
        return Comparator.<Difference>comparingDouble(
                        d -> Math.rint(d.where().middle().x() / STEP_MM))
                .thenComparingDouble(d -> -d.where().middle().y());
    }

    private static List<Body> bodies(StoreyGeometry storey) {
        return storey.network().pieces().stream()
                .filter(p -> p.line() instanceof Segment)
                .map(p -> {
                    var line = (Segment) p.line();
                    return new Body(line.shiftedLeft((p.leftMm() - p.rightMm()) / 2), p.leftMm() + p.rightMm());
                })
                .toList();
    }

    private static List<Hole> holes(StoreyGeometry storey) {
        return storey.cuts().stream()
                .map(Differences::hole)
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Hole> hole(OpeningCut cut) {
        var a = cut.leftFace().a().towards(cut.rightFace().a(), 0.5);
        var b = cut.leftFace().b().towards(cut.rightFace().b(), 0.5);
        return a.distance(b) < 1
                ? Optional.empty()
                : Optional.of(new Hole(cut.opening().kind(), new Segment(a, b)));
    }

    private static List<Hole> holes(ReadWalls picture, Point shift) {
        return picture.walls().stream()
                .flatMap(w -> w.openings().stream().map(o -> hole(w, o, shift)))
                .toList();
    }

    private static Hole hole(ReadWall wall, ReadOpening o, Point shift) {
        var kind = o.kind() == OpeningKind.DOOR && wall.outer() ? OpeningKind.OUTER_DOOR : o.kind();
        return new Hole(
                kind, new Segment(wall.line().nearest(o.first()), wall.line().nearest(o.second())).moved(shift));
    }

    /** The stretches of walls for which there are none among others. */
    private static List<Segment> stretches(List<Body> walls, List<Body> others) {
        var out = new ArrayList<Segment>();
        for (var wall : walls) {
            var count = (int) Math.max(1, Math.rint(wall.line().length() / STEP_MM));
            var from = -1;
            for (var k = 0; k <= count; k++) {
                var p = wall.line().at(wall.line().length() * Math.min(count - 0.5, k + 0.5) / count);
                var free = k < count
                        && others.stream()
                                .noneMatch(o -> o.covers(p, wall.line().unit()));
                if (free && from < 0) {
                    from = k;
                } else if (!free && from >= 0) {
                    var part = wall.line()
                            .part(
                                    wall.line().length() * from / count,
                                    wall.line().length() * k / (double) count);
                    if (part.length() >= LEAST_STRETCH_MM) {
                        out.add(part);
                    }
                    from = -1;
                }
            }
        }
        return out;
    }

    private static List<Difference> thicknesses(List<Body> plan, List<Body> read) {
        var out = new ArrayList<Difference>();
        for (var wall : plan) {
            var p = wall.line().middle();
            read.stream()
                    .filter(r -> r.covers(p, wall.line().unit()))
                    .min(Comparator.comparingDouble(r -> r.line().distance(p)))
                    .filter(r -> Math.abs(r.thicknessMm() - wall.thicknessMm()) > SAME_THICKNESS_MM)
                    .ifPresent(r -> out.add(
                            new Difference(new What.Thickness(wall.thicknessMm(), r.thicknessMm()), wall.line())));
        }
        return out;
    }

    private static List<Difference> openings(List<Hole> plan, List<Hole> read) {
        var out = new ArrayList<Difference>();
        var met = new HashSet<Hole>();
        for (var hole : plan) {
            var other = read.stream()
                    .filter(r -> !met.contains(r) && isSame(hole, r))
                    .min(Comparator.comparingDouble(r -> r.jambs.middle().distance(hole.jambs.middle())));
            other.ifPresent(met::add);
            if (other.isEmpty()) {
                out.add(new Difference(new What.OpeningInPlan(hole.kind), hole.jambs));
            } else {
                changed(hole, other.get()).ifPresent(w -> out.add(new Difference(w, hole.jambs)));
            }
        }
        read.stream()
                .filter(r -> !met.contains(r))
                .forEach(r -> out.add(new Difference(new What.OpeningInPicture(r.kind), r.jambs)));
        return out;
    }

    /** They overlap, along walls of one direction. */
    private static boolean isSame(Hole one, Hole other) {
        return Math.abs(one.jambs.unit().cross(other.jambs.unit())) < Body.SAME_WAY
                && one.jambs.middle().distance(other.jambs.middle()) < (one.jambs.length() + other.jambs.length()) / 2;
    }

    private static Optional<What> changed(Hole plan, Hole read) {
        if (family(plan.kind) != family(read.kind)) {
            return Optional.of(new What.OtherKind(plan.kind, read.kind));
        }
        if (Math.abs(plan.jambs.length() - read.jambs.length()) > SAME_WIDTH_MM) {
            return Optional.of(new What.Width(plan.kind, plan.jambs.length(), read.jambs.length()));
        }
        var along = plan.jambs.along(read.jambs.middle()) - plan.jambs.length() / 2;
        return Math.abs(along) > SAME_PLACE_MM ? Optional.of(new What.Moved(plan.kind, along)) : Optional.empty();
    }

    private enum Family {
        WINDOW,
        LEAF,
        OPEN
    }

    /** A picture does not tell how a window opens, or a leaf moves. */
    private static Family family(OpeningKind kind) {
        return kind.isWindow() ? Family.WINDOW : kind.hasHinges() ? Family.LEAF : Family.OPEN;
    }

    /** By how much the read walls lie off, if shifted back they are found among those of the plan. */
    private static Point shift(List<Body> plan, List<Body> read) {
        if (found(plan, read) >= FOUND_SHARE) {
            return fine(plan, read);
        }
        var shift = Body.shift(plan, read);
        var laid = read.stream().map(b -> b.moved(shift)).toList();
        return found(plan, laid) >= FOUND_SHARE ? shift : new Point(0, 0);
    }

    /** What lies nearly right is laid right if it is off by more than a little. */
    private static Point fine(List<Body> plan, List<Body> read) {
        var shift = Body.shift(plan, read);
        var laid = read.stream().map(b -> b.moved(shift)).toList();
        return Math.hypot(shift.x(), shift.y()) > LEAST_SHIFT_MM && found(plan, laid) >= found(plan, read)
                ? shift
                : new Point(0, 0);
    }

    private static double found(List<Body> plan, List<Body> read) {
        var all = plan.stream().mapToDouble(b -> b.line().length()).sum();
        var free = stretches(plan, read).stream().mapToDouble(Segment::length).sum();
        return all == 0 ? 0 : 1 - free / all;
    }

    /** Whether the picture lies off the plan. */
    public boolean isShifted() {
        return shift.x() != 0 || shift.y() != 0;
    }

    /** The numbers of those that lie near a point, the nearest first. */
    public List<Integer> near(Point p, double reachMm) {
        return IntStream.range(0, all.size())
                .boxed()
                .filter(i -> all.get(i).where().distance(p) <= reachMm)
                .sorted(Comparator.comparingDouble(i -> all.get(i).where().distance(p)))
                .toList();
    }
}
