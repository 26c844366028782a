package honeylamp.illustrate.shade;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Grey;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import java.util.List;

/**
 * All shade on floors, gathered once: what is lost of the light (cast), of the sky (corners) and below the edges of
 * pieces (contact), as one grey picture that multiplies what lies below.
 *
 * <p>The losses are of light. Levels of sRGB are near the 2.2th root of light (IEC 61966-2-1 states 2.2 as the exponent
 * of the whole curve), so the picture holds that root: multiplied by it in sRGB, as every output does, a colour is
 * darkened in light by the same share in all channels and keeps its chroma.
 */
public final class FloorShade {
    /** What of the light is lost at full cast shadow. */
    private static final double CAST = 0.37;

    /** What of the sky's light a wholly hidden sky would take away at full corner shade. */
    private static final double CORNER = 0.92;

    /** What is lost below the edges of pieces, and how far that reaches in plan mm. */
    private static final double CONTACT = 0.16;

    private static final double CONTACT_MM = 45;
    private static final double CONTACT_GAIN = 1.6;

    private static final double GAMMA = 2.2;

    /** Losses are told apart so finely. */
    private static final int STEPS = 4096;

    private final ShadeGrid grid;
    private final Look look;

    private FloorShade(ShadeGrid grid, Look look) {
        this.grid = grid;
        this.look = look;
    }

    /**
     * The shade, to be multiplied, clipped to the floors.
     *
     * @param surface all floors that take shade, in paper mm
     * @param rooms those of rooms, each for itself, in paper mm
     * @param pxPerMm resolution, in pixels per paper mm
     */
    public static Mark of(
            PaperFrame frame,
            Figure surface,
            List<Figure> rooms,
            Solids solids,
            Look look,
            Light light,
            double pxPerMm) {
        var around = look.cornerReach().mm() / frame.scale();
        var grid = ShadeGrid.over(surface.bounds().grown(around), pxPerMm, frame);
        var picture = new FloorShade(grid, look).picture(rooms, solids, light);
        return new Mark.Clip(surface, List.of(picture));
    }

    private Mark.Picture picture(List<Figure> rooms, Solids solids, Light light) {
        var coverage = grid.coverage(solids.all());
        var dark = darkness(solids, coverage, light);
        var share = RoomShares.of(grid, rooms, dark, coverage, look.shadeCeiling());
        var table = levels();
        var levels = new byte[dark.length];
        for (var i = 0; i < levels.length; i++) {
            levels[i] = table[(int) (dark[i] * share[i] * STEPS + 0.5f)];
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

    /** What of the light is lost at every pixel. */
    private float[] darkness(Solids solids, float[] coverage, Light light) {
        var heights = grid.heights(solids.all(), look.heightCap().mm());
        var cast = look.castShadow() > 0 ? CastSearch.of(grid, heights, coverage, light) : new float[grid.count()];
        var corner = look.cornerShade() > 0
                ? CornerSearch.of(grid, heights, look.cornerReach().mm())
                : new float[grid.count()];
        var contact = Smoothing.soft(
                grid.coverage(solids.pieces()), grid.width(), grid.height(), CONTACT_MM / grid.pixelMm());
        var byCast = (float) (CAST * look.castShadow());
        var byCorner = (float) (CORNER * look.cornerShade());
        var out = new float[grid.count()];
        for (var i = 0; i < out.length; i++) {
            var touched = (float) (CONTACT * Math.min(1, CONTACT_GAIN * contact[i]));
            out[i] = 1 - (1 - byCast * cast[i]) * (1 - byCorner * corner[i]) * (1 - touched);
        }
        return out;
    }
}
