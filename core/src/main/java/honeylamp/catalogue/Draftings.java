package honeylamp.catalogue;

import honeylamp.plan.Drafting;
import honeylamp.plan.Drafting.Line;
import honeylamp.plan.InkRole;
import honeylamp.plan.Lettering;
import honeylamp.plan.LineRole;
import honeylamp.plan.TextRole;
import honeylamp.plan.TypeFamily;
import java.util.EnumMap;

/** The pens and the type of the shipped looks. */
final class Draftings {
    /** Cut walls heaviest, dimensions fine; names of rooms large, all else small. */
    public static final Drafting USUAL = usual();

    /** The same as a hand draws it: unsteady lines, lettered names and words, narrow figures that line up. */
    public static final Drafting BY_HAND = USUAL.withUnsteadyMm(0.12)
            .withLettering(new Lettering(TypeFamily.HAND, TypeFamily.HAND, TypeFamily.NARROW));

    /** Crisp: walls a little finer, furniture fine. */
    public static final Drafting LISTING = USUAL.with(LineRole.FURNITURE, new Line(0.16, 0.12))
            .with(LineRole.FURNITURE_INNER, new Line(0.08, 0.06))
            .with(InkRole.FURNITURE, 0.72)
            .with(InkRole.INNER, 0.42);

    /** All by weight: walls heavy, joints and grain fine but full enough for a copier. */
    public static final Drafting INK = USUAL.with(LineRole.CUT_WALL, new Line(0.60, 0.45))
            .with(LineRole.FURNITURE, new Line(0.22, 0.18))
            .with(LineRole.FURNITURE_INNER, new Line(0.12, 0.10))
            .with(LineRole.GRAIN, new Line(0.08, 0.08))
            .with(InkRole.FURNITURE, 1)
            .with(InkRole.INNER, 0.8)
            .with(InkRole.FIGURE, 0.74);

    /** Soft lines of a hand that strays and overshoots, all lettered. */
    public static final Drafting PENCIL = BY_HAND.withUnsteadyMm(0.15)
            .with(LineRole.CUT_WALL, new Line(0.42, 0.34))
            .with(LineRole.FURNITURE, new Line(0.24, 0.20))
            .with(LineRole.FURNITURE_INNER, new Line(0.15, 0.12))
            .with(LineRole.GRAIN, new Line(0.09, 0.09))
            .with(InkRole.FURNITURE, 0.74)
            .with(InkRole.INNER, 0.46)
            .with(InkRole.FIGURE, 0.82);

    /** A fine black pen in a quick hand. */
    public static final Drafting MARKER = BY_HAND.withUnsteadyMm(0.13)
            .with(LineRole.CUT_WALL, new Line(0.45, 0.36))
            .with(LineRole.FURNITURE, new Line(0.27, 0.22))
            .with(LineRole.FURNITURE_INNER, new Line(0.13, 0.11))
            .with(InkRole.FURNITURE, 0.92)
            .with(InkRole.INNER, 0.6)
            .with(InkRole.FIGURE, 0.77);

    /** Fine sepia lines around washes. */
    public static final Drafting WASH = BY_HAND.with(LineRole.CUT_WALL, new Line(0.30, 0.26))
            .with(LineRole.FURNITURE, new Line(0.18, 0.16))
            .with(LineRole.FURNITURE_INNER, new Line(0.10, 0.09))
            .with(LineRole.GRAIN, new Line(0.07, 0.07))
            .with(InkRole.FURNITURE, 0.82)
            .with(InkRole.INNER, 0.5)
            .with(InkRole.FIGURE, 0.84);

    /** Light lines glow on dark paper, so they are finer. */
    public static final Drafting NIGHT = USUAL.with(LineRole.CUT_WALL, new Line(0.40, 0.30))
            .with(LineRole.FURNITURE, new Line(0.17, 0.13))
            .with(InkRole.DIMENSION, 0.8);

    private Draftings() {}

    private static Drafting usual() {
        var lines = new EnumMap<LineRole, Line>(LineRole.class);
        for (var role : LineRole.values()) {
            lines.put(role, line(role));
        }
        var type = new EnumMap<TextRole, Double>(TextRole.class);
        for (var role : TextRole.values()) {
            type.put(role, capHeightMm(role));
        }
        var inks = new EnumMap<InkRole, Double>(InkRole.class);
        for (var role : InkRole.values()) {
            inks.put(role, share(role));
        }
        return new Drafting(lines, inks, type, 0, Lettering.PLAIN, DimensionStyles.WORKING);
    }

    private static Line line(LineRole role) {
        return switch (role) {
            case CUT_WALL -> new Line(0.50, 0.35);
            case CUT_POST -> new Line(0.35, 0.25);
            case HATCH -> new Line(0.13, 0.10);
            case LEAF -> new Line(0.25, 0.18);
            case SWING -> new Line(0.13, 0.13);
            case FURNITURE -> new Line(0.20, 0.15);
            case FURNITURE_INNER -> new Line(0.10, 0.08);
            case GRAIN -> new Line(0.05, 0.05);
            case TRIM -> new Line(0.13, 0.10);
            case OVERHEAD -> new Line(0.18, 0.18);
            case PLOT -> new Line(0.30, 0.216);
            case DIMENSION -> new Line(0.13, 0.13);
            case TICK -> new Line(0.30, 0.30);
            case RULE -> new Line(0.13, 0.13);
            case HEADING_RULE -> new Line(0.25, 0.25);
            case TITLE_RULE -> new Line(0.35, 0.35);
            case NEEDLE -> new Line(0.18, 0.18);
        };
    }

    private static double share(InkRole role) {
        return switch (role) {
            case SWING -> 0.70;
            case FURNITURE -> 0.85;
            case INNER -> 0.55;
            case DIMENSION -> 0.65;
            case FIGURE -> 0.82; // with the paper through it the print is about 69 % dark, and 8.1 : 1 to read
            case QUIET -> 0.72;
        };
    }

    private static double capHeightMm(TextRole role) {
        return switch (role) {
            case ROOM_NAME -> 2.9;
            case ROOM_SIZE -> 2.1;
            case SMALL_ROOM_NAME -> 2.2;
            case SMALL_ROOM_SIZE -> 1.8;
            case DIMENSION -> 2.0;
            case NOTE -> 2.0;
            case TAG -> 1.8;
            case STAIR -> 1.8;
            case SITE -> 2.1;
            case TITLE -> 4.8;
            case HEADING -> 2.6;
            case BODY -> 2.0;
            case SMALL -> 1.8;
            case NORTH -> 1.9;
        };
    }
}
