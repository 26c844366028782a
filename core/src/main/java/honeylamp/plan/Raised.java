package honeylamp.plan;

import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.units.Checks;
import honeylamp.units.Length;

/** Something seen raised: with its heights, from a side and from above, or from within. */
public sealed interface Raised extends View.Subject {
    /** The storey it shows, or on which one stands. */
    StoreyId storey();

    /** From where it is looked at. */
    Eye eye();

    /** The same looked at from elsewhere. */
    Raised seenFrom(Eye other);

    /**
     * From where one looks.
     *
     * @param turnDeg how far the plan is turned before it is seen, counter-clockwise, from 0 up to 360; 0 looks north
     * @param downDeg how steeply one looks down on it
     */
    record Eye(Rays rays, double turnDeg, double downDeg) {
        /** Flatter than this one does not look down on things. */
        public static final double LEAST_DOWN_DEG = 5;

        /** Steeper than this it is a plan. */
        public static final double MOST_DOWN_DEG = 85;

        /** Refuses looking down less than 5 or more than 85 degrees. */
        public Eye {
            Checks.within("turn of a raised view", turnDeg, 0, 360);
            Checks.within("how steeply one looks down", downDeg, LEAST_DOWN_DEG, MOST_DOWN_DEG);
        }

        /** Turned by so many degrees, counter-clockwise. */
        public Eye turnedBy(double deg) {
            return new Eye(rays, ((turnDeg + deg) % 360 + 360) % 360, downDeg);
        }

        /** Looking down more steeply by so many degrees, as far as that goes. */
        public Eye tiltedBy(double deg) {
            return new Eye(rays, turnDeg, Math.clamp(downDeg + deg, LEAST_DOWN_DEG, MOST_DOWN_DEG));
        }

        /** With other rays. */
        public Eye with(Rays other) {
            return new Eye(other, turnDeg, downDeg);
        }
    }

    /** How lines of sight run. */
    enum Rays {
        /** All in one direction: what is alike is as long wherever it stands. */
        PARALLEL("Parallel"),
        /** On the true plan: floors as a plan has them, heights straight up. */
        ON_PLAN("On the true plan"),
        /** From one point: what is farther is smaller, and verticals stay upright. */
        PERSPECTIVE("In perspective");

        private final String label;

        Rays(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** A room with the walls behind it; those before it are cut away. */
    record Cutaway(StoreyId storey, RoomId room, Eye eye) implements Raised {
        @Override
        public Cutaway seenFrom(Eye other) {
            return new Cutaway(storey, room, other);
        }
    }

    /**
     * A storey.
     *
     * @param cut so high above its floor
     */
    record WholeStorey(StoreyId storey, Length cut, Eye eye) implements Raised {
        /** Refuses a cut at the floor or below. */
        public WholeStorey {
            Checks.positive("height of the cut", cut);
        }

        @Override
        public WholeStorey seenFrom(Eye other) {
            return new WholeStorey(storey, cut, other);
        }
    }

    /**
     * All storeys, one above the other.
     *
     * @param apart so much farther apart than they are
     */
    record Building(StoreyId storey, Length apart, Eye eye) implements Raised {
        /** Refuses a distance less than nothing. */
        public Building {
            Checks.notNegative("distance between storeys", apart);
        }

        @Override
        public Building seenFrom(Eye other) {
            return new Building(storey, apart, other);
        }
    }
}
