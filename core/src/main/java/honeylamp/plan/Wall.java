package honeylamp.plan;

import honeylamp.geometry.Curve;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A wall, held as the line that was drawn or measured and the side its body lies on. Walls join where
 * their lines share an end or where an end lies on another's line.
 *
 * @param sagitta the rise of a curved wall's line above its chord, to the left seen from its first end;
 *     negative to the right, zero for a straight wall
 * @param works what becomes of the wall in the building works
 */
@RecordBuilder
public record Wall(
        WallId id,
        Position from,
        Position to,
        BodySide body,
        WallTypeId type,
        Length height,
        Length sagitta,
        Works works)
        implements Element, WallBuilder.With {
    /** Where the body lies, seen along the drawn line from its first end to its second. */
    public enum BodySide {
        /** The line is the right face. */
        LEFT,
        /** The line is the centre of the wall. */
        CENTRE,
        /** The line is the left face. */
        RIGHT;

        /** The share of the thickness that lies left of the drawn line. */
        public double leftShare() {
            return switch (this) {
                case LEFT -> 1;
                case CENTRE -> 0.5;
                case RIGHT -> 0;
            };
        }

        /** The same body for a line drawn the other way. */
        public BodySide flipped() {
            return switch (this) {
                case LEFT -> RIGHT;
                case CENTRE -> CENTRE;
                case RIGHT -> LEFT;
            };
        }
    }

    /** What becomes of a wall in the building works. */
    public enum Works {
        /** It stands, and stays. */
        EXISTING("Existing", "It stands and stays", "Existing", "It is there and stays"),
        /** It stands now, and will not when the works are done: it bounds no room, and nothing joins it. */
        REMOVED(
                "To be removed",
                "It is dashed and bounds no room; its doors and windows go with it",
                "Closed up",
                "It is there now, and goes: the wall is whole again, what fills it is dark as what is new"),
        /** It is built in the works. */
        NEW(
                "New",
                "It is built, and darker than what is there",
                "New",
                "It is cut into a wall that stays: dashes run around what is taken out");

        private final String label;
        private final String meaning;
        private final String ofOpening;
        private final String meaningOfOpening;

        Works(String label, String meaning, String ofOpening, String meaningOfOpening) {
            this.label = label;
            this.meaning = meaning;
            this.ofOpening = ofOpening;
            this.meaningOfOpening = meaningOfOpening;
        }

        /** The words people see of an opening. */
        public String ofOpening() {
            return ofOpening;
        }

        /** What people are told of an opening. */
        public String meaningOfOpening() {
            return meaningOfOpening;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** What people are told of it. */
        public String meaning() {
            return meaning;
        }
    }

    /** The shortest wall kept, in mm. */
    public static final double SHORTEST_MM = 1;

    /** Turning to whole nanometres may take so much of a length. */
    private static final double HAIR_MM = 1e-3;

    /** The most an arc may rise, as a share of its chord: about 330 degrees of a circle. */
    private static final double MOST_CURLED = 3.7;

    /** Refuses a wall shorter than {@link #SHORTEST_MM}, without height, or curled up to nearly a full circle. */
    public Wall {
        Checks.positive("wall height", height);
        whyNot(from.point().distance(to.point()) + HAIR_MM, sagitta).ifPresent(why -> {
            throw new IllegalArgumentException("wall " + id.text() + ": " + why);
        });
    }

    /** Why there can be no wall between two ends, with so much rise above its chord; empty if there can. */
    public static Optional<String> whyNot(Position from, Position to, Length sagitta) {
        return whyNot(from.point().distance(to.point()), sagitta);
    }

    private static Optional<String> whyNot(double chord, Length sagitta) {
        if (chord < SHORTEST_MM) {
            return Optional.of(
                    "a wall would be shorter than " + Length.ofMm(SHORTEST_MM).mmText() + " mm");
        }
        return Math.abs(sagitta.mm()) > MOST_CURLED * chord
                ? Optional.of("an arc would be nearly a whole circle; draw it in two parts")
                : Optional.empty();
    }

    /** Why the wall cannot stand between other ends; empty if it can. */
    public Optional<String> whyNotBetween(Position newFrom, Position newTo) {
        return whyNot(newFrom, newTo, grown(newFrom, newTo));
    }

    private Length grown(Position newFrom, Position newTo) {
        return isCurved()
                ? Length.ofMm(sagitta.mm() * newFrom.point().distance(newTo.point()) / chord().length())
                : sagitta;
    }

    /** A straight wall that stays. */
    public Wall(WallId id, Position from, Position to, BodySide body, WallTypeId type, Length height) {
        this(id, from, to, body, type, height, Length.ZERO, Works.EXISTING);
    }

    /** The drawn line, in plan mm. */
    public Curve line() {
        return Curve.of(from.point(), to.point(), sagitta.mm());
    }

    /** The straight line between the ends of the drawn line, in plan mm. */
    public Segment chord() {
        return new Segment(from.point(), to.point());
    }

    /** Whether the wall is there when the works are done. */
    public boolean stands() {
        return works != Works.REMOVED;
    }

    /** Whether the wall is an arc. */
    public boolean isCurved() {
        return !sagitta.equals(Length.ZERO);
    }

    /** The length of the drawn line. */
    public Length length() {
        return Length.ofMm(line().length());
    }

    /** The wall between other ends; an arc keeps its angle and grows or shrinks with its chord. */
    public Wall between(Position newFrom, Position newTo) {
        return with(copy -> copy.from(newFrom).to(newTo).sagitta(grown(newFrom, newTo)));
    }

    /** The same wall, drawn the other way. */
    public Wall reversed() {
        return new Wall(id, to, from, body.flipped(), type, height, sagitta.negated(), works);
    }

    @Override
    public Wall moved(Motion motion) {
        var there = between(motion.of(from), motion.of(to));
        return motion.mirrors() ? there.withBody(body.flipped()).withSagitta(there.sagitta.negated()) : there;
    }

    @Override
    public Wall under(ElementId.Key key) {
        return withId(new WallId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(from, to);
    }
}
