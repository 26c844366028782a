package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What a room is for and how it is fitted, beside its name and floor.
 *
 * @param use the key of a use in the catalogue, or empty words
 * @param number the number in schedules, or empty words
 * @param counts as what its area counts
 * @param height clear height, if it is not the storey's
 * @param rawFloor how much higher than the raw floor of the storey its own lies; less than 0 if lower
 * @param plinth how high the plinth, or skirting, along its walls is; nothing if there is none
 * @param floorLayers what lies on the raw floor below the covering, from the top down; none if nobody said
 * @param tileEdge how outer corners and free edges of tiles on its walls are made
 * @param words what its label says beside what follows from the plan, or empty words
 */
@RecordBuilder
public record RoomFit(
        String use,
        String number,
        CountsAs counts,
        Optional<Length> height,
        Length rawFloor,
        Length plinth,
        List<BuildUpLayer> floorLayers,
        TileEdge tileEdge,
        String words)
        implements RoomFitBuilder.With {
    /** How high a plinth usually is. */
    public static final Length USUAL_PLINTH = Length.ofMm(80);

    /** Nothing said yet. */
    public static final RoomFit NONE = new RoomFit(
            "", "", CountsAs.INDOOR, Optional.empty(), Length.ZERO, USUAL_PLINTH, List.of(), TileEdge.PLAIN, "");

    /** The use of stores, whose doors should not take their room. */
    public static final String STORE = "store";

    /** As what the area of a room counts in totals. */
    public enum CountsAs {
        /** Living area within the building. */
        INDOOR("Indoor"),
        /** Garages and car ports. */
        GARAGE("Garage"),
        /** Balconies, terraces, covered areas. */
        OUTDOOR("Outdoor"),
        /** Indoor, but too low to stand in. */
        LOW_HEADROOM("Low headroom");

        private final String label;

        CountsAs(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** A floor has no more layers below its covering. */
    public static final int MOST_LAYERS = 12;

    /** Freezes the layers; refuses a room without height, and more than twelve layers. */
    public RoomFit {
        floorLayers = List.copyOf(floorLayers);
        Checks.notNegative("height of the plinth", plinth);
        if (floorLayers.size() > MOST_LAYERS) {
            throw new IllegalArgumentException(
                    "a floor has " + floorLayers.size() + " layers, at most " + MOST_LAYERS + " can be");
        }
        height.ifPresent(h -> Checks.positive("room height", h));
    }

    /** For another use, counting as another part. */
    public RoomFit usedAs(String otherUse, CountsAs part) {
        return with(copy -> copy.use(otherUse).counts(part));
    }
}
