package honeylamp.illustrate.paper;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Grey;
import honeylamp.geometry.Box;
import honeylamp.plan.DrawingPaper;
import java.util.Optional;

/** The surface of the paper, which shows through all that lies on it. */
public final class Tooth {
    private static final double PX_PER_MM = 4;

    /** The surface repeats after so many paper mm. */
    private static final int TILE_MM = 96;

    /** Hollows of the paper take so much of the light where the tooth is strongest. */
    private static final double DEEPEST = 0.055;

    private static final long SEED = 77;

    private Tooth() {}

    /** The surface of a page, to be multiplied; empty if the paper is smooth. */
    public static Optional<Mark> of(DrawingPaper paper, Box page) {
        if (paper.tooth() == 0) {
            return Optional.empty();
        }
        var tile = tile(paper);
        var side = (int) (TILE_MM * PX_PER_MM);
        var width = (int) Math.ceil(page.width() * PX_PER_MM);
        var height = (int) Math.ceil(page.height() * PX_PER_MM);
        var levels = new byte[width * height];
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x += side) {
                System.arraycopy(tile, y % side * side, levels, y * width + x, Math.min(side, width - x));
            }
        }
        return Optional.of(new Mark.Picture(
                new Grey(width, height, levels),
                new Box(page.minX(), page.minY(), page.minX() + width / PX_PER_MM, page.minY() + height / PX_PER_MM)));
    }

    private static byte[] tile(DrawingPaper paper) {
        var side = (int) (TILE_MM * PX_PER_MM);
        var out = new byte[side * side];
        for (var y = 0; y < side; y++) {
            for (var x = 0; x < side; x++) {
                var hollow = hollow(paper.kind(), (x + 0.5) / PX_PER_MM, (y + 0.5) / PX_PER_MM);
                out[y * side + x] = (byte) Math.round(255 * (1 - DEEPEST * paper.tooth() * hollow));
            }
        }
        return out;
    }

    /** How deep the paper is at a point in paper mm, from 0 to 1. */
    private static double hollow(DrawingPaper.Kind kind, double x, double y) {
        var depth = switch (kind) {
            case CARTRIDGE -> grain(0.6, 1, x, y);
            case LAID -> 0.55 * grain(0.75, 1, x, y) + 0.45 * grain(0.75, 0.12, x, y);
            case ROUGH -> 0.8 * grain(0.96, 1, x, y) + 0.3 * grain(0.6, 1, x, y);
        };
        return Math.clamp(0.42 + 0.75 * depth, 0, 1);
    }

    /**
     * Two octaves of grain as long as {@code sizeMm}, stretched across the page where {@code slender} is below 1; it
     * repeats with the tile.
     */
    private static double grain(double sizeMm, double slender, double x, double y) {
        var cells = Math.round(TILE_MM / sizeMm);
        var across = x / TILE_MM * Math.max(1, Math.round(cells * slender));
        var down = y / TILE_MM * cells;
        var second = Noise.wrapped(SEED + 1, 2 * across, 2 * down, 2 * cells);
        return 0.62 * Noise.wrapped(SEED, across, down, cells) + 0.38 * second;
    }
}
