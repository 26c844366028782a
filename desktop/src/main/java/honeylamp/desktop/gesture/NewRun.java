package honeylamp.desktop.gesture;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.Runs;
import honeylamp.edit.RunEdits.InCorner;
import honeylamp.edit.RunEdits.Like;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * The run of units laid next.
 *
 * @param kind the key of the run in the catalogue
 * @param corner what stands where two counters meet
 * @param depth empty for the usual one
 * @param stand where it is laid
 */
@RecordBuilder
public record NewRun(String kind, Corner corner, Optional<Length> depth, Stand stand) implements NewRunBuilder.With {
    /** The choices of a fresh start. */
    public static final NewRun FIRST = new NewRun(Runs.COUNTER, Corner.UNIT, Optional.empty(), Stand.AT_WALLS);

    /** A corner unit is so much wider than its neighbours are deep. */
    private static final Length WIDER = Length.ofMm(300);

    private static final Length WIDER_INCHES = Length.ofInches(12);

    /** So much of a blind unit opens, and so wide a board keeps the fronts beside it from meeting. */
    private static final Length BLIND_OPENS = Length.ofMm(450);

    private static final Length BLIND_FILLER = Length.ofMm(50);
    private static final Length BLIND_OPENS_INCHES = Length.ofInches(18);
    private static final Length BLIND_FILLER_INCHES = Length.ofInches(2);

    /** Where a run is laid. */
    public enum Stand {
        AT_WALLS("Along walls"),
        FREE("Free, one side"),
        /** Two back to back. */
        BOTH_SIDES("Free, both sides"),
        /** A strip between two rooms: one half opens to each side. */
        HALVES("Halved, to both sides");

        private final String label;

        Stand(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** What stands in a corner. */
    public enum Corner {
        UNIT("Corner unit", "corner-unit"),
        SLANTED("Slanted unit", "corner-diagonal"),
        THROUGH("Runs through", ""),
        /** It runs through too, with a unit in the corner of which a part opens. */
        BLIND("Blind unit", "");

        private final String label;
        private final String kind;

        Corner(String label, String kind) {
            this.label = label;
            this.kind = kind;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** How it is laid where one measures so. */
    public Like like(UnitSystem units) {
        var made = Furnishings.of(kind).orElseThrow().usual(units);
        var deep = depth.orElse(made.depth());
        var side = deep.plus(units.isMetric() ? WIDER : WIDER_INCHES);
        return new Like(
                kind,
                deep,
                made.height(),
                Furnishings.of(kind).orElseThrow().bottom(),
                Runs.of(kind, units).orElseThrow(),
                kind.equals(Runs.COUNTER) ? inCorner(side, units) : new InCorner.Through());
    }

    private InCorner inCorner(Length side, UnitSystem units) {
        return switch (corner) {
            case UNIT, SLANTED -> new InCorner.CornerUnit(corner.kind, side);
            case THROUGH -> new InCorner.Through();
            case BLIND ->
                units.isMetric()
                        ? new InCorner.Blind(BLIND_OPENS, BLIND_FILLER)
                        : new InCorner.Blind(BLIND_OPENS_INCHES, BLIND_FILLER_INCHES);
        };
    }

    /** How deep it is where one measures so. */
    public Length deep(UnitSystem units) {
        return like(units).depth();
    }
}
