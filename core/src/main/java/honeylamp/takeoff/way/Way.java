package honeylamp.takeoff.way;

import honeylamp.geometry.Point;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The way one walks to a place: the widest there is, and of those a short one.
 *
 * @param line from where one comes in, in plan mm
 * @param narrow its narrow places in the order one meets them, doors among them
 * @param stepMm the highest step up or down on it; 0 if there is none
 */
public record Way(List<Point> line, List<NarrowPlace> narrow, double stepMm) {
    public Way {
        line = List.copyOf(line);
        narrow = List.copyOf(narrow);
    }

    /** Where it is narrowest; empty if it is wide all along. */
    public Optional<NarrowPlace> narrowest() {
        return narrow.stream().min(Comparator.comparingDouble(NarrowPlace::mm));
    }

    /** How long it is, in mm. */
    public double lengthMm() {
        var sum = 0.0;
        for (var i = 0; i + 1 < line.size(); i++) {
            sum += line.get(i).distance(line.get(i + 1));
        }
        return sum;
    }
}
