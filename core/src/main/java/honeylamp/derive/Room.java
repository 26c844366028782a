package honeylamp.derive;

import honeylamp.geometry.Outline;
import honeylamp.plan.RoomMark;
import java.util.Optional;

/**
 * An enclosed space.
 *
 * @param mark what a person said of it, if anything
 * @param outline its inner faces, posts not taken out
 */
public record Room(Optional<RoomMark> mark, Outline outline) {
    /** The area within the inner faces, in mm². */
    public double areaMm2() {
        return outline.area();
    }

    /** The length of the inner faces, in mm. */
    public double perimeterMm() {
        return outline.perimeter();
    }

    /** The name, or empty words. */
    public String name() {
        return mark.map(RoomMark::name).orElse("");
    }
}
