package honeylamp.derive;

import honeylamp.geometry.Outline;
import honeylamp.plan.RoomMark;
import java.util.Optional;

/**
 * An enclosed space.
 *
 * @param mark what a person said of it, if anything
 * @param outline its inner faces, arcs as chords, posts not taken out
 * @param areaMm2 the area within the inner faces, as arcs truly run
 */
public record Room(Optional<RoomMark> mark, Outline outline, double areaMm2) {
    /** The length of the inner faces, in mm. */
    public double perimeterMm() {
        return outline.perimeter();
    }

    /** The name, or empty words. */
    public String name() {
        return mark.map(RoomMark::name).orElse("");
    }
}
