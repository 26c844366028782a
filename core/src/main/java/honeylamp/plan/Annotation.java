package honeylamp.plan;

import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a view says of its plan in words and figures, beside the tiers around it.
 *
 * @param words whether any words and figures are seen at all, tiers too
 * @param rooms what is written into rooms
 * @param pairs which rooms have their width and depth as dimensions
 * @param distances pieces whose distances from their walls are shown
 * @param pieces keys of the groups of pieces that have their names written on or beside them
 * @param axes whether the axes of the building are drawn
 * @param tiles whether floors of tiles say how wide the rows at their edges are, and how many whole ones lie between
 * @param brightness how the light on work height is told
 * @param second the units lengths and areas are shown in once more, in brackets
 */
@RecordBuilder
public record Annotation(
        Words words,
        RoomLabel rooms,
        RoomPairs pairs,
        List<FurnishingId> distances,
        List<String> pieces,
        Axes axes,
        Tiles tiles,
        Brightness brightness,
        Optional<UnitSystem> second)
        implements AnnotationBuilder.With {
    /** Whether words and figures are seen. */
    public enum Words {
        WRITTEN,
        LEFT_OUT;

        /** The other of the two. */
        public Words other() {
            return this == WRITTEN ? LEFT_OUT : WRITTEN;
        }
    }

    /** Whether the axes of the building are drawn. */
    public enum Axes {
        NONE,
        DRAWN;

        /** The other of the two. */
        public Axes other() {
            return this == NONE ? DRAWN : NONE;
        }
    }

    /** What is written on tiled floors. */
    public enum Tiles {
        NONE,
        /** How wide the cut rows at their edges are, and how many whole ones lie between. */
        MEASURED,
        /** The numbers that the cutting list gives to cut pieces. */
        NUMBERED;

        /** This, or nothing if it is asked for again. */
        public Tiles asked(Tiles again) {
            return this == again ? NONE : again;
        }
    }

    /** How the light of fittings is told, an estimate in lux. */
    public enum Brightness {
        NONE("Not told"),
        NUMBERS("Numbers"),
        /** Lines of equal light. */
        LINES("Lines"),
        TONE("Tone");

        private final String label;

        Brightness(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** Takes out what is said twice. */
    public Annotation {
        distances = distances.stream().distinct().toList();
        pieces = pieces.stream().distinct().sorted().toList();
    }

    /** With the distances of a piece shown, or no longer. */
    public Annotation measuring(FurnishingId piece) {
        return withDistances(toggled(distances, piece));
    }

    /** With a group of pieces named, or no longer. */
    public Annotation naming(String group) {
        return withPieces(toggled(pieces, group));
    }

    private static <T> List<T> toggled(List<T> all, T one) {
        return all.contains(one)
                ? all.stream().filter(o -> !o.equals(one)).toList()
                : Stream.concat(all.stream(), Stream.of(one)).toList();
    }

    /** As new plans have it. */
    public static final Annotation USUAL = new Annotation(
            Words.WRITTEN,
            RoomLabel.USUAL,
            RoomPairs.NONE,
            List.of(),
            List.of(),
            Axes.NONE,
            Tiles.NONE,
            Brightness.NONE,
            Optional.empty());
}
