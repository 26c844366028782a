package honeylamp.plan;

/** The stable identity of something in a plan; numbers are unique across all kinds. */
public sealed interface ElementId {
    /** The number, unique in the plan. */
    int number();

    /** Text form: one letter for the kind, then the number, e.g. {@code w12}. */
    default String text() {
        return switch (this) {
                    case StoreyId _ -> "s";
                    case WallTypeId _ -> "t";
                    case WallId _ -> "w";
                    case OpeningId _ -> "o";
                    case RoomId _ -> "r";
                    case FurnishingId _ -> "f";
                    case UnderlayId _ -> "u";
                    case DimensionId _ -> "d";
                    case NoteId _ -> "n";
                    case StructureId _ -> "x";
                    case SettingOutId _ -> "l";
                    case BoundaryId _ -> "b";
                    case GroundId _ -> "g";
                    case UnitId _ -> "m";
                    case UnitCopyId _ -> "c";
                }
                + number();
    }

    /** A storey. */
    record StoreyId(int number) implements ElementId {}

    /** A wall type. */
    record WallTypeId(int number) implements ElementId {}

    /** A wall. */
    record WallId(int number) implements ElementId {}

    /** A door, window or plain opening. */
    record OpeningId(int number) implements ElementId {}

    /** A room mark. */
    record RoomId(int number) implements ElementId {}

    /** A furnishing. */
    record FurnishingId(int number) implements ElementId {}

    /** An underlay. */
    record UnderlayId(int number) implements ElementId {}

    /** A single dimension. */
    record DimensionId(int number) implements ElementId {}

    /** A note. */
    record NoteId(int number) implements ElementId {}

    /** A fixed part that is no wall. */
    record StructureId(int number) implements ElementId {}

    /** A setting-out line. */
    record SettingOutId(int number) implements ElementId {}

    /** A room edge without a wall. */
    record BoundaryId(int number) implements ElementId {}

    /** A surface of the site. */
    record GroundId(int number) implements ElementId {}

    /** A group of rooms that is repeated. */
    record UnitId(int number) implements ElementId {}

    /** A place where a unit stands once more. */
    record UnitCopyId(int number) implements ElementId {}
}
