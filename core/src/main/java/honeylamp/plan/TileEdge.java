package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How outer corners and free edges of the tiles on the walls of a room are made.
 *
 * @param width that is seen of a trim
 * @param material of a trim, its key in the catalogue
 */
@RecordBuilder
public record TileEdge(Form form, Length width, String material) implements TileEdgeBuilder.With {
    /** What is done about an edge. */
    public enum Form {
        /** The side of one tile is seen. */
        PLAIN("As they come"),
        /** Where tiles meet round a corner, both are cut at 45 degrees. */
        MITRED("Corners mitred"),
        /** A strip of metal closes corners and free edges. */
        TRIM("Edge trims");

        private final String label;

        Form(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** Wider no trim is. */
    public static final Length WIDEST = Length.ofMm(60);

    /** Nothing is done; a trim would be of steel, of which 3 mm are seen. */
    public static final TileEdge PLAIN = new TileEdge(Form.PLAIN, Length.ofMm(3), "metal-steel");

    /** Refuses a trim without width, and one that is wider than any. */
    public TileEdge {
        Checks.positive("width of an edge trim", width);
        if (width.compareTo(WIDEST) > 0) {
            throw new IllegalArgumentException("an edge trim is " + width.mm() + " mm wide, at most " + WIDEST.mm());
        }
    }
}
