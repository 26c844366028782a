package honeylamp.illustrate.ground;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.FacePicture;
import honeylamp.plan.Oklch;
import java.util.List;

/**
 * Draws what a picture shows on a floor, as surfaces of few tones. A darker tone lies on all lighter ones, so that no
 * hairline of the ground shows between two cells.
 */
final class FaceArt {
    /** Cells are joined two by two until one is at least so large on paper. */
    private static final double LEAST_CELL_PAPER_MM = 0.12;

    /** More cells than this are joined, however large they are. */
    private static final double MOST_CELLS = 250_000;

    private final Affine toPaper;
    private final PaperFrame frame;
    private final Pens pens;

    FaceArt(Affine toPaper, PaperFrame frame, Pens pens) {
        this.toPaper = toPaper;
        this.frame = frame;
        this.pens = pens;
    }

    /** The picture's tones as numbers, the lightest 0, at one of its sizes. */
    private record Cells(int columns, int[] tones) {
        int rows() {
            return tones.length / columns;
        }

        static Cells of(FacePicture face) {
            var out = new int[face.cells().length()];
            for (var i = 0; i < out.length; i++) {
                out[i] = face.tone(i / face.columns(), i % face.columns());
            }
            return new Cells(face.columns(), out);
        }

        /** Half as many along each side, or one. */
        Cells halved() {
            var wide = Math.max(1, columns / 2);
            var high = Math.max(1, rows() / 2);
            var out = new int[wide * high];
            for (var i = 0; i < out.length; i++) {
                out[i] = Math.round(mean(i / wide, i % wide, high, wide));
            }
            return new Cells(wide, out);
        }

        private float mean(int row, int column, int high, int wide) {
            var sum = 0f;
            var many = 0;
            for (var r = row * rows() / high; r < (row + 1) * rows() / high; r++) {
                for (var c = column * columns / wide; c < (column + 1) * columns / wide; c++) {
                    sum += tones[r * columns + c];
                    many++;
                }
            }
            return sum / many;
        }
    }

    /**
     * The marks of all that is covered.
     *
     * @param tone that it has from afar; its tones are as much lighter or stronger as this is than its own mean
     * @param cover in the frame of what is laid, in mm
     * @param whole that on paper and more
     */
    void over(List<Mark> out, FacePicture face, Oklch tone, Box cover, Figure whole) {
        var cells = Cells.of(face);
        while (cells.tones.length > 1 && isTooFine(cells, face, cover)) {
            cells = cells.halved();
        }
        var first = cells.tones[0];
        for (var one : cells.tones) {
            first = Math.min(first, one);
        }
        out.add(new Mark.Fill(whole, ink(face, tone, first)));
        for (var least = first + 1; least < face.tones().size(); least++) {
            var path = Figure.builder();
            darkerThan(path, cells, least, face, cover);
            var shape = path.build();
            if (!shape.isEmpty()) {
                out.add(new Mark.Fill(shape, ink(face, tone, least)));
            }
        }
    }

    private boolean isTooFine(Cells cells, FacePicture face, Box cover) {
        var wide = face.width().mm() / cells.columns;
        var high = face.height().mm() / cells.rows();
        return Math.min(wide, high) < frame.planMm(LEAST_CELL_PAPER_MM)
                || cover.width() * cover.height() / (wide * high) > MOST_CELLS;
    }

    private Ink ink(FacePicture face, Oklch tone, int number) {
        var mean = face.mean();
        var own = face.tones().get(number);
        return pens.surface(new Oklch(
                Math.clamp(own.lightness() + tone.lightness() - mean.lightness(), 0, 1),
                Math.clamp(own.chroma() + tone.chroma() - mean.chroma(), 0, 0.4),
                own.hueDeg() + tone.hueDeg() - mean.hueDeg()));
    }

    /** All cells at least so dark, as runs along the rows, wherever the picture repeats. */
    private void darkerThan(Figure.Builder path, Cells cells, int least, FacePicture face, Box cover) {
        var width = face.width().mm();
        var height = face.height().mm();
        var wide = width / cells.columns;
        var high = height / cells.rows();
        for (var up = Math.floor(cover.minY() / height); up * height < cover.maxY(); up++) {
            for (var row = 0; row < cells.rows(); row++) {
                var y = (up + 1) * height - (row + 1) * high; // rows run down, the frame up
                if (y + high > cover.minY() && y < cover.maxY()) {
                    runs(path, cells, least, row, new Box(cover.minX(), y, cover.maxX(), y + high), wide);
                }
            }
        }
    }

    private void runs(Figure.Builder path, Cells cells, int least, int row, Box strip, double wide) {
        var from = (long) Math.floor(strip.minX() / wide);
        var to = (long) Math.ceil(strip.maxX() / wide);
        var begun = from;
        var isIn = false;
        for (var c = from; c <= to; c++) {
            var isDark =
                    c < to && cells.tones[row * cells.columns + (int) Math.floorMod(c, (long) cells.columns)] >= least;
            if (isDark && !isIn) {
                begun = c;
            } else if (!isDark && isIn) {
                path.ring(cell(begun * wide, strip.minY(), c * wide, strip.maxY()));
            }
            isIn = isDark;
        }
    }

    private Ring cell(double x0, double y0, double x1, double y1) {
        return new Ring(List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)))
                .through(toPaper);
    }
}
