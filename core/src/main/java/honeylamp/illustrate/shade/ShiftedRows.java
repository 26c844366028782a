package honeylamp.illustrate.shade;

/**
 * Rows of a grid of values as they lie so many pixels away, between pixels mixed evenly; beyond the grid lies nothing.
 *
 * <p>The grid is kept with an edge of nothing around it, and the four neighbours of a row's places are copied before they
 * are mixed, so that the loop reads all at the same index: the compiler turns only that into vector code.
 */
final class ShiftedRows {
    private final float[] values;
    private final int width;
    private final int edge;
    private final int stride;

    /**
     * Keeps a copy of the values.
     *
     * @param farthest the largest shift that will be asked for, in pixels
     */
    ShiftedRows(float[] grid, int width, int height, double farthest) {
        this.width = width;
        this.edge = (int) Math.ceil(farthest) + 2;
        this.stride = width + 2 * edge;
        this.values = new float[stride * (height + 2 * edge)];
        for (var y = 0; y < height; y++) {
            System.arraycopy(grid, y * width, values, (y + edge) * stride + edge, width);
        }
    }

    /** Arrays that one thread works with. */
    record Scratch(float[] a, float[] b, float[] c, float[] d) {
        static Scratch of(int width) {
            return new Scratch(new float[width], new float[width], new float[width], new float[width]);
        }
    }

    /** The values that lie {@code down} and {@code across} from those of a row. */
    void read(int row, double down, double across, float[] into, Scratch scratch) {
        var top = (int) Math.floor(down);
        var left = (int) Math.floor(across);
        var from = (row + edge + top) * stride + edge + left;
        System.arraycopy(values, from, scratch.a, 0, width);
        System.arraycopy(values, from + 1, scratch.b, 0, width);
        System.arraycopy(values, from + stride, scratch.c, 0, width);
        System.arraycopy(values, from + stride + 1, scratch.d, 0, width);
        mix(into, scratch, (float) (across - left), (float) (down - top));
    }

    private static void mix(float[] into, Scratch s, float right, float below) {
        var a = (1 - right) * (1 - below);
        var b = right * (1 - below);
        var c = (1 - right) * below;
        var d = right * below;
        for (var x = 0; x < into.length; x++) {
            into[x] = s.a[x] * a + s.b[x] * b + s.c[x] * c + s.d[x] * d;
        }
    }
}
