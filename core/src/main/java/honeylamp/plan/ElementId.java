package honeylamp.plan;

import java.util.Comparator;

/**
 * The stable identity of something in a plan. Numbers are unique across all kinds; what stands in a copy of a unit is
 * known by the copy and by the number of what it is a copy of, so it keeps its identity whatever other copies come and
 * go.
 */
public sealed interface ElementId {
    /** What tells one thing from others of its kind. */
    sealed interface Key {
        /** The number: of itself, or of what it is a copy of. */
        int number();

        /** Whether it is in a copy of a unit. */
        private boolean isCopied() {
            return copyNumber() >= 0;
        }

        private long seed() {
            return switch (this) {
                case Drawn(var number) -> number;
                case Copied(var copy, var number) -> copy.number() * 1_000_003L + number;
                case With(var other, var nth) -> (other.seed() + 1) * 7_919L + nth;
            };
        }

        private int copyNumber() {
            return switch (this) {
                case Drawn _ -> -1;
                case Copied copied -> copied.copy().number();
                case With(var other, var _) -> other.copyNumber();
            };
        }

        private String text() {
            return switch (this) {
                case Drawn _ -> "";
                case Copied copied -> copied.copy().text() + ".";
                case With(var other, var nth) -> other.text() + nth + ".";
            };
        }

        record Drawn(int number) implements Key {}

        /** Of something that stands in a copy of a unit; {@code number} is that of what is drawn. */
        record Copied(UnitCopyId copy, int number) implements Key {}

        /** Of a small thing that is seen with another and is in no plan: the so-manieth of those that go with it. */
        record With(Key other, int nth) implements Key {
            @Override
            public int number() {
                return other.number();
            }
        }
    }

    /** Drawn things first, then copy by copy, each by number. */
    Comparator<ElementId> ORDER = Comparator.comparingInt(ElementId::copyNumber)
            .thenComparingInt(id -> id.key().number());

    /** What tells it from others of its kind. */
    Key key();

    /** The number, unique among what is drawn; in a copy that of what is drawn. */
    default int number() {
        return key().number();
    }

    /** Whether it stands in a copy of a unit and is not drawn itself. */
    default boolean isCopied() {
        return key().isCopied();
    }

    /** What chance in a picture starts from (grain, tones): the same for the same thing always. */
    default long seed() {
        return key().seed();
    }

    private static int copyNumber(ElementId id) {
        return id.key().copyNumber();
    }

    /** Text form: one letter for the kind, then the number, e.g. {@code w12}; in the copy c7 {@code c7.w12}. */
    default String text() {
        return key().text()
                + switch (this) {
                    case StoreyId _ -> "s";
                    case WallTypeId _ -> "t";
                    case WallId _ -> "w";
                    case OpeningId _ -> "o";
                    case RoomId _ -> "r";
                    case FurnishingId _ -> "f";
                    case UnderlayId _ -> "u";
                    case DimensionId _ -> "d";
                    case NoteId _ -> "n";
                    case FreeMarkId _ -> "e";
                    case RoundDimensionId _ -> "y";
                    case StructureId _ -> "x";
                    case SettingOutId _ -> "l";
                    case BoundaryId _ -> "b";
                    case GroundId _ -> "g";
                    case UnitId _ -> "m";
                    case UnitCopyId _ -> "c";
                    case CoveringId _ -> "q";
                    case RegionId _ -> "a";
                    case FittingId _ -> "i";
                    case ActivityId _ -> "j";
                    case LookId _ -> "k";
                    case ViewId _ -> "v";
                    case PageId _ -> "p";
                    case SchemeId _ -> "h";
                }
                + number();
    }

    record StoreyId(Key key) implements ElementId {
        public StoreyId(int number) {
            this(new Key.Drawn(number));
        }
    }

    record WallTypeId(Key key) implements ElementId {
        public WallTypeId(int number) {
            this(new Key.Drawn(number));
        }
    }

    record WallId(Key key) implements ElementId {
        public WallId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A door, window or plain opening. */
    record OpeningId(Key key) implements ElementId {
        public OpeningId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A room mark. */
    record RoomId(Key key) implements ElementId {
        public RoomId(int number) {
            this(new Key.Drawn(number));
        }
    }

    record FurnishingId(Key key) implements ElementId {
        public FurnishingId(int number) {
            this(new Key.Drawn(number));
        }
    }

    record UnderlayId(Key key) implements ElementId {
        public UnderlayId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A single dimension. */
    record DimensionId(Key key) implements ElementId {
        public DimensionId(int number) {
            this(new Key.Drawn(number));
        }
    }

    record NoteId(Key key) implements ElementId {
        public NoteId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A dimension of an angle or of a curved line. */
    record RoundDimensionId(Key key) implements ElementId {
        public RoundDimensionId(int number) {
            this(new Key.Drawn(number));
        }
    }

    record FreeMarkId(Key key) implements ElementId {
        public FreeMarkId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A fixed part that is no wall. */
    record StructureId(Key key) implements ElementId {
        public StructureId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A setting-out line. */
    record SettingOutId(Key key) implements ElementId {
        public SettingOutId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A room edge without a wall. */
    record BoundaryId(Key key) implements ElementId {
        public BoundaryId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A surface of the site. */
    record GroundId(Key key) implements ElementId {
        public GroundId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A group of rooms that is repeated. */
    record UnitId(Key key) implements ElementId {
        public UnitId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A place where a unit stands once more. */
    record UnitCopyId(Key key) implements ElementId {
        public UnitCopyId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** The finish of a surface. */
    record CoveringId(Key key) implements ElementId {
        public CoveringId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A part of a surface that is covered by itself. */
    record RegionId(Key key) implements ElementId {
        public RegionId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A light, a switch or an outlet. */
    record FittingId(Key key) implements ElementId {
        public FittingId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** The mark of what is done at a place. */
    record ActivityId(Key key) implements ElementId {
        public ActivityId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** Another arrangement; 0 is the plan as drawn. */
    record SchemeId(Key key) implements ElementId {
        public SchemeId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A look that a plan holds; looks are numbered by themselves. */
    record LookId(Key key) implements ElementId {
        public LookId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A view of a plan; views are numbered by themselves. */
    record ViewId(Key key) implements ElementId {
        public ViewId(int number) {
            this(new Key.Drawn(number));
        }
    }

    /** A page of a plan; pages are numbered by themselves. */
    record PageId(Key key) implements ElementId {
        public PageId(int number) {
            this(new Key.Drawn(number));
        }
    }
}
