package honeylamp.plan;

import honeylamp.units.Length;
import honeylamp.units.UnitSystem;

/** What fills an opening, and the size it usually has: width, sill and head in mm, and the same in inches. */
public enum OpeningKind {
    /** One hinged leaf. */
    DOOR("Door", Family.DOOR, mm(885, 0, 2010), in(34, 0, 81)),
    /** Two hinged leaves of one width. */
    PAIR_DOOR("Pair of doors", Family.DOOR, mm(1500, 0, 2010), in(60, 0, 81)),
    /** Two hinged leaves, one of them wider. */
    UNEQUAL_PAIR("Unequal pair", Family.DOOR, mm(1260, 0, 2010), in(48, 0, 81)),
    /** One leaf that slides along the face of the wall. */
    SLIDING_DOOR("Sliding door", Family.DOOR, mm(885, 0, 2010), in(34, 0, 81)),
    /** Two leaves that slide past each other within the wall. */
    SLIDING_PAIR("Two sliding leaves", Family.DOOR, mm(1800, 0, 2100), in(72, 0, 82)),
    /** Two leaves that slide apart along the face of the wall. */
    PARTING_DOOR("Parting sliding doors", Family.DOOR, mm(1600, 0, 2010), in(64, 0, 81)),
    /** One leaf that slides into the wall. */
    POCKET_DOOR("Pocket door", Family.DOOR, mm(885, 0, 2010), in(34, 0, 81)),
    /** Narrow leaves that fold up against a jamb. */
    FOLDING_DOOR("Folding door", Family.DOOR, mm(1400, 0, 2010), in(56, 0, 81)),
    /** One hinged leaf with a threshold, towards the open air. */
    OUTER_DOOR("Outer door", Family.DOOR, mm(1010, 0, 2110), in(38, 0, 83)),
    /** A wide door whose panel lies under the ceiling when it is open. */
    GARAGE_DOOR("Garage door", Family.DOOR, mm(2500, 0, 2125), in(108, 0, 84)),
    /** Nothing: a plain opening. */
    PLAIN("Plain opening", Family.PLAIN, mm(1000, 0, 2010), in(36, 0, 81)),
    /** A plain opening under an arch. */
    ARCHED("Arched opening", Family.PLAIN, mm(1000, 0, 2200), in(36, 0, 88)),
    /** A glazed frame that does not open. */
    FIXED_WINDOW("Fixed window", Family.WINDOW, mm(1200, 900, 2100), in(48, 36, 81)),
    /** Sashes hinged at the side. */
    CASEMENT_WINDOW("Casement window", Family.WINDOW, mm(1200, 900, 2100), in(48, 36, 81)),
    /** Two sashes, one sliding past the other. */
    SLIDING_WINDOW("Sliding window", Family.WINDOW, mm(1500, 900, 2100), in(60, 36, 81)),
    /** A sash hinged below, that leans in. */
    TILT_WINDOW("Tilt window", Family.WINDOW, mm(900, 1100, 2100), in(36, 44, 81)),
    /** A round window; its width is its diameter. */
    ROUND_WINDOW("Round window", Family.WINDOW, mm(800, 1000, 1800), in(32, 40, 72)),
    /** Half of a window round a corner: it reaches the end of its wall, where its neighbour's half begins. */
    CORNER_WINDOW("Corner window", Family.WINDOW, mm(1000, 900, 2100), in(40, 36, 81));

    /** The three families of openings. */
    public enum Family {
        /** With leaves one passes through. */
        DOOR("Doors"),
        PLAIN("Open"),
        /** Glazed. */
        WINDOW("Windows");

        private final String label;

        Family(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** The size of an opening. */
    public record Size(Length width, Length sill, Length head) {}

    private final String label;
    private final Family family;
    private final Size metric;
    private final Size inches;

    OpeningKind(String label, Family family, Size metric, Size inches) {
        this.label = label;
        this.family = family;
        this.metric = metric;
        this.inches = inches;
    }

    private static Size mm(int width, int sill, int head) {
        return new Size(Length.ofMm(width), Length.ofMm(sill), Length.ofMm(head));
    }

    private static Size in(int width, int sill, int head) {
        return new Size(Length.ofInches(width), Length.ofInches(sill), Length.ofInches(head));
    }

    /** The name shown to people. */
    public String label() {
        return label;
    }

    /** The family it belongs to. */
    public Family family() {
        return family;
    }

    /** The size usual where people measure in these units. */
    public Size usual(UnitSystem units) {
        return units == UnitSystem.FEET_INCHES ? inches : metric;
    }

    /** Whether it is glazed and not walked through. */
    public boolean isWindow() {
        return family == Family.WINDOW;
    }

    /** Whether leaves turn on hinges and sweep over the floor. */
    public boolean hasHinges() {
        return this == DOOR || this == PAIR_DOOR || this == UNEQUAL_PAIR || this == OUTER_DOOR;
    }

    /** Whether it makes a difference at which jamb it is hung. */
    public boolean hasHand() {
        return switch (this) {
            case DOOR, UNEQUAL_PAIR, SLIDING_DOOR, POCKET_DOOR, FOLDING_DOOR, OUTER_DOOR, CASEMENT_WINDOW -> true;
            case PAIR_DOOR,
                    SLIDING_PAIR,
                    PARTING_DOOR,
                    GARAGE_DOOR,
                    PLAIN,
                    ARCHED,
                    FIXED_WINDOW,
                    SLIDING_WINDOW,
                    TILT_WINDOW,
                    ROUND_WINDOW,
                    CORNER_WINDOW -> false;
        };
    }

    /** Whether it makes a difference to which side it opens, or which side is the inner one. */
    public boolean hasSide() {
        return this != POCKET_DOOR && family != Family.PLAIN;
    }
}
