package honeylamp.underlay;

import honeylamp.plan.FacePicture;
import honeylamp.plan.Oklch;
import honeylamp.units.Length;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Takes a picture of a material apart into few tones, so that it can be laid beside itself without a seam. */
public final class FaceTones {
    private static final int TONES = 8;
    private static final int ROUNDS = 12;
    private static final int HEXADECIMAL = 16;

    /** Towards its edges, over such a share of its size, the picture passes into its other end. */
    private static final double SEAM_SHARE = 0.12;

    private FaceTones() {}

    /** Lightness and the two axes of hue of every cell. */
    private record Cells(int columns, double[][] lab) {
        int rows() {
            return lab.length / columns;
        }
    }

    /**
     * A picture as the face of a material.
     *
     * @param width of all it shows, in the building; its height is in proportion
     */
    public static FacePicture of(TracedPicture picture, String name, Length width) {
        var full = picture.pyramid();
        var longest = Math.max(full.width(), full.height());
        var share = Math.min(1, (double) FacePicture.MOST_CELLS / longest);
        var columns = Math.max(1, (int) Math.round(full.width() * share));
        var rows = Math.max(1, (int) Math.round(full.height() * share));
        var cells = seamless(sampled(full, columns, rows));
        var tones = tones(cells);
        var text = new StringBuilder();
        for (var lab : cells.lab) {
            text.append(Character.forDigit(nearest(tones, lab), HEXADECIMAL));
        }
        return new FacePicture(
                name,
                width,
                width.times((double) full.height() / full.width()),
                columns,
                tones.stream().map(FaceTones::colour).toList(),
                text.toString());
    }

    /** The mean colour of every cell, read from the smallest level that is fine enough. */
    private static Cells sampled(Pyramid full, int columns, int rows) {
        var level = full.levels().stream()
                .filter(l -> l.width() >= 2 * columns && l.height() >= 2 * rows)
                .reduce((_, smaller) -> smaller)
                .orElse(full.levels().getFirst());
        var out = new double[columns * rows][];
        for (var row = 0; row < rows; row++) {
            for (var column = 0; column < columns; column++) {
                out[row * columns + column] = mean(level, row, column, rows, columns);
            }
        }
        return new Cells(columns, out);
    }

    private static double[] mean(Pyramid.Level level, int row, int column, int rows, int columns) {
        IntBuffer pixels = level.pixels();
        var sum = new double[3];
        var many = 0;
        var down = Math.max(row * level.height() / rows + 1, (row + 1) * level.height() / rows);
        var right = Math.max(column * level.width() / columns + 1, (column + 1) * level.width() / columns);
        for (var y = row * level.height() / rows; y < down; y++) {
            for (var x = column * level.width() / columns; x < right; x++) {
                add(sum, lab(pixels.get(y * level.width() + x) & 0xffffff), 1);
                many++;
            }
        }
        return new double[] {sum[0] / many, sum[1] / many, sum[2] / many};
    }

    private static void add(double[] sum, double[] lab, double weight) {
        for (var k = 0; k < sum.length; k++) {
            sum[k] += weight * lab[k];
        }
    }

    private static double[] lab(int rgb) {
        var colour = Oklch.ofRgb(rgb);
        var hue = Math.toRadians(colour.hueDeg());
        return new double[] {colour.lightness(), colour.chroma() * Math.cos(hue), colour.chroma() * Math.sin(hue)};
    }

    private static Oklch colour(double[] lab) {
        return new Oklch(
                Math.clamp(lab[0], 0.0, 1.0),
                Math.min(0.4, Math.hypot(lab[1], lab[2])),
                (Math.toDegrees(Math.atan2(lab[2], lab[1])) + 360) % 360);
    }

    /** Both ends of every row, then of every column, brought to the same mean at the edge. */
    private static Cells seamless(Cells cells) {
        var out = Arrays.stream(cells.lab).map(double[]::clone).toArray(double[][]::new);
        for (var row = 0; row < cells.rows(); row++) {
            joined(out, row * cells.columns, 1, cells.columns);
        }
        for (var column = 0; column < cells.columns; column++) {
            joined(out, column, cells.columns, cells.rows());
        }
        return new Cells(cells.columns, out);
    }

    private static void joined(double[][] lab, int first, int step, int many) {
        var band = (int) Math.round(many * SEAM_SHARE);
        for (var k = 0; k < band; k++) {
            var near = lab[first + k * step];
            var far = lab[first + (many - 1 - k) * step];
            var share = 0.5 * (1 - (double) k / band);
            for (var c = 0; c < near.length; c++) {
                var difference = share * (far[c] - near[c]);
                near[c] += difference;
                far[c] -= difference;
            }
        }
    }

    /** The tones that lie nearest to all cells, from the lightest; found from cells evenly taken by lightness. */
    private static List<double[]> tones(Cells cells) {
        var byLightness = Arrays.stream(cells.lab)
                .sorted(Comparator.comparingDouble(c -> -c[0]))
                .toList();
        var tones = new ArrayList<double[]>();
        for (var k = 0; k < TONES; k++) {
            tones.add(byLightness
                    .get((int) ((k + 0.5) * byLightness.size() / TONES))
                    .clone());
        }
        for (var round = 0; round < ROUNDS; round++) {
            var sums = new double[tones.size()][3];
            var many = new int[tones.size()];
            for (var lab : cells.lab) {
                var at = nearest(tones, lab);
                add(sums[at], lab, 1);
                many[at]++;
            }
            for (var k = 0; k < many.length; k++) {
                if (many[k] > 0) {
                    tones.set(k, new double[] {sums[k][0] / many[k], sums[k][1] / many[k], sums[k][2] / many[k]});
                }
            }
        }
        tones.sort(Comparator.comparingDouble(t -> -t[0]));
        return tones;
    }

    private static int nearest(List<double[]> tones, double[] lab) {
        var best = 0;
        var least = Double.POSITIVE_INFINITY;
        for (var k = 0; k < tones.size(); k++) {
            var tone = tones.get(k);
            var far = Math.hypot(tone[0] - lab[0], Math.hypot(tone[1] - lab[1], tone[2] - lab[2]));
            if (far < least) {
                least = far;
                best = k;
            }
        }
        return best;
    }
}
