package honeylamp.plan;

import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A named kind of wall: its thickness, whether it carries, how its cut is filled, how high it stands.
 *
 * @param layers from the outer face to the inner; if there are any, the thickness is their sum
 */
@RecordBuilder
public record WallType(
        WallTypeId id,
        String name,
        Length thickness,
        boolean structural,
        Poche poche,
        List<BuildUpLayer> layers,
        HeightRule heightRule)
        implements WallTypeBuilder.With {
    /** How the cut of a wall is filled. */
    public enum Poche {
        /** One dark tone. */
        SOLID("Solid"),
        /** A lighter tone, for walls that carry nothing. */
        TINT("Tint"),
        /** Lines at 45 degrees, so far apart on paper at every scale. */
        HATCH("Hatch");

        private final String label;

        Poche(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** Freezes the layers; refuses a thickness of zero or less, or one that is not the sum of its layers. */
    public WallType {
        Checks.positive("wall thickness", thickness);
        layers = List.copyOf(layers);
        if (!layers.isEmpty() && !sum(layers).equals(thickness)) {
            throw new IllegalArgumentException("the layers of " + name + " make "
                    + sum(layers).mmText() + " mm, not " + thickness.mmText() + " mm");
        }
    }

    /** A type without layers, as high as its storey. */
    public WallType(WallTypeId id, String name, Length thickness, boolean structural, Poche poche) {
        this(id, name, thickness, structural, poche, List.of(), HeightRule.FULL);
    }

    private static Length sum(List<BuildUpLayer> layers) {
        return layers.stream().map(BuildUpLayer::thickness).reduce(Length.ZERO, Length::plus);
    }

    /** The type so thick, without layers. */
    public WallType withThickness(Length other) {
        return with(copy -> copy.thickness(other).layers(List.of()));
    }

    /** The type built of layers, which give the thickness; none leave it as it is. */
    public WallType withLayers(List<BuildUpLayer> other) {
        return with(
                copy -> copy.thickness(other.isEmpty() ? thickness : sum(other)).layers(other));
    }
}
