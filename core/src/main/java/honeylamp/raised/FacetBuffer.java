package honeylamp.raised;

import honeylamp.geometry.Box;
import honeylamp.geometry.Ring;
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

    /** So many rows are drawn at once. */
    private static final int BAND = 150;

    private final Box box;
    private final double perMm;
    private final int width;
    private final int height;
    private final int[] nearest;
    private final double[] nearness;
    private final Projection projection;

    /** Pixels of which the longer side of a box has so many. */
    FacetBuffer(Box box, int longerPx, Projection projection) {
        this.box = box;
        this.projection = projection;
        this.perMm = longerPx / Math.max(1e-9, Math.max(box.width(), box.height()));
        this.width = Math.max(1, (int) Math.ceil(box.width() * perMm));
        this.height = Math.max(1, (int) Math.ceil(box.height() * perMm));
        this.nearest = new int[width * height];
        this.nearness = new double[width * height];
        Arrays.fill(nearest, NONE);
        Arrays.fill(nearness, Double.NEGATIVE_INFINITY);
    }

    /** A pixel's side, in picture mm. */
    double pixelMm() {
        return 1 / perMm;
    }

    /** All of it. */
    Scene.Nearest nearest() {
        return new Scene.Nearest(width, height, pixelMm(), nearest);
    }

    /** The facet nearest at a place of the picture. */
    int at(double x, double y) {
        var px = (int) Math.floor((x - box.minX()) * perMm);
        var py = (int) Math.floor((y - box.minY()) * perMm);
        return px < 0 || py < 0 || px >= width || py >= height ? NONE : nearest[py * width + px];
    }

    /** Puts all facets that hide others into it. */
    void draw(List<SeenFacet> facets) {
        var first = new int[facets.size()];
        var last = new int[facets.size()];
        for (var i = 0; i < first.length; i++) {
            var hides = Scene.hides(facets.get(i));
            first[i] = hides ? firstRow(facets.get(i)) : height;
            last[i] = hides ? lastRow(facets.get(i)) : NONE;
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
                                    spans(facets.get(i), 0, Math.max(low, first[i]), Math.min(high, last[i]), filling);
                                }
                            }
                        });
    }

    private int firstRow(SeenFacet facet) {
        return Math.max(0, (int) Math.floor((facet.box().minY() - box.minY()) * perMm - 0.5));
    }

    private int lastRow(SeenFacet facet) {
        return Math.min(height - 1, (int) Math.ceil((facet.box().maxY() - box.minY()) * perMm - 0.5));
    }

    /** Fills the pixels of one facet after another: one for all, for there are very many of them. */
    private final class Filling implements Span {
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
            var y = box.minY() + (row + 0.5) / perMm;
            for (var x = from; x < to; x++) {
                var near = slope.at(box.minX() + (x + 0.5) / perMm, y);
                near += projection.shift(near, bias);
                var at = row * width + x;
                if (near > nearness[at]) {
                    nearness[at] = near;
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
        spans(facet, 1, firstRow(facet), lastRow(facet), (row, from, to) -> {
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

    private interface Span {
        void row(int row, int from, int to);
    }

    /** The pixels of some rows whose middles lie within a facet, row by row, each span so many pixels longer at both ends. */
    private void spans(SeenFacet facet, int wider, int first, int last, Span span) {
        var crossings = new double[8];
        for (var row = first; row <= last; row++) {
            var y = box.minY() + (row + 0.5) / perMm;
            var many = crossings(facet.outline().shell(), y, crossings, 0);
            if (many < 0) {
                crossings = Arrays.copyOf(crossings, crossings.length * 2);
                row--;
                continue;
            }
            for (var hole : facet.outline().holes()) {
                many = many < 0 ? many : crossings(hole, y, crossings, many);
            }
            if (many < 0) {
                crossings = Arrays.copyOf(crossings, crossings.length * 2);
                row--;
                continue;
            }
            sort(crossings, many);
            for (var i = 0; i + 1 < many; i += 2) {
                var from = Math.max(0, (int) Math.ceil((crossings[i] - box.minX()) * perMm - 0.5) - wider);
                var to = Math.min(width, (int) Math.ceil((crossings[i + 1] - box.minX()) * perMm - 0.5) + wider);
                if (to > from) {
                    span.row(row, from, to);
                }
            }
        }
    }

    /** Mostly two, seldom more than ten. */
    private static void sort(double[] all, int many) {
        for (var i = 1; i < many; i++) {
            var one = all[i];
            var k = i - 1;
            while (k >= 0 && all[k] > one) {
                all[k + 1] = all[k];
                k--;
            }
            all[k + 1] = one;
        }
    }

    /** Where a level line crosses a ring; -1 if there is no room for all. */
    private static int crossings(Ring ring, double y, double[] out, int from) {
        var many = from;
        var corners = ring.corners();
        var before = corners.getLast();
        for (var p : corners) {
            if (p.y() > y != before.y() > y) {
                if (many == out.length) {
                    return -1;
                }
                out[many++] = (before.x() - p.x()) * (y - p.y()) / (before.y() - p.y()) + p.x();
            }
            before = p;
        }
        return many;
    }
}
