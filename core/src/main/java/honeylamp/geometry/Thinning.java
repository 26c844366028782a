package honeylamp.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Leaves out what lines drawn by hand have too much of. */
public final class Thinning {
    private Thinning() {}

    /**
     * The points of a line without those that it runs past within so many mm; its ends stay.
     *
     * @see "Douglas and Peucker, Algorithms for the reduction of the number of points, The Canadian Cartographer 10(2), 1973"
     */
    public static List<Point> of(List<Point> line, double withinMm) {
        var all = line.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        if (all.length < 2) {
            return List.copyOf(line);
        }
        var out = new ArrayList<Point>();
        for (var c : DouglasPeuckerSimplifier.simplify(new GeometryFactory().createLineString(all), withinMm)
                .getCoordinates()) {
            out.add(new Point(c.x, c.y));
        }
        return out;
    }
}
