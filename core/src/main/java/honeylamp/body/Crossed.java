package honeylamp.body;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;

/**
 * A stretch of a line within an outline.
 *
 * @param fromMm from the first end of the line
 * @param toMm farther from it
 */
record Crossed(double fromMm, double toMm) {
    private static final double LEAST_MM = 1;

    /** The stretches of a line within outlines, of each by itself; those shorter than 1 mm are left out. */
    static List<Crossed> along(Segment line, Collection<Outline> outlines) {
        var out = new ArrayList<Crossed>();
        for (var outline : outlines) {
            var stops = new TreeSet<>(List.of(0.0, line.length()));
            outline.rings()
                    .flatMap(r -> r.edges().stream())
                    .forEach(e -> e.crossing(line).map(line::along).ifPresent(stops::add));
            var last = stops.getFirst();
            for (var stop : stops) {
                if (stop - last > LEAST_MM && outline.contains(line.at((last + stop) / 2))) {
                    out.add(new Crossed(last, stop));
                }
                last = stop;
            }
        }
        return out;
    }
}
