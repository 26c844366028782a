package honeylamp.illustrate.fitting;

import honeylamp.derive.listing.GroupsElsewhere;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.BoxPile;
import honeylamp.geometry.Point;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Fitting;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import honeylamp.plan.Wall.Works;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Tags and numbers written beside symbols one by one, each clear of those before. */
final class FittingNumbers {
    /** They stand so far from the middle of a symbol, in paper mm. */
    private static final double AWAY_MM = 2.3;

    private static final double AIR_MM = 0.25;

    /** Over walls and links they are read by the paper around them. */
    private static final double HALO_MM = 0.25;

    private static final List<Double> FARTHER = List.of(1.0, 1.5, 2.0, 2.5, 3.0);

    private static final List<Point> AROUND = List.of(
            new Point(0.8, -0.6),
            new Point(0.8, 0.6),
            new Point(-0.8, -0.6),
            new Point(-0.8, 0.6),
            new Point(0, -1.1),
            new Point(0, 1.1));

    private final BoxIndex taken;
    private final BoxPile written = new BoxPile();
    private final double cap;
    private final Typeface face;
    private final Ink ink;
    private final Ink faint;
    private final Ink paper;

    /** How wide words are, in paper mm: many fittings have the same. */
    private final Map<String, Double> widths = new HashMap<>();

    /**
     * Begins with none.
     *
     * @param taken by symbols and the beginnings of links, in paper mm
     */
    FittingNumbers(Pens pens, BoxIndex taken) {
        this.taken = taken;
        this.cap = pens.cap(TextRole.TAG);
        this.face = pens.face(TextRole.TAG, Typeface.MEDIUM);
        this.ink = pens.ink();
        this.faint = pens.dimensionInk();
        this.paper = pens.ink(Role.PAPER);
    }

    /** What is written beside a fitting: its tag, its groups, and its circuit after a c; nothing if none is known. */
    static Optional<String> text(Fitting fitting, String tag, GroupsElsewhere elsewhere) {
        var groups =
                fitting.groups().stream().map(g -> elsewhere.words(fitting, g)).collect(Collectors.joining(","));
        var circuit = fitting.circuit() == 0 ? "" : "c" + fitting.circuit();
        return Optional.of((tag + " " + groups + " " + circuit).strip().replace("  ", " "))
                .filter(s -> !s.isEmpty());
    }

    /** Where words could stand, with the air around them. */
    private record Place(Point at, Mark.Align align, Box box) {}

    /**
     * Words beside a symbol.
     *
     * @param middle of the symbol, in paper mm
     * @param front the way it looks on paper
     */
    Mark written(Placed placed, String words, Point middle, Point front) {
        var wide = widths.computeIfAbsent(
                words, w -> text(w, Point.ORIGIN, Mark.Align.LEFT, ink).widthMm());
        var place = places(placed, middle, front, wide)
                .filter(p -> taken.meeting(p.box).isEmpty())
                .filter(p -> !written.meets(p.box))
                .findFirst()
                .or(() -> places(placed, middle, front, wide) // over a symbol or a link rather than over other words
                        .filter(p -> !written.meets(p.box))
                        .findFirst())
                .orElseGet(() -> places(placed, middle, front, wide).findFirst().orElseThrow());
        written.add(place.box);
        var goes = placed.fitting().works() == Works.REMOVED;
        return new Mark.Haloed(text(words, place.at, place.align, goes ? faint : ink), HALO_MM, paper);
    }

    private Mark.Text text(String words, Point at, Mark.Align align, Ink in) {
        return new Mark.Text(words, at, cap, face, 0, align, 0, in);
    }

    /** Where they can stand, the usual place first. */
    private Stream<Place> places(Placed placed, Point middle, Point front, double wideMm) {
        var right = new Point(-front.y(), front.x());
        var ways = placed.isOnWall()
                ? List.of(
                        right.plus(front.times(0.35)),
                        right.times(-1).plus(front.times(0.35)),
                        right.plus(front),
                        right.times(-1).plus(front),
                        front.times(1.5))
                : AROUND;
        return FARTHER.stream()
                .flatMap(far -> ways.stream().map(way -> place(middle.plus(way.times(far * AWAY_MM)), way, wideMm)));
    }

    private Place place(Point at, Point way, double wideMm) {
        var align = way.x() > 0.3 ? Mark.Align.LEFT : way.x() < -0.3 ? Mark.Align.RIGHT : Mark.Align.MIDDLE;
        var left = at.x()
                - switch (align) {
                    case LEFT -> 0;
                    case MIDDLE -> wideMm / 2;
                    case RIGHT -> wideMm;
                };
        var base = at.plus(new Point(0, cap / 2));
        return new Place(base, align, new Box(left, base.y() - cap, left + wideMm, base.y()).grown(AIR_MM));
    }
}
