package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * One layer of what a wall or a floor is built up of.
 *
 * @param board that it comes in; empty for what is spread, laid stone by stone, or filled in
 */
@RecordBuilder
public record BuildUpLayer(String name, Length thickness, Optional<Board> board) implements BuildUpLayerBuilder.With {
    /** A board as it is sold. */
    public record Board(Length width, Length length) {
        /** Smaller or larger none is. */
        public static final Length LEAST = Length.ofMm(50);

        public static final Length MOST = Length.ofMm(12_000);

        /** Refuses what is no board. */
        public Board {
            within("width of a board", width);
            within("length of a board", length);
        }

        private static void within(String role, Length side) {
            if (side.compareTo(LEAST) < 0 || side.compareTo(MOST) > 0) {
                throw new IllegalArgumentException(
                        role + " (" + side.mm() + " mm) must be " + LEAST.mm() + " to " + MOST.mm() + " mm");
            }
        }

        /** What is sold most where one measures so. */
        public static Board usual(UnitSystem units) {
            return units.isMetric()
                    ? new Board(Length.ofMm(1250), Length.ofMm(2500))
                    : new Board(Length.ofInches(48), Length.ofInches(96));
        }
    }

    /** Refuses a layer without thickness. */
    public BuildUpLayer {
        Checks.positive("thickness of the layer " + name, thickness);
    }

    /** A layer that comes in no boards. */
    public BuildUpLayer(String name, Length thickness) {
        this(name, thickness, Optional.empty());
    }
}
