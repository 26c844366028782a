package honeylamp.edit;

import honeylamp.derive.own.OwnLines;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnLine.Corner;
import honeylamp.plan.OwnLine.Ends;
import honeylamp.plan.OwnPart;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/** What is done to a part of an own piece, in the frame of its drawing. */
public final class OwnParts {
    private static final double SAME_MM = 1e-3;
    private static final double LEAST_MM = 1;

    private OwnParts() {}

    private static OwnPart lines(OwnPart part, UnaryOperator<OwnLine> change) {
        return part.withLines(part.lines().stream().map(change).toList());
    }

    private static OwnLine corners(OwnLine line, UnaryOperator<Corner> change) {
        return line.withCorners(line.corners().stream().map(change).toList());
    }

    /** The part moved to the right and to the back. */
    public static OwnPart moved(OwnPart part, Length right, Length back) {
        return lines(part, line -> corners(line, c -> c.withAt(c.at().moved(right, back))));
    }

    /** The part with its left edge so far from that of the drawing. */
    public static OwnPart fromLeft(OwnPart part, Length left) {
        return moved(part, left.minus(Length.ofMm(box(part).minX())), Length.ZERO);
    }

    /** The part with its front edge so far from that of the drawing. */
    public static OwnPart fromFront(OwnPart part, Length front) {
        return moved(part, Length.ZERO, front.minus(Length.ofMm(box(part).minY())));
    }

    private static Box box(OwnPart part) {
        return OwnLines.bounds(List.of(part));
    }

    /** Left and right exchanged about a line from front to back. */
    public static OwnPart mirrored(OwnPart part, Length about) {
        return lines(
                part,
                line -> corners(
                        line,
                        c -> new Corner(
                                new Position(about.plus(about).minus(c.at().x()), c.at().y()),
                                c.rounded(),
                                c.bow().negated())));
    }

    /** Left and right exchanged about its own middle. */
    public static OwnPart mirrored(OwnPart part) {
        var box = box(part);
        return mirrored(part, Length.ofMm((box.minX() + box.maxX()) / 2));
    }

    /** A quarter turn clockwise in a drawing so wide: what lay to the right lies at the front. */
    static OwnPart quarterTurned(OwnPart part, Length wide) {
        return lines(part, line -> corners(line, c -> c.withAt(new Position(c.at().y(), wide.minus(c.at().x())))));
    }

    /** Turned counter-clockwise about the middle of its box. */
    public static OwnPart turned(OwnPart part, double deg) {
        var box = box(part);
        var middle = box.centre();
        var cos = Math.cos(Math.toRadians(deg));
        var sin = Math.sin(Math.toRadians(deg));
        return lines(
                part,
                line -> corners(line, c -> {
                    var p = c.at().point().minus(middle);
                    return c.withAt(
                            Position.of(middle.plus(new Point(p.x() * cos - p.y() * sin, p.x() * sin + p.y() * cos))));
                }));
    }

    /** The part so wide, its left front corner where it is; what is bowed keeps its proportions. */
    public static Outcome<OwnPart> wide(OwnPart part, Length width) {
        var box = box(part);
        return sized(part, box, width, box.width(), true);
    }

    /** The part so deep, its left front corner where it is; what is bowed keeps its proportions. */
    public static Outcome<OwnPart> deep(OwnPart part, Length depth) {
        var box = box(part);
        return sized(part, box, depth, box.height(), false);
    }

    private static Outcome<OwnPart> sized(OwnPart part, Box box, Length wanted, double now, boolean isWidth) {
        if (now < SAME_MM) {
            return wanted.equals(Length.ZERO)
                    ? Outcome.done(part)
                    : Outcome.refused("it has no size in that direction", "Draw it anew.");
        }
        if (wanted.equals(Length.ZERO)) {
            return Outcome.refused("a part has a size of more than 0", "Take it away instead.");
        }
        var times = wanted.mm() / now;
        var isBowed = part.lines().stream()
                .flatMap(l -> l.corners().stream())
                .anyMatch(c -> !c.bow().equals(Length.ZERO));
        return Outcome.done(
                isBowed
                        ? scaled(part, box, times, times)
                        : scaled(part, box, isWidth ? times : 1, isWidth ? 1 : times));
    }

    /** All of a part larger about the left front corner of the drawing. */
    static OwnPart scaled(OwnPart part, double times) {
        return scaled(part, new Box(0, 0, 0, 0), times, times);
    }

    /** The part between two heights; refused if they are the wrong way round. */
    public static Outcome<OwnPart> between(OwnPart part, Length bottom, Length top) {
        return top.compareTo(bottom) < 0
                ? Outcome.refused("its top would lie below its bottom", "Change the other of the two first.")
                : Outcome.done(part.with(copy -> copy.bottom(bottom).top(top)));
    }

    private static OwnPart scaled(OwnPart part, Box box, double wide, double deep) {
        return lines(
                part,
                line -> corners(
                        line,
                        c -> new Corner(
                                Position.ofMm(
                                        box.minX() + (c.at().x().mm() - box.minX()) * wide,
                                        box.minY() + (c.at().y().mm() - box.minY()) * deep),
                                c.rounded(),
                                c.bow().times(wide))));
    }

    /** All its corners rounded by a radius. */
    public static OwnPart rounded(OwnPart part, Length radius) {
        return lines(part, line -> corners(line, c -> c.withRounded(radius)));
    }

    /** The corner nearest to a point rounded by a radius. */
    public static OwnPart rounded(OwnPart part, Point near, Length radius) {
        var nearest = part.lines().stream()
                .flatMap(l -> l.corners().stream())
                .min(Comparator.comparingDouble(c -> c.at().point().distance(near)))
                .orElseThrow();
        return lines(part, line -> corners(line, c -> c.equals(nearest) ? c.withRounded(radius) : c));
    }

    /**
     * A part more, without a label, its edge so far within that of another; outside it if less than 0. Rounded corners and arcs keep their
     * centres.
     *
     * @return refused if nothing would be left
     */
    public static Outcome<OwnPart> parallel(OwnPart part, Length within) {
        var line = part.outer();
        var made = parallel(line, within.mm());
        if (made.corners().size() < 2 || line.isClosed() && !isSound(line, made, within.mm())) {
            return Outcome.refused("nothing is left within that", "Type a smaller distance.");
        }
        return Outcome.done(part.with(copy -> copy.lines(List.of(made)).label("")));
    }

    private static OwnLine parallel(OwnLine line, double within) {
        if (line.isRound()) {
            var box = OwnLines.bounds(line);
            return OwnLine.circle(Position.of(box.centre()), Length.ofMm(Math.max(0, box.width() / 2 - within)));
        }
        var left = line.isClosed() && OwnLines.ring(line).signedArea() < 0 ? -within : within;
        var sides = OwnLines.sides(line);
        var shifted = sides.stream().map(s -> s.shiftedLeft(left)).toList();
        var out = new ArrayList<Corner>();
        for (var i = 0; i < line.corners().size(); i++) {
            var corner = line.corners().get(i);
            var isEnd = !line.isClosed() && (i == 0 || i == line.corners().size() - 1);
            var at = isEnd
                    ? (i == 0 ? shifted.getFirst().a() : shifted.getLast().b())
                    : met(
                            shifted.get(Math.floorMod(i - 1, sides.size())),
                            shifted.get(i),
                            corner.at().point());
            out.add(new Corner(Position.of(at), corner.rounded(), Length.ZERO));
        }
        for (var i = 0; i < sides.size(); i++) {
            var a = out.get(i);
            var b = out.get((i + 1) % out.size());
            if (shifted.get(i) instanceof Arc arc) {
                var chordMiddle = a.at().point().plus(b.at().point()).times(0.5);
                var rise = Arc.sagitta(a.at().point(), arc.nearest(chordMiddle), b.at().point());
                out.set(i, a.withBow(Length.ofMm(rise)));
            }
            var turn = turn(sides.get(Math.floorMod(i - 1, sides.size())), sides.get(i));
            var rounded = line.corners().get(i).rounded();
            if (!rounded.equals(Length.ZERO)) {
                out.set(i, out.get(i).withRounded(Length.ofMm(Math.max(0, rounded.mm() - Math.signum(turn) * left))));
            }
        }
        return line.withCorners(out);
    }

    private static double turn(Curve in, Curve on) {
        return in.unitAt(in.length()).cross(on.unitAt(0));
    }

    /** Where two lines meet nearest to a point; the end of the first where they run on into each other. */
    private static Point met(Curve in, Curve on, Point near) {
        return in.carriedCrossings(on).stream()
                .min(Comparator.comparingDouble(p -> p.distance(near)))
                .filter(_ -> Math.abs(turn(in, on)) > 1e-9)
                .orElse(in.b());
    }

    /** Whether a parallel line still runs round, each side its way. */
    private static boolean isSound(OwnLine line, OwnLine made, double within) {
        if (line.isRound()) {
            return OwnLines.bounds(made).width() > LEAST_MM;
        }
        var points = OwnLines.points(made);
        if (points.size() < 3 || new Ring(points).area() < LEAST_MM || !new Ring(points).isSimple()) {
            return false;
        }
        var before = OwnLines.ring(line);
        return new Ring(points).signedArea() > 0 == before.signedArea() > 0
                && (within < 0
                        || points.stream().allMatch(p -> before.contains(p) && before.edgeDistance(p) > within - 1));
    }

    /** So many more of a part, each so far to the right and to the back of the one before. */
    public static List<OwnPart> copies(OwnPart part, Length right, Length back, int many) {
        var out = new ArrayList<OwnPart>();
        for (var i = 1; i <= many; i++) {
            out.add(moved(part, right.times(i), back.times(i)));
        }
        return out;
    }

    /**
     * Parts without what another covers, wherever it lies on them at its heights.
     *
     * @param away a closed part
     * @return refused if it lies on none of them
     */
    public static Outcome<List<OwnPart>> without(List<OwnPart> parts, OwnPart away) {
        var around = OwnLines.outline(away.withLines(List.of(away.outer())));
        if (around.isEmpty()) {
            return Outcome.refused("it goes round nothing", "Draw it larger.");
        }
        var gone = around.get();
        var out = new ArrayList<OwnPart>();
        var isCut = false;
        for (var part : parts) {
            var meets = part.isFilled()
                    && part.bottom().compareTo(away.top()) <= 0
                    && away.bottom().compareTo(part.top()) <= 0
                    && OwnLines.outline(part)
                            .filter(o -> !Regions.intersection(List.of(o), List.of(gone))
                                    .isEmpty())
                            .isPresent();
            if (meets) {
                out.addAll(without(part, away.outer(), gone));
                isCut = true;
            } else {
                out.add(part);
            }
        }
        return isCut
                ? Outcome.done(List.copyOf(out))
                : Outcome.refused("it lies on no part that is filled", "Draw it over what it is cut out of.");
    }

    /** A hole that lies within keeps its line as it was drawn; where edges cross, arcs become short chords. */
    private static List<OwnPart> without(OwnPart part, OwnLine hole, Outline gone) {
        var outline = OwnLines.outline(part).orElseThrow();
        var isWithin = outline.rings().noneMatch(r -> crosses(r, gone.shell()))
                && outline.contains(gone.shell().corners().getFirst())
                && outline.holes().stream()
                        .noneMatch(h -> gone.contains(h.corners().getFirst()));
        if (isWithin) {
            return List.of(part.withLines(Lists.plus(part.lines(), hole)));
        }
        return Regions.difference(List.of(outline), List.of(gone)).stream()
                .sorted(Comparator.comparingDouble((Outline o) -> o.bounds().minX())
                        .thenComparingDouble(o -> o.bounds().minY()))
                .map(left -> part.withLines(left.rings().map(OwnParts::line).toList()))
                .toList();
    }

    private static boolean crosses(Ring a, Ring b) {
        return a.edges().stream().anyMatch(e -> b.edges().stream().anyMatch(e::touches));
    }

    private static OwnLine line(Ring ring) {
        var plain = ring.corners().size() > OwnLine.MOST_CORNERS ? ring.simplified(0.5) : ring;
        return new OwnLine(
                plain.corners().stream().map(p -> Corner.at(Position.of(p))).toList(), Ends.JOINED);
    }
}
