package honeylamp.illustrate.ground;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.pattern.Piece;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Laying.Sheen;
import java.util.List;

/** Draws what is on the pieces of a finish: a second pass of colour along them, and the light they throw back. */
final class CoatArt {
    /** The second pass is drawn on pieces that are so wide on paper at least, in mm. */
    private static final double LEAST_STROKED_MM = 0.8;

    /** What the second pass takes of the lightness, and how much it covers where it is strongest. */
    private static final double SECOND_DARKER = -0.06;

    private static final double SECOND_COVERS = 0.75;

    /** Colour on colour is stronger, not only darker. */
    private static final double SECOND_STRONGER = 0.018;

    /** Light lies in bands so far apart, in plan mm. */
    private static final double BANDS_MM = 1400;

    /** A band of light is laid in so many widths, so faint that no edge of one is seen. */
    private static final int BAND_STEPS = 4;

    private final Material material;
    private final Affine toPaper;
    private final PaperFrame frame;
    private final Pens pens;
    private final long seed;

    /** On paper, in the frame of a laying. */
    CoatArt(Material material, Affine toPaper, PaperFrame frame, Pens pens, long seed) {
        this.material = material;
        this.toPaper = toPaper;
        this.frame = frame;
        this.pens = pens;
        this.seed = seed;
    }

    /** Two strokes or three along each piece, as broad as a marker leaves them, with slanted ends. */
    void second(List<Mark> marks, List<Piece> pieces) {
        var second = material.laying().coat().second();
        if (second == 0) {
            return;
        }
        var path = Figure.builder();
        for (var piece : pieces) {
            var corners = piece.ring().corners();
            if (corners.size() == 4 && leastSide(corners) >= LEAST_STROKED_MM) {
                strokes(path, piece);
            }
        }
        fill(
                marks,
                path,
                pens.of(material.tone().lighter(SECOND_DARKER).stronger(SECOND_STRONGER))
                        .at(SECOND_COVERS * second));
    }

    private double leastSide(List<Point> corners) {
        return Math.min(corners.get(0).distance(corners.get(1)), corners.get(0).distance(corners.get(3)))
                / frame.scale();
    }

    private void strokes(Figure.Builder out, Piece piece) {
        var corners = piece.ring().corners();
        var a = corners.get(0);
        var u = corners.get(1).minus(a);
        var v = corners.get(3).minus(a);
        var along = u.length() < v.length() ? v : u;
        var across = u.length() < v.length() ? u : v;
        var count = 2 + (int) (2 * Seeds.unit(seed + 41, piece.i(), piece.j()));
        for (var k = 0; k < count; k++) {
            var key = piece.j() * 8 + k;
            var from = 0.7 * Seeds.unit(seed + 42, piece.i(), key);
            var to = Math.min(1, from + 0.25 + 0.45 * Seeds.unit(seed + 43, piece.i(), key));
            var low = 0.6 * Seeds.unit(seed + 44, piece.i(), key);
            var high = Math.min(1, low + 0.25 + 0.2 * Seeds.unit(seed + 45, piece.i(), key));
            var slant = 0.03 * Seeds.signed(seed + 46, piece.i(), key);
            out.ring(turned(
                    at(a, along, across, from, low),
                    at(a, along, across, to, low),
                    at(a, along, across, Math.clamp(to + slant, 0, 1), high),
                    at(a, along, across, Math.clamp(from + slant, 0, 1), high)));
        }
    }

    private Point at(Point corner, Point along, Point across, double share, double shareAcross) {
        return toPaper.apply(corner.plus(along.times(share)).plus(across.times(shareAcross)));
    }

    /** All rings turn the same way: where they lie over each other nothing is left out. */
    private static Ring turned(Point... corners) {
        return new Ring(List.of(corners)).counterClockwise();
    }

    /** Broad bands of light over the surface, which slant down to the left of the paper. */
    void sheen(List<Mark> marks, Box cover) {
        var sheen = material.laying().coat().sheen();
        if (sheen == Sheen.MATT) {
            return;
        }
        var box = cover.ring().through(toPaper).bounds();
        var pitch = BANDS_MM / frame.scale();
        for (var step = 1; step <= BAND_STEPS; step++) {
            var half = 0.16 * pitch * step / BAND_STEPS;
            var path = Figure.builder();
            for (var x = box.minX() - box.height(); x < box.maxX() + box.height(); x += pitch) {
                path.ring(turned(
                        new Point(x + box.height() - half, box.minY()),
                        new Point(x + box.height() + half, box.minY()),
                        new Point(x + half, box.maxY()),
                        new Point(x - half, box.maxY())));
            }
            var isGlossy = sheen == Sheen.GLOSSY;
            fill(
                    marks,
                    path,
                    pens.of(material.tone().lighter(isGlossy ? 0.14 : 0.07)).at((isGlossy ? 0.75 : 0.5) / BAND_STEPS));
        }
    }

    private static void fill(List<Mark> marks, Figure.Builder path, Ink ink) {
        var figure = path.build();
        if (!figure.isEmpty()) {
            marks.add(new Mark.Fill(figure, ink));
        }
    }
}
