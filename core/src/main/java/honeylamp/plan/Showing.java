package honeylamp.plan;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * Which kinds of things a view shows, which of them faintly, and which are not to be picked in it.
 *
 * @param faded shown, but faintly
 * @param hidden not shown
 * @param locked seen and not picked
 */
public record Showing(Set<Kind> faded, Set<Kind> hidden, Set<Kind> locked) {
    /** What is shown and hidden together, from the ground up; the last four are words and lines about the plan. */
    public enum Kind {
        GROUND("Ground and cars"),
        FINISHES("Floor finishes"),
        FURNITURE("Furniture"),
        FIXED_PARTS("Stairs and posts"),
        WALLS("Walls"),
        OPENINGS("Openings"),
        OVERHEAD("Overhead"),
        /** What of trees reaches over buildings; what of them does not is a piece like others. */
        CROWNS("Trees over roofs"),
        /** Lights, switches, outlets and what links them. */
        FITTINGS("Lighting and power"),
        /** What is done where, and which way one faces. */
        ACTIVITIES("Activities"),
        DIMENSIONS("Dimensions"),
        ROOM_NAMES("Room names"),
        NOTES("Notes and free marks"),
        TAGS("Tags of openings");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }

        /** The kind an element is shown and hidden with; empty if it is help for drawing, which never prints. */
        public static Optional<Kind> of(Element element) {
            return switch (element) {
                case Wall _ -> Optional.of(WALLS);
                case Opening _ -> Optional.of(OPENINGS);
                case RoomMark _ -> Optional.of(ROOM_NAMES);
                case Structure s -> Optional.of(s.form() instanceof Structure.ParkingBay ? GROUND : FIXED_PARTS);
                case Furnishing _ -> Optional.of(FURNITURE);
                case Dimension _, RoundDimension _ -> Optional.of(DIMENSIONS);
                case Note _, FreeMark _ -> Optional.of(NOTES);
                case Ground _ -> Optional.of(GROUND);
                case Region _, Covering _ -> Optional.of(FINISHES);
                case Fitting _ -> Optional.of(FITTINGS);
                case Activity _ -> Optional.of(ACTIVITIES);
                case Underlay _, SettingOutLine _, Boundary _ -> Optional.empty();
            };
        }
    }

    /** How much of a kind is seen. */
    public enum Degree {
        SHOWN("shown"),
        FADED("faint"),
        HIDDEN("hidden");

        private final String label;

        Degree(String label) {
            this.label = label;
        }

        /** The word people see. */
        public String label() {
            return label;
        }
    }

    /** Everything in full, but no tags and no lighting plan. */
    public static final Showing USUAL =
            new Showing(Set.of(), Set.of(Kind.TAGS, Kind.FITTINGS, Kind.ACTIVITIES), Set.of());

    /** Freezes the sets, in the order of kinds; what is hidden is not faded. */
    public Showing {
        var not = ordered(hidden);
        var faint = ordered(faded);
        faint.removeAll(not);
        faded = Collections.unmodifiableSet(faint);
        hidden = Collections.unmodifiableSet(not);
        locked = Collections.unmodifiableSet(ordered(locked));
    }

    private static EnumSet<Kind> ordered(Collection<Kind> kinds) {
        var out = EnumSet.noneOf(Kind.class);
        out.addAll(kinds);
        return out;
    }

    /** With no words and figures. */
    Showing wordless() {
        var not = ordered(hidden);
        not.addAll(EnumSet.range(Kind.DIMENSIONS, Kind.TAGS));
        return new Showing(faded, not, locked);
    }

    /** How much of a kind is seen. */
    public Degree of(Kind kind) {
        return hidden.contains(kind) ? Degree.HIDDEN : faded.contains(kind) ? Degree.FADED : Degree.SHOWN;
    }

    /** Whether a kind is seen at all. */
    public boolean shows(Kind kind) {
        return !hidden.contains(kind);
    }

    /** With a kind seen so much. */
    public Showing with(Kind kind, Degree degree) {
        var faint = ordered(faded);
        var not = ordered(hidden);
        faint.remove(kind);
        not.remove(kind);
        switch (degree) {
            case SHOWN -> {}
            case FADED -> faint.add(kind);
            case HIDDEN -> not.add(kind);
        }
        return new Showing(faint, not, locked);
    }

    /** With a kind locked, or no longer. */
    public Showing toggling(Kind kind) {
        var other = ordered(locked);
        if (!other.remove(kind)) {
            other.add(kind);
        }
        return new Showing(faded, hidden, other);
    }

    /** Whether things of a kind may be picked: what is hidden or locked may not. */
    public boolean frees(Kind kind) {
        return shows(kind) && !locked.contains(kind);
    }
}
