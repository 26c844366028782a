package honeylamp.illustrate.shade;

import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Grey;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.Noise;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * All shade on floors, gathered once: what is lost of the light (cast), of the sky (corners) and below the edges of
 * pieces (contact), as one grey picture that multiplies what lies below.
 *
 * <p>The losses are of light. Levels of sRGB are near the 2.2th root of light (IEC 61966-2-1 states 2.2 as the exponent
 * of the whole curve), so the picture holds that root: multiplied by it in sRGB, as every output does, a colour is
 * darkened in light by the same share in all channels and keeps its chroma.
 */
public final class FloorShade {
    /** Where the first and the second glaze of a washed shade begin, of the light that is lost. */
    private static final double FIRST_GLAZE = 0.09;

    private static final double SECOND_GLAZE = 0.24;

    private static final double GAMMA = 2.2;

    /** From this chroma on shade has a colour. */
    private static final double TINTED = 0.02;

    /** Losses are told apart so finely. */
    private static final int STEPS = 4096;

    /** So much of the shade is left under words. */
    private static final double UNDER_WORDS = 0.08;

    /** Within so much beside words all of the shade is back, in paper mm. */
    private static final double WORD_SOFT_MM = 6;

    /** What is lost of the light where nothing of the sky is seen, at most. */
    private static final double MOST_DIM = 0.15;

    /** So much of the shade the brightest sun takes away. */
    private static final double SUN_LIFTS = 0.95;

    /** From this share of its way on, shade over bare ground passes away. */
    private static final double FADES_FROM = 0.35;

    private FloorShade() {}

    /**
     * What takes shade.
     *
     * @param whole all of it, in paper mm
     * @param rooms the floors of rooms, each for itself, in paper mm
     * @param built the box of what is drawn, if the bare ground around that takes shade too, in paper mm
     */
    public record Surface(Figure whole, List<Figure> rooms, Optional<Box> built) {}

    private static final float[] NOTHING = {};

    private record Rooms(ShadeGrid grid, List<Figure> rooms) {}

    private record Dark(double pxPerMm) {}

    /**
     * The shade, to be multiplied, clipped to the floors.
     *
     * @param surface what takes shade
     * @param sun what the sun lights through windows: there is less shade
     * @param words where words are read, in paper mm: there is less shade
     * @param pxPerMm resolution, in pixels per paper mm
     * @param remembered what was worked out before on this paper in this look
     */
    public static Mark of(
            PaperFrame frame,
            Surface surface,
            Solids solids,
            Look look,
            Light light,
            WindowLight sun,
            List<Box> words,
            double pxPerMm,
            Remembered remembered) {
        var around = look.cornerReach().mm() / frame.scale();
        var grid = ShadeGrid.over(surface.whole.bounds().grown(around), pxPerMm, frame);
        LostLight lost = remembered.answer(new Dark(pxPerMm), LostLight::new);
        lost.update(LostLight.Setting.of(grid, look, light), solids);
        RoomShares.Numbered numbered =
                remembered.answer(new Rooms(grid, surface.rooms), () -> RoomShares.Numbered.of(grid, surface.rooms));
        var isLit = look.windowLight() > 0 && !sun.sky().rooms().isEmpty();
        var lacking = isLit ? sky(grid, numbered, sun.sky(), remembered) : NOTHING;
        var pigment = look.shading() == Shading.WASHED
                ? remembered.<float[]>answer(new Grained(grid), () -> Granulation.of(grid))
                : NOTHING;
        var asked = Left.of(surface, look, words);
        return remembered.answerOf(asked, List.of(lost.state(), numbered, lacking, sun, pigment), () -> {
            var dark = isLit ? dimmed(lost.dark(), lacking, look.windowLight()) : lost.dark();
            var share = RoomShares.of(grid, numbered, dark, lost.coverage(), look.shadeCeiling());
            var kept = new float[share.length];
            Arrays.fill(kept, 1);
            words.forEach(box -> lighten(grid, kept, box));
            sun.patches().forEach(p -> p.boxes().forEach(box -> light(grid, kept, p, box, look.windowLight())));
            surface.built.ifPresent(built -> fade(grid, kept, built, surface.whole.bounds()));
            return new Mark.Clip(surface.whole, marks(grid, left(left(dark, share), kept), surface, look, pigment));
        });
    }

    /** What the picture of shade depends on beside what is lost of the light: pages of the same have the very same picture. */
    private record Left(
            Surface surface,
            List<Box> words,
            Shading shading,
            Oklch ink,
            Oklch shadow,
            double windowLight,
            double shadeCeiling) {
        static Left of(Surface surface, Look look, List<Box> words) {
            return new Left(
                    surface,
                    words,
                    look.shading(),
                    look.palette().of(Role.INK),
                    look.palette().of(Role.SHADOW),
                    look.windowLight(),
                    look.shadeCeiling());
        }
    }

    private static List<Mark> marks(ShadeGrid grid, float[] dark, Surface surface, Look look, float[] pigment) {
        return switch (look.shading()) {
            case SOFT, LAMPS -> List.of(laid(grid, dark, look));
            case HATCHED -> Hatching.of(grid, dark, Hatching.Tool.PENCIL, ink(look, Role.INK));
            case WASHED -> List.of(laid(grid, washed(grid, dark, surface, pigment), look));
            case BROAD -> Hatching.of(grid, dark, Hatching.Tool.MARKER, ink(look, Role.SHADOW));
        };
    }

    private record Sky(ShadeGrid grid, SkyLight sky) {}

    private static float[] sky(ShadeGrid grid, RoomShares.Numbered rooms, SkyLight sky, Remembered remembered) {
        return remembered.answer(new Sky(grid, sky), () -> sky.lacking(grid, rooms.within()));
    }

    /** Far from windows floors are a little less bright. */
    private static float[] dimmed(float[] lost, float[] lacking, double strength) {
        var out = new float[lost.length];
        for (var i = 0; i < lost.length; i++) {
            out[i] = (float) Math.min(1, lost[i] + MOST_DIM * strength * lacking[i] * (1 - lost[i]));
        }
        return out;
    }

    private record Grained(ShadeGrid grid) {}

    /** The washes, which pass away with the shade over bare ground: pigment that ended there would show an edge. */
    private static float[] washed(ShadeGrid grid, float[] dark, Surface surface, float[] pigment) {
        var out = glazed(dark, pigment);
        surface.built.ifPresent(built -> fade(grid, out, built, surface.whole.bounds()));
        return out;
    }

    /** Shade in two glazes with soft edges and darker rims, over pigment that has settled. */
    private static float[] glazed(float[] dark, float[] pigment) {
        var out = new float[dark.length];
        for (var i = 0; i < out.length; i++) {
            var d = dark[i];
            var first = Noise.step(FIRST_GLAZE, FIRST_GLAZE + 0.05, d);
            var second = Noise.step(SECOND_GLAZE, SECOND_GLAZE + 0.06, d);
            var rim = Math.exp(-Math.pow((d - FIRST_GLAZE - 0.045) / 0.02, 2));
            out[i] = (float) Math.min(1, 0.10 * first + 0.12 * second + 0.04 * rim + 0.10 * d + pigment[i]);
        }
        return out;
    }

    private static Ink ink(Look look, Role role) {
        return Ink.of(look.palette().of(role).argb());
    }

    /** What is lost with the share that is kept of it. */
    private static float[] left(float[] dark, float[] share) {
        var out = new float[dark.length];
        for (var i = 0; i < out.length; i++) {
            out[i] = dark[i] * share[i];
        }
        return out;
    }

    /** How far from what stands there shade reaches in a look, in plan mm. */
    public static double reachMm(Look look, Light light) {
        return CastSearch.reachMm(look.heightCap().mm(), light, look.edges().halfDeg(light))
                + look.cornerReach().mm();
    }

    /** Leaves less of the shade under words, softly. */
    private static void lighten(ShadeGrid grid, float[] share, Box words) {
        var reach = words.grown(WORD_SOFT_MM);
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
                var far = Math.min(1, Math.hypot(dx, dy) / WORD_SOFT_MM);
                var soft = far * far * (3 - 2 * far);
                share[row * grid.width() + column] *= (float) (UNDER_WORDS + (1 - UNDER_WORDS) * soft);
            }
        }
    }

    /** Leaves less of the shade where the sun falls. */
    private static void light(ShadeGrid grid, float[] share, WindowLight.Patch sun, Box lit, double strength) {
        var pixels = grid.pixels(lit).intersection(grid.whole());
        for (var row = pixels.y; row < pixels.y + pixels.height; row++) {
            for (var column = pixels.x; column < pixels.x + pixels.width; column++) {
                share[row * grid.width() + column] *=
                        (float) (1 - SUN_LIFTS * strength * sun.at(grid.middle(column, row)));
            }
        }
    }

    /** Over bare ground shade passes away, before the ground ends. */
    private static void fade(ShadeGrid grid, float[] share, Box built, Box whole) {
        var most = Math.max(1, built.minX() - whole.minX());
        for (var row = 0; row < grid.height(); row++) {
            var y = grid.bounds().minY() + (row + 0.5) / grid.pxPerMm();
            var dy = Math.max(0, Math.max(built.minY() - y, y - built.maxY()));
            for (var column = 0; column < grid.width(); column++) {
                var x = grid.bounds().minX() + (column + 0.5) / grid.pxPerMm();
                var dx = Math.max(0, Math.max(built.minX() - x, x - built.maxX()));
                if (dx > 0 || dy > 0) {
                    var left = Math.clamp((1 - Math.hypot(dx, dy) / most) / (1 - FADES_FROM), 0, 1);
                    share[row * grid.width() + column] *= (float) (left * left * (3 - 2 * left));
                }
            }
        }
    }

    /** Shade that is all but grey as levels; one that has a colour leaves each part of the light as much as that has. */
    private static Mark laid(ShadeGrid grid, float[] dark, Look look) {
        var tone = look.palette().of(Role.SHADOW);
        if (tone.chroma() < TINTED) {
            return picture(grid, dark);
        }
        var table = tints(tone);
        var out = new int[dark.length];
        for (var i = 0; i < out.length; i++) {
            out[i] = table[(int) (dark[i] * STEPS + 0.5f)];
        }
        return new Mark.Image(new Pixels(grid.width(), grid.height(), out), grid.where());
    }

    /**
     * The colour of every step of loss: each channel keeps a power of the light that is left, so that light which is left
     * by as much as the shadow's own colour has is that colour, and the loss is the same in all as it would be in grey.
     */
    private static int[] tints(Oklch tone) {
        var argb = tone.argb();
        var channels = new double[] {light(argb >> 16), light(argb >> 8), light(argb)};
        var all = 0.2126 * channels[0] + 0.7152 * channels[1] + 0.0722 * channels[2]; // IEC 61966-2-1
        var out = new int[STEPS + 1];
        for (var i = 0; i <= STEPS; i++) {
            var left = 1 - i / (double) STEPS;
            var colour = 0xff;
            for (var channel : channels) {
                var power = Math.log(channel) / Math.log(all);
                colour = colour << 8 | (int) Math.round(255 * Math.pow(left, power / GAMMA));
            }
            out[i] = colour;
        }
        return out;
    }

    private static double light(int channel) {
        return Math.pow(Math.max(1, channel & 0xff) / 255.0, GAMMA);
    }

    private static Mark.Picture picture(ShadeGrid grid, float[] dark) {
        var table = levels();
        var levels = new byte[dark.length];
        for (var i = 0; i < levels.length; i++) {
            levels[i] = table[(int) (dark[i] * STEPS + 0.5f)];
        }
        return new Mark.Picture(new Grey(grid.width(), grid.height(), levels), grid.where());
    }

    /** The level of every step of loss. */
    private static byte[] levels() {
        var out = new byte[STEPS + 1];
        for (var i = 0; i <= STEPS; i++) {
            out[i] = (byte) Math.round(255 * Math.pow(1 - i / (double) STEPS, 1 / GAMMA));
        }
        return out;
    }
}
