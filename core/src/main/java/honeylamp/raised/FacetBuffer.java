package honeylamp.raised;

import honeylamp.geometry.Box;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/** A small picture of which facet is nearest in each of its pixels. */
final class FacetBuffer {
    /** No facet. */
    static final int NONE = -1;

    /** Of facets in one plane one with a rank higher by one counts as so much nearer, in mm. */
    private static final double RANK_MM = 0.06;

    /** What is nearer by less is as near: then the later hides the earlier, as in {@link SeenParts}. */
    private static final double SAME_MM = 0.003;

    /** So many rows are drawn at once. */
    private static final int BAND = 150;

    private final Rows rows;
    private final int width;
    private final int height;
    private final int[] nearest;
    private final double[] nearness;
    private final Projection projection;

    /** Pixels of which the longer side of a box has so many. */
    FacetBuffer(Box box, int longerPx, Projection projection) {
        this.projection = projection;
        this.rows = new Rows(box, longerPx / Math.max(1e-9, Math.max(box.width(), box.height())));
        this.width = rows.width();
        this.height = rows.height();
        this.nearest = new int[width * height];
        this.nearness = new double[width * height];
        Arrays.fill(nearest, NONE);
        Arrays.fill(nearness, Double.NEGATIVE_INFINITY);
    }

    /** A pixel's side, in picture mm. */
    double pixelMm() {
        return 1 / rows.perMm();
    }

    /** All of it. */
    Scene.Nearest nearest() {
        return new Scene.Nearest(width, height, pixelMm(), nearest);
    }

    /** The facet nearest at a place of the picture. */
    int at(double x, double y) {
        return pixel((int) Math.floor(rows.column(x)), (int) Math.floor(rows.row(y)));
    }

    private int pixel(int px, int py) {
        return px < 0 || py < 0 || px >= width || py >= height ? NONE : nearest[py * width + px];
    }

    /** Whether a facet is nearest at a place of the picture or in a pixel beside it. */
    boolean isAt(int facet, double x, double y) {
        var px = (int) rows.column(x); // what lies before the first is cut off: no facet is nearest there
        var py = (int) rows.row(y);
        return pixel(px, py) == facet
                || pixel(px - 1, py) == facet
                || pixel(px + 1, py) == facet
                || pixel(px, py - 1) == facet
                || pixel(px, py + 1) == facet;
    }

    /** Puts all facets that hide others into it. */
    void draw(List<SeenFacet> facets) {
        var first = new int[facets.size()];
        var last = new int[facets.size()];
        for (var i = 0; i < first.length; i++) {
            var hides = Scene.hides(facets.get(i));
            first[i] = hides ? rows.first(facets.get(i).box()) : height;
            last[i] = hides ? rows.last(facets.get(i).box()) : NONE;
        }
        var bands = (height + BAND - 1) / BAND;
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> { // every pixel belongs to one band: always the same picture
                            var low = band * BAND;
                            var high = Math.min(height, low + BAND) - 1;
                            var filling = new Filling();
                            for (var i = 0; i < first.length; i++) {
                                if (first[i] <= high && last[i] >= low) {
                                    filling.of(facets.get(i), i);
                                    rows.spans(
                                            facets.get(i).outline(),
                                            0,
                                            Math.max(low, first[i]),
                                            Math.min(high, last[i]),
                                            filling);
                                }
                            }
                        });
    }

    /** Fills the pixels of one facet after another: one for all, for there are very many of them. */
    private final class Filling implements Rows.Span {
        private Projection.Slope slope = new Projection.Slope(0, 0, 0);
        private double bias;
        private int number;

        void of(SeenFacet facet, int nth) {
            slope = facet.slope();
            bias = facet.facet().rank() * RANK_MM;
            number = nth;
        }

        @Override
        public void row(int row, int from, int to) {
            var y = rows.y(row);
            for (var x = from; x < to; x++) {
                var near = slope.at(rows.x(x), y);
                var before = near + projection.shift(near, bias);
                var at = row * width + x;
                if (before > nearness[at]) {
                    nearness[at] = before - projection.shift(near, SAME_MM);
                    nearest[at] = number;
                }
            }
        }
    }

    /**
     * Tells of all facets that are nearest in a pixel of a facet or in one beside it.
     *
     * @return whether any pixel is of the facet; one too thin for that has to be looked at otherwise
     */
    boolean over(SeenFacet facet, IntConsumer found) {
        var any = new boolean[1];
        rows.spans(facet.outline(), 1, rows.first(facet.box()), rows.last(facet.box()), (row, from, to) -> {
            any[0] = true;
            for (var beside = Math.max(0, row - 1); beside <= Math.min(height - 1, row + 1); beside++) {
                var last = NONE;
                for (var at = beside * width + from; at < beside * width + to; at++) {
                    if (nearest[at] != last && nearest[at] != NONE) {
                        found.accept(nearest[at]);
                        last = nearest[at];
                    }
                }
            }
        });
        return any[0];
    }
}
