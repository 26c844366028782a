package honeylamp.survey;

import honeylamp.geometry.Point;
import java.util.List;

/**
 * A ring of legs that came back.
 *
 * @param ring indices of the legs from the closing station around, the closing leg last
 * @param error from the known station to where the ring came out
 */
public record Closing(String station, List<Integer> ring, Point error, double lengthMm) {
    public Closing {
        ring = List.copyOf(ring);
    }

    /** The closing error in mm. */
    public double errorMm() {
        return error.length();
    }

    /** The n of 1:n; infinite if it closes without error. */
    public double ratio() {
        return lengthMm / errorMm();
    }
}
