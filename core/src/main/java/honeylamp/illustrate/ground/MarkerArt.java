package honeylamp.illustrate.ground;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * A surface as a broad marker covers it: strokes side by side along the finish, each over the edge of the one before it,
 * some of them drawn again. The paper shows through.
 */
final class MarkerArt {
    private static final double WIDE_MM = 3.3;
    private static final double OVERLAP_MM = 0.55;
    private static final double WOBBLE_MM = 0.16;
    private static final double STEP_MM = 9;

    /** How much of the ink a stroke leaves, and one drawn again on top of it. */
    private static final double COVERS = 0.74;

    private static final double AGAIN = 0.17;
    private static final double AGAIN_OFTEN = 0.36;

    private final Affine toPaper;
    private final PaperFrame frame;
    private final Pens pens;
    private final long seed;

    MarkerArt(Affine toPaper, PaperFrame frame, Pens pens, long seed) {
        this.toPaper = toPaper;
        this.frame = frame;
        this.pens = pens;
        this.seed = seed;
    }

    /**
     * The strokes.
     *
     * @param tone of the ink
     * @param cover what they cover, in the frame of what is laid, in mm
     * @param whole that on paper and more
     */
    List<Mark> over(Oklch tone, Box cover, Figure whole) {
        var even = Figure.builder();
        var odd = Figure.builder();
        var again = Figure.builder();
        var pitch = frame.planMm(WIDE_MM);
        var half = (pitch + frame.planMm(OVERLAP_MM)) / 2;
        for (var row = (long) Math.floor(cover.minY() / pitch); row * pitch <= cover.maxY() + pitch; row++) {
            var middle = row * pitch;
            ribbon(row % 2 == 0 ? even : odd, row, middle, half, cover.minX(), cover.maxX());
            if (Seeds.unit(seed, row, 7) < AGAIN_OFTEN) {
                var long0 = cover.width() * Seeds.unit(seed, row, 8);
                var long1 = long0 + cover.width() * (0.25 + 0.6 * Seeds.unit(seed, row, 9));
                ribbon(again, row + 5000, middle, 0.8 * half, cover.minX() + long0, cover.minX() + long1);
            }
        }
        var ink = pens.of(tone);
        var out = new ArrayList<Mark>();
        out.add(new Mark.Fill(whole, pens.ink(Role.PAPER)));
        out.add(new Mark.Fill(even.build(), ink.at(COVERS)));
        out.add(new Mark.Fill(odd.build(), ink.at(COVERS)));
        var darker = Ink.of(pens.of(tone.lighter(-0.10)).rgb());
        var second = again.build();
        if (!second.isEmpty()) {
            out.add(new Mark.Fill(second, darker.at(AGAIN)));
        }
        return out;
    }

    /** A stroke from end to end, its edges as unsteady as a hand. */
    private void ribbon(Figure.Builder path, long row, double middle, double half, double from, double to) {
        var step = frame.planMm(STEP_MM);
        var steps = (int) Math.max(1, Math.ceil((to - from) / step));
        var upper = new ArrayList<Point>();
        var lower = new ArrayList<Point>();
        for (var k = 0; k <= steps; k++) {
            var x = Math.min(to, from + k * step);
            var n = (long) Math.floor(x / step);
            var wobble = frame.planMm(WOBBLE_MM);
            upper.add(new Point(x, middle + half + wobble * Seeds.signed(seed + row, n, 1)));
            lower.add(new Point(x, middle - half + wobble * Seeds.signed(seed + row, n, 2)));
        }
        upper.addAll(lower.reversed());
        var first = true;
        for (var p : upper) {
            var on = toPaper.apply(p);
            if (first) {
                path.moveTo(on.x(), on.y());
                first = false;
            } else {
                path.lineTo(on.x(), on.y());
            }
        }
        path.close();
    }
}
