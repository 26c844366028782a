package honeylamp.derive.rooms;

import honeylamp.geometry.Outline;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import java.util.Optional;

/**
 * A space within walls, or within boundaries where no wall stands.
 *
 * @param mark what a person said of it, if anything
 * @param outline its inner faces and boundaries, arcs as chords, posts not taken out
 * @param areaMm2 the area within them, as arcs truly run
 * @param perimeterMm the length of its edges, as arcs truly run
 * @param lie whether walls enclose it
 */
public record Room(Optional<RoomMark> mark, Outline outline, double areaMm2, double perimeterMm, Lie lie) {
    /** Where a space lies. */
    public enum Lie {
        /** Within walls. */
        INSIDE,
        /** Outside them, enclosed by boundaries. */
        OUTSIDE
    }

    /** As what its area counts. */
    public CountsAs counts() {
        return mark.map(m -> m.fit().counts()).orElse(CountsAs.INDOOR);
    }

    /** The name, or empty words. */
    public String name() {
        return mark.map(RoomMark::name).orElse("");
    }
}
