package honeylamp.illustrate.ground;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Detail;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What grows on the ground: shrubs that stand in drifts of one kind, and hedges that are one mass. All is seeded, and
 * nothing reaches over the edge of its bed.
 */
final class PlantingArt {
    /** From the largest to the smallest: half as wide as a shrub is, and how much that varies, in plan mm. */
    private static final List<Size> SIZES = List.of(new Size(470, 90), new Size(300, 60), new Size(170, 35));

    /** Shrubs stand so near each other, of the sum of their radii. */
    private static final double CLOSE = 0.80;

    /** Tries for a place, of as many as would fill the bed with squares. */
    private static final double TRIES = 1.7;

    /** Shrubs of one kind stand together over about this length, in plan mm. */
    private static final double DRIFT_MM = 1500;

    private static final double HEDGE_MM = 190;
    private static final int MOST = 4000;

    private final PaperFrame frame;
    private final Pens pens;
    private final Detail detail;
    private final Point away;

    private record Size(double radiusMm, double variesMm) {}

    /** How a shrub grows. */
    private enum Habit {
        /** A dome of small leaves. */
        DOME,
        /** Leaves about a middle. */
        ROSETTE,
        /** Blades of grass. */
        TUFT,
        /** A dome in flower. */
        FLOWERING
    }

    private record Shrub(Point at, double radiusMm, long seed) {}

    /**
     * Draws with pens on paper.
     *
     * @param away in the plan, where shade falls to; of no length if there is no light
     */
    PlantingArt(PaperFrame frame, Pens pens, Point away) {
        this.frame = frame;
        this.pens = pens;
        this.detail = new Detail(frame.scale());
        this.away = away;
    }

    /** Shrubs in a bed, the lower ones first. */
    List<Mark> shrubs(Outline bed, long seed) {
        var out = new ArrayList<Mark>();
        var shrubs = standing(bed, seed);
        shrubs.stream().sorted(Comparator.comparingDouble(Shrub::radiusMm)).forEach(s -> shrub(out, s, seed));
        return out;
    }

    private static List<Shrub> standing(Outline bed, long seed) {
        var out = new ArrayList<Shrub>();
        var box = bed.bounds();
        for (var k = 0; k < SIZES.size(); k++) {
            var size = SIZES.get(k);
            var pitch = 2 * size.radiusMm;
            var tries = (int) Math.min(MOST, TRIES * box.width() * box.height() / (pitch * pitch));
            for (var i = 0; i < tries; i++) {
                var at = new Point(
                        box.minX() + box.width() * Seeds.unit(seed, 3L * i, k),
                        box.minY() + box.height() * Seeds.unit(seed, 3L * i + 1, k));
                var radius = size.radiusMm + size.variesMm * Seeds.signed(seed, 3L * i + 2, k);
                if (bed.contains(at) && bed.edgeDistance(at) >= radius && isFree(out, at, radius)) {
                    out.add(new Shrub(at, radius, seed + 31L * i + 7L * k));
                }
            }
        }
        return out;
    }

    private static boolean isFree(List<Shrub> taken, Point at, double radius) {
        return taken.stream().noneMatch(s -> s.at.distance(at) < CLOSE * (s.radiusMm + radius));
    }

    private void shrub(List<Mark> out, Shrub shrub, long bed) {
        var i = (long) Math.floor(shrub.at.x() / DRIFT_MM);
        var j = (long) Math.floor(shrub.at.y() / DRIFT_MM);
        var habit = Habit.values()[(int) (Seeds.unit(bed + 5, i, j) * Habit.values().length)];
        var tone = tone(habit, Seeds.signed(shrub.seed, 1, 9));
        shade(out, shrub.at, shrub.radiusMm);
        switch (habit) {
            case DOME -> dome(out, shrub, tone);
            case ROSETTE -> rosette(out, shrub, tone);
            case TUFT -> tuft(out, shrub, tone);
            case FLOWERING -> {
                dome(out, shrub, tone);
                flowers(out, shrub);
            }
        }
    }

    private Oklch tone(Habit habit, double varies) {
        var role = switch (habit) {
            case DOME -> Role.LEAF;
            case ROSETTE -> Role.LEAF_DEEP;
            case TUFT, FLOWERING -> Role.LEAF_LIGHT;
        };
        return pens.colour(role).lighter(0.025 * varies);
    }

    /** On the side away from the light, and a little all around. */
    private void shade(List<Mark> out, Point at, double radius) {
        var dark = pens.colour(Role.LEAF_DEEP).lighter(-0.22).argb();
        if (away.length() > 0) {
            var there = at.plus(away.times(0.34 * radius));
            out.add(fill(Figure.circle(there, radius), new Ink(dark, 0.10)));
            out.add(fill(Figure.circle(at.plus(away.times(0.2 * radius)), radius), new Ink(dark, 0.16)));
        }
    }

    private void dome(List<Mark> out, Shrub shrub, Oklch tone) {
        var r = shrub.radiusMm;
        var whole = lobed(shrub.at, 0.98 * r, 11, shrub.seed);
        out.add(edge(whole, tone));
        out.add(fill(whole, Ink.of(tone.lighter(-0.06).argb())));
        var light = away.times(-0.13 * r);
        out.add(fill(lobed(shrub.at.plus(light), 0.72 * r, 9, shrub.seed + 1), Ink.of(tone.argb())));
        if (detail.shows(SymbolShape.Detail.DRAWN)) {
            out.add(fill(
                    lobed(shrub.at.plus(light.times(2)), 0.42 * r, 7, shrub.seed + 2),
                    Ink.of(tone.lighter(0.045).argb())));
        }
    }

    private void flowers(List<Mark> out, Shrub shrub) {
        var path = Figure.builder();
        var many = 9;
        for (var i = 0; i < many; i++) {
            var from = 0.8 * shrub.radiusMm * Math.sqrt((i + 0.5) / many);
            var turn = 137.5 * i + 60 * Seeds.unit(shrub.seed, 4, i); // the golden angle
            path.path(Figure.circle(shrub.at.plus(Point.direction(turn).times(from)), 0.085 * shrub.radiusMm));
        }
        out.add(fill(path.build(), pens.ink(Role.LINEN)));
    }

    private void rosette(List<Mark> out, Shrub shrub, Oklch tone) {
        for (var ring = 0; ring < 2; ring++) {
            var path = Figure.builder();
            var reach = shrub.radiusMm * (ring == 0 ? 0.98 : 0.62);
            var many = ring == 0 ? 11 : 8;
            for (var i = 0; i < many; i++) {
                var turn = 360.0 * i / many + 17 * ring + 12 * Seeds.signed(shrub.seed, ring, i);
                path.ring(leaf(shrub.at, turn, reach * (0.86 + 0.14 * Seeds.unit(shrub.seed, ring + 2, i)), 0.17));
            }
            var leaves = path.build();
            out.add(edge(leaves, tone));
            out.add(fill(leaves, Ink.of(tone.lighter(0.06 * ring - 0.01).argb())));
        }
    }

    /** A leaf from a middle, slender, as wide as a share of its length on each side. */
    private static Ring leaf(Point from, double turnDeg, double reach, double half) {
        var along = Point.direction(turnDeg);
        var side = along.left().times(half * reach);
        return Ring.of(
                        from.plus(along.times(0.08 * reach)),
                        from.plus(along.times(0.45 * reach)).minus(side),
                        from.plus(along.times(0.78 * reach)).minus(side.times(0.62)),
                        from.plus(along.times(reach)),
                        from.plus(along.times(0.78 * reach)).plus(side.times(0.62)),
                        from.plus(along.times(0.45 * reach)).plus(side))
                .counterClockwise();
    }

    private void tuft(List<Mark> out, Shrub shrub, Oklch tone) {
        var blades = Figure.builder();
        var many = detail.shows(SymbolShape.Detail.DRAWN) ? 19 : 11;
        for (var i = 0; i < many; i++) {
            var turn = 360.0 * i / many + 9 * Seeds.signed(shrub.seed, 6, i);
            blades.ring(leaf(shrub.at, turn, shrub.radiusMm * (0.72 + 0.26 * Seeds.unit(shrub.seed, 7, i)), 0.055));
        }
        var path = blades.build();
        out.add(edge(path, tone));
        out.add(fill(path, Ink.of(tone.argb())));
        out.add(fill(
                Figure.circle(shrub.at, 0.22 * shrub.radiusMm),
                Ink.of(tone.lighter(-0.07).argb())));
    }

    /** A hedge that fills its bed up to the edge, clipped to a soft line. */
    List<Mark> hedge(Outline bed, long seed) {
        var out = new ArrayList<Mark>();
        var tone = pens.colour(Role.LEAF_DEEP);
        var mass = tufts(bed, seed, HEDGE_MM, 0.62, 1);
        if (away.length() > 0) {
            var dark = new Ink(tone.lighter(-0.22).argb(), 0.16);
            out.add(fill(tufts(bed, seed, HEDGE_MM, 0.62, 1, away.times(140)), dark));
        }
        out.add(edge(mass, tone));
        out.add(fill(mass, Ink.of(tone.argb())));
        var light = away.times(-45);
        out.add(fill(
                tufts(bed, seed + 1, HEDGE_MM, 0.9, 0.55, light),
                Ink.of(pens.colour(Role.LEAF).argb())));
        if (detail.shows(SymbolShape.Detail.DRAWN)) {
            out.add(fill(
                    tufts(bed, seed + 2, HEDGE_MM, 1.25, 0.32, light.times(1.6)),
                    Ink.of(pens.colour(Role.LEAF_LIGHT).argb())));
        }
        return out;
    }

    private Figure tufts(Outline bed, long seed, double radius, double pitch, double size) {
        return tufts(bed, seed, radius, pitch, size, Point.ORIGIN);
    }

    /** Rounds on a loose grid that stay within a bed; in one narrower than they are they are as wide as it allows. */
    private Figure tufts(Outline bed, long seed, double radius, double pitch, double size, Point shift) {
        var path = Figure.builder();
        var box = bed.bounds();
        var step = Math.max(pitch * radius, Math.sqrt(box.width() * box.height() / MOST));
        var columns = (int) Math.ceil(box.width() / step);
        var rows = (int) Math.ceil(box.height() / step);
        for (var j = 0; j < rows; j++) {
            for (var i = 0; i < columns; i++) {
                var at = new Point(
                        box.minX() + (i + 0.5 + 0.3 * Seeds.signed(seed, i, j)) * step,
                        box.minY() + (j + 0.5 + 0.3 * Seeds.signed(seed + 9, i, j)) * step);
                if (bed.contains(at)) {
                    var r = Math.min(radius * size * (0.9 + 0.2 * Seeds.unit(seed + 17, i, j)), bed.edgeDistance(at));
                    if (r > 0.12 * radius) {
                        path.path(Figure.circle(at.plus(shift), r));
                    }
                }
            }
        }
        return path.build();
    }

    /** A round of lobes that reach as far as the radius. */
    private static Figure lobed(Point at, double radius, int lobes, long seed) {
        var edge = Figure.builder();
        IntStream.range(0, lobes).forEach(k -> {
            var lobe = radius * (0.30 + 0.07 * Seeds.unit(seed, 4, k));
            var turn = 360.0 * k / lobes + 14 * Seeds.signed(seed, 3, k);
            edge.path(Figure.circle(at.plus(Point.direction(turn).times(radius - lobe)), lobe));
        });
        return edge.path(Figure.circle(at, 0.74 * radius)).build();
    }

    private Mark fill(Figure path, Ink ink) {
        return new Mark.Fill(frame.paper(path), ink);
    }

    private Mark edge(Figure path, Oklch tone) {
        return new Mark.Stroke(
                frame.paper(path),
                pens.furnitureInner(),
                Ink.of(tone.lighter(-0.17).argb()));
    }
}
