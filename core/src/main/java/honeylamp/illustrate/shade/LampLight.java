package honeylamp.illustrate.shade;

import honeylamp.derive.lighting.InTheWay;
import honeylamp.derive.lighting.Sight;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.Noise;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.plan.Ground;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Structure;
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

    /** The edge of what a lamp reaches past a wall is so soft, in plan mm. */
    private static final double SOFT_MM = 70;

    /** Around words outside, in paper mm, light passes into the dark they are read on. */
    private static final double DARK_SOFT_MM = 4;

    /** Around words, in paper mm, light passes into what is left of the evening. */
    private static final double WORD_SOFT_MM = 11;

    private static final double UNDER_WORDS = 1.4;

    /** Under dark words in a dark room there is less: enough to read them, and no pool of its own. */
    private static final double UNDER_DARK_WORDS = 0.75;

    private final ShadeGrid grid;
    private final float[][] light;

    private LampLight(ShadeGrid grid, float[][] light) {
        this.grid = grid;
        this.light = light;
    }

    /**
     * What is lit.
     *
     * @param evening which of the fittings are on
     * @param pieces whose tops are lit
     */
    public record Asked(Evening evening, List<Solid> pieces, Outside outside) {}

    /** How dark it is around the house. */
    public enum Outside {
        /** As dark as inside where no lamp is. */
        NIGHT(DIM),
        /** So that dark words are still read. */
        DUSK(new double[] {0.72, 0.74, 0.86});

        private final double[] shares;

        Outside(double[] shares) {
            this.shares = shares;
        }
    }

    /**
     * The light of a storey, clipped to what it falls on.
     *
     * @param asked by which fittings; a storey that has none is lit by its lamps and from the middles of its rooms
     * @param words where words are read in rooms, in paper mm: there is light enough
     * @param outdoors where pale words are read outside, in paper mm: there it stays dark
     * @param pxPerMm resolution, in pixels per paper mm
     */
    public static Mark of(
            StoreyGeometry geometry,
            PaperFrame frame,
            Asked asked,
            List<Box> words,
            List<Box> outdoors,
            double pxPerMm) {
        var lit = lit(geometry);
        var path = Figure.builder();
        lit.forEach(o -> o.rings().forEach(path::ring));
        var clip = frame.paper(path.build());
        var grid = ShadeGrid.over(clip.bounds(), pxPerMm, frame);
        var out = isFitted(geometry)
                ? new LampLight(grid, EveningLight.of(geometry, asked.evening, asked.pieces, grid))
                : spotted(geometry, grid);
        var least = asked.outside == Outside.DUSK ? UNDER_DARK_WORDS : UNDER_WORDS;
        words.forEach(box -> out.under(
                box, WORD_SOFT_MM, (light, full, soft) -> Math.max(light, light + soft * (least * full - light))));
        outdoors.forEach(box -> out.under(box, DARK_SOFT_MM, (light, full, soft) -> light * (1 - soft)));
        return new Mark.Clip(
                clip, List.of(new Mark.Image(out.pixels(out.inside(geometry), asked.outside), grid.where())));
    }

    /** Whether a storey has fittings, by which it is lit. */
    public static boolean isFitted(StoreyGeometry geometry) {
        return EveningLight.isLit(geometry);
    }

    private static LampLight spotted(StoreyGeometry geometry, ShadeGrid grid) {
        var out = new LampLight(grid, new float[3][grid.count()]);
        var walls = new InTheWay(InTheWay.of(geometry).walls(), List.of());
        LampSpot.of(geometry).forEach(lamp -> out.shine(lamp, walls));
        return out;
    }

    /** A colour in the light that words are given. */
    public static Ink underWords(Ink ink) {
        return in(ink, UNDER_WORDS);
    }

    /** What the dusk leaves of white. */
    public static Ink dusk() {
        var rgb = 0;
        for (var share : Outside.DUSK.shares) {
            rgb = rgb << 8 | (int) Math.round(255 * share);
        }
        return new Ink(rgb, 1);
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
        return Regions.difference(Regions.union(held), windows(geometry));
    }

    private static List<Outline> windows(StoreyGeometry geometry) {
        return geometry.cuts().stream()
                .filter(c -> c.opening().kind().isWindow())
                .map(OpeningCut::ring)
                .map(Outline::of)
                .toList();
    }

    private void shine(LampSpot lamp, InTheWay walls) {
        var reach = LampSpot.REACH * lamp.wideMm();
        var near = new Box(
                lamp.at().x() - reach,
                lamp.at().y() - reach,
                lamp.at().x() + reach,
                lamp.at().y() + reach);
        var sight = Sight.of(lamp.at(), 0, 2 * reach, walls);
        var px = grid.pixels(near);
        for (var row = Math.max(0, px.y); row < Math.min(grid.height(), px.y + px.height); row++) {
            for (var column = Math.max(0, px.x); column < Math.min(grid.width(), px.x + px.width); column++) {
                var at = grid.middle(column, row);
                var far = at.distance(lamp.at());
                if (far < reach) {
                    var u = far / lamp.wideMm();
                    var fades = 1 - Noise.step(0.75 * reach, reach, far);
                    var strength = lamp.power() / Math.pow(1 + u * u, 1.5) * fades * sight.share(at, 0, SOFT_MM);
                    for (var c = 0; c < 3; c++) {
                        light[c][row * grid.width() + column] += (float) (WARM[c] * strength);
                    }
                }
            }
        }
    }

    /** The light at a place under words, from what it was, what there is in full, and how near the words are, from 0 to 1. */
    private interface Under {
        double light(double before, double full, double near);
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
                for (var c = 0; c < 3; c++) {
                    light[c][i] = (float) under.light(light[c][i], WARM[c], soft);
                }
            }
        }
    }

    /** 0 at pixels outside the house. */
    private int[] inside(StoreyGeometry geometry) {
        return grid.numbered(geometry.shells().stream()
                .map(s -> grid.frame().paper(Figure.ring(s.shell())))
                .toList());
    }

    private Pixels pixels(int[] inside, Outside outside) {
        var out = new int[grid.count()];
        for (var i = 0; i < out.length; i++) {
            out[i] = argb(inside[i] == 0 ? outside : Outside.NIGHT, light[0][i], light[1][i], light[2][i]);
        }
        return new Pixels(grid.width(), grid.height(), out);
    }

    /** What is left of white where it is so dark, with light of red, green and blue that lamps add. */
    static int argb(Outside dark, double... light) {
        var rgb = 0xff;
        for (var c = 0; c < 3; c++) {
            rgb = rgb << 8 | (int) Math.round(255 * shoulder(dark.shares[c] + light[c]));
        }
        return rgb;
    }

    /** Light above two thirds adds ever less, and never more than all. */
    private static double shoulder(double v) {
        return v < 0.66 ? v : 0.66 + 0.34 * (1 - Math.exp(-(v - 0.66) / 0.34));
    }
}
