package honeylamp.raised;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Projective;
import honeylamp.raised.CornerParts.Corner;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The shade in corners told place by place: as {@link CornerParts}, as fine as the cells of a grid over each facet. */
public final class CornerGrids {
    private static final double CELL_MM = 20;

    private final @Nullable Grid[] grids;

    private CornerGrids(@Nullable Grid[] grids) {
        this.grids = grids;
    }

    /** The same for all facets: no shade. */
    public static CornerGrids none(Scene scene) {
        return new CornerGrids(new @Nullable Grid[scene.count()]);
    }

    /**
     * The shade in the corners of a scene.
     *
     * @param share how dark a step is
     */
    public static CornerGrids of(Scene scene, ToDoubleFunction<Corner> share) {
        var parts = CornerParts.in(scene);
        var grids = new @Nullable Grid[scene.count()];
        IntStream.range(0, grids.length).parallel().forEach(i -> {
            var shapes = parts.shapes(i).toList();
            var box = around(scene, i, shapes);
            if (box != null) {
                grids[i] = Grid.of(scene.toFrame(i), box, shapes, share);
            }
        });
        return new CornerGrids(grids);
    }

    private static @Nullable Box around(Scene scene, int facet, List<CornerParts.Shape> shapes) {
        var own = scene.facet(facet).outline().bounds();
        return shapes.stream()
                .flatMap(s -> s.parts().stream())
                .map(Outline::bounds)
                .reduce(Box::union)
                .flatMap(own::shared)
                .filter(b -> b.width() > 0 && b.height() > 0)
                .orElse(null);
    }

    /** Whether a facet has any. */
    public boolean isIn(int facet) {
        return grids[facet] != null;
    }

    /**
     * How dark it is at a place of a facet: the sum of the steps that lie there.
     *
     * @param x in picture mm, as y
     */
    public double at(int facet, double x, double y) {
        var grid = grids[facet];
        return grid == null ? 0 : grid.at(x, y);
    }

    /** Over one facet, in its frame. */
    private record Grid(Projective toFrame, Rows rows, float[] dark) {
        static Grid of(Projective toFrame, Box box, List<CornerParts.Shape> shapes, ToDoubleFunction<Corner> share) {
            var rows = new Rows(box, 1 / CELL_MM);
            var dark = new float[rows.width() * rows.height()];
            var last = new int[dark.length]; // which step made a cell darker last: parts of one may lie over each other
            var step = 0;
            for (var shape : shapes) {
                step++;
                var by = (float) share.applyAsDouble(shape.corner());
                var now = step;
                for (var part : shape.parts()) {
                    rows.spans(part, 0, rows.first(part.bounds()), rows.last(part.bounds()), (row, from, to) -> {
                        for (var at = row * rows.width() + from; at < row * rows.width() + to; at++) {
                            if (last[at] != now) {
                                last[at] = now;
                                dark[at] += by;
                            }
                        }
                    });
                }
            }
            return new Grid(toFrame, rows, dark);
        }

        double at(double x, double y) {
            var w = toFrame.g() * x + toFrame.h() * y + toFrame.i();
            var column = rows.column((toFrame.a() * x + toFrame.b() * y + toFrame.c()) / w) - 0.5;
            var row = rows.row((toFrame.d() * x + toFrame.e() * y + toFrame.f()) / w) - 0.5;
            var left = (int) Math.floor(column);
            var low = (int) Math.floor(row);
            if (left < -1 || low < -1 || left >= rows.width() || low >= rows.height()) {
                return 0;
            }
            var across = column - left;
            var up = row - low;
            return (1 - up) * ((1 - across) * cell(left, low) + across * cell(left + 1, low))
                    + up * ((1 - across) * cell(left, low + 1) + across * cell(left + 1, low + 1));
        }

        private double cell(int column, int row) {
            var c = Math.clamp(column, 0, rows.width() - 1);
            var r = Math.clamp(row, 0, rows.height() - 1);
            return dark[r * rows.width() + c];
        }
    }
}
