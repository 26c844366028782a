package honeylamp.illustrate.shade;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.Noise;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Ground;
import honeylamp.plan.Structure;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A house in the evening: all of it in dim blue, to be multiplied, but where lamps shine. Light goes as far as walls let
 * it, and through doors and plain openings into the next room; windows keep their own glow.
 */
public final class LampLight {
    /** Shares of red, green and blue that are left without any lamp. */
    private static final double[] DIM = {0.27, 0.28, 0.42};

    /** What a lamp adds to each. */
    private static final double[] WARM = {0.92, 0.64, 0.27};

    private static final int ANGLES = 1024;

    /** The edge of what a lamp reaches past a wall is so soft, in plan mm. */
    private static final double SOFT_MM = 70;

    /** Around words outside, in paper mm, light passes into the dark they are read on. */
    private static final double DARK_SOFT_MM = 4;

    /** Around words, in paper mm, light passes into what is left of the evening. */
    private static final double WORD_SOFT_MM = 11;

    private static final double UNDER_WORDS = 1.4;

    private final ShadeGrid grid;
    private final float[] light;

    private LampLight(ShadeGrid grid) {
        this.grid = grid;
        this.light = new float[grid.count()];
    }

    /**
     * The light of a storey, clipped to what it falls on.
     *
     * @param words where words are read in rooms, in paper mm: there is light enough
     * @param outdoors where pale words are read outside, in paper mm: there it stays dark
     * @param pxPerMm resolution, in pixels per paper mm
     */
    public static Mark of(
            StoreyGeometry geometry, PaperFrame frame, List<Box> words, List<Box> outdoors, double pxPerMm) {
        var lit = lit(geometry);
        var path = Figure.builder();
        lit.forEach(o -> o.rings().forEach(path::ring));
        var clip = frame.paper(path.build());
        var grid = ShadeGrid.over(clip.bounds(), pxPerMm, frame);
        var out = new LampLight(grid);
        var walls = walls(geometry);
        LampSpot.of(geometry).forEach(lamp -> out.shine(lamp, walls));
        words.forEach(box ->
                out.under(box, WORD_SOFT_MM, (light, soft) -> Math.max(light, light + soft * (UNDER_WORDS - light))));
        outdoors.forEach(box -> out.under(box, DARK_SOFT_MM, (light, soft) -> light * (1 - soft)));
        return new Mark.Clip(clip, List.of(new Mark.Image(out.pixels(), grid.where())));
    }

    /** A colour in the light that words are given. */
    public static Ink underWords(Ink ink) {
        return in(ink, UNDER_WORDS);
    }

    /** A colour where no lamp shines. */
    public static Ink unlit(Ink ink) {
        return in(ink, 0);
    }

    private static Ink in(Ink ink, double light) {
        var rgb = 0;
        for (var c = 0; c < 3; c++) {
            var own = ink.rgb() >> 16 - 8 * c & 0xff;
            rgb = rgb << 8 | (int) Math.round(own * shoulder(DIM[c] + WARM[c] * light));
        }
        return new Ink(rgb, ink.opacity());
    }

    /** The house, its balconies and the ground around it, without its windows. */
    private static List<Outline> lit(StoreyGeometry geometry) {
        var storey = geometry.storey();
        var held = Stream.of(
                        geometry.shells().stream().map(Outline::shell),
                        storey.grounds().stream().map(Ground::ring),
                        storey.structures().stream().map(Structure::footprint))
                .flatMap(s -> s)
                .map(Outline::of)
                .toList();
        return Regions.difference(Regions.union(held), cuts(geometry, true));
    }

    private static List<Outline> cuts(StoreyGeometry geometry, boolean windows) {
        return geometry.cuts().stream()
                .filter(c -> c.opening().kind().isWindow() == windows)
                .map(OpeningCut::ring)
                .map(Outline::of)
                .toList();
    }

    /** The faces that stop light. */
    private static List<Segment> walls(StoreyGeometry geometry) {
        return Regions.difference(geometry.network().poche(), cuts(geometry, false)).stream()
                .flatMap(Outline::rings)
                .flatMap(r -> r.edges().stream())
                .toList();
    }

    private void shine(LampSpot lamp, List<Segment> walls) {
        var reach = LampSpot.REACH * lamp.wideMm();
        var near = new Box(
                lamp.at().x() - reach,
                lamp.at().y() - reach,
                lamp.at().x() + reach,
                lamp.at().y() + reach);
        var seen = seen(lamp.at(), reach, walls);
        var px = grid.pixels(near);
        for (var row = Math.max(0, px.y); row < Math.min(grid.height(), px.y + px.height); row++) {
            for (var column = Math.max(0, px.x); column < Math.min(grid.width(), px.x + px.width); column++) {
                var way = plan(column, row).minus(lamp.at());
                var far = way.length();
                if (far < reach) {
                    var u = far / lamp.wideMm();
                    var fades = 1 - Noise.step(0.75 * reach, reach, far);
                    var strength = lamp.power() / Math.pow(1 + u * u, 1.5) * fades;
                    light[row * grid.width() + column] += (float) (strength * share(seen, way, far));
                }
            }
        }
    }

    private Point plan(int column, int row) {
        return grid.frame()
                .plan(new Point(
                        grid.bounds().minX() + (column + 0.5) / grid.pxPerMm(),
                        grid.bounds().minY() + (row + 0.5) / grid.pxPerMm()));
    }

    /** How far a lamp is seen in every direction, in plan mm. */
    private static double[] seen(Point lamp, double reach, List<Segment> walls) {
        var out = new double[ANGLES];
        Arrays.fill(out, 2 * reach);
        for (var wall : walls) {
            if (wall.distance(lamp) < reach) {
                var a = wall.a().minus(lamp);
                var b = wall.b().minus(lamp);
                var from = Math.atan2(a.y(), a.x());
                var turn = Math.atan2(a.x() * b.y() - a.y() * b.x(), a.dot(b));
                var first = (int) Math.floor(Math.min(from, from + turn) / (2 * Math.PI) * ANGLES);
                var last = (int) Math.ceil(Math.max(from, from + turn) / (2 * Math.PI) * ANGLES);
                var along = b.minus(a);
                for (var k = first; k <= last; k++) {
                    var ray = new Point(Math.cos(2 * Math.PI * k / ANGLES), Math.sin(2 * Math.PI * k / ANGLES));
                    var cross = ray.x() * along.y() - ray.y() * along.x();
                    if (Math.abs(cross) > 1e-9) {
                        var t = (a.x() * along.y() - a.y() * along.x()) / cross;
                        var s = (a.x() * ray.y() - a.y() * ray.x()) / cross;
                        if (t > 0 && s >= -1e-6 && s <= 1 + 1e-6) {
                            var at = Math.floorMod(k, ANGLES);
                            out[at] = Math.min(out[at], t);
                        }
                    }
                }
            }
        }
        return out;
    }

    /** How much of a lamp is seen at a place, softly at the edges of walls. */
    private static double share(double[] seen, Point way, double far) {
        var middle = Math.atan2(way.y(), way.x()) / (2 * Math.PI) * ANGLES;
        var sum = 0.0;
        for (var k = -2; k <= 2; k++) {
            var at = Math.floorMod((int) Math.round(middle) + k, ANGLES);
            sum += Math.clamp((seen[at] - far) / SOFT_MM + 0.5, 0, 1);
        }
        return sum / 5;
    }

    /** The light at a place under words, from what it was and how near the words are, from 0 to 1. */
    private interface Under {
        double light(double before, double near);
    }

    /** Gives words the light in which they are read. */
    private void under(Box words, double softMm, Under under) {
        var reach = words.grown(softMm);
        var px = grid.pxPerMm();
        var left = Math.max(0, (int) ((reach.minX() - grid.bounds().minX()) * px));
        var right =
                Math.min(grid.width() - 1, (int) ((reach.maxX() - grid.bounds().minX()) * px));
        var top = Math.max(0, (int) ((reach.minY() - grid.bounds().minY()) * px));
        var bottom =
                Math.min(grid.height() - 1, (int) ((reach.maxY() - grid.bounds().minY()) * px));
        for (var row = top; row <= bottom; row++) {
            var y = grid.bounds().minY() + (row + 0.5) / px;
            var dy = Math.max(0, Math.max(words.minY() - y, y - words.maxY()));
            for (var column = left; column <= right; column++) {
                var x = grid.bounds().minX() + (column + 0.5) / px;
                var dx = Math.max(0, Math.max(words.minX() - x, x - words.maxX()));
                var soft = 1 - Noise.step(0, softMm, Math.hypot(dx, dy));
                var i = row * grid.width() + column;
                light[i] = (float) under.light(light[i], soft);
            }
        }
    }

    private Pixels pixels() {
        var out = new int[light.length];
        for (var i = 0; i < out.length; i++) {
            var rgb = 0xff;
            for (var c = 0; c < 3; c++) {
                rgb = rgb << 8 | (int) Math.round(255 * shoulder(DIM[c] + WARM[c] * light[i]));
            }
            out[i] = rgb;
        }
        return new Pixels(grid.width(), grid.height(), out);
    }

    /** Light above two thirds adds ever less, and never more than all. */
    private static double shoulder(double v) {
        return v < 0.66 ? v : 0.66 + 0.34 * (1 - Math.exp(-(v - 0.66) / 0.34));
    }
}
