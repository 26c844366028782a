package honeylamp.plan;

import honeylamp.geometry.Point;
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

    /** The same for all that are alike but for where they are looked at from. */
    default Raised fromAnywhere() {
        return seenFrom(new Eye(Rays.PARALLEL, 0, Eye.MOST_DOWN_DEG));
    }

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

    /** What becomes of the walls that stand between the eye and what is looked at. */
    enum Near {
        /** They stand as the others do. */
        STANDING("Standing"),
        /** One sees through them. */
        THROUGH("Seen through"),
        /** They are cut low. */
        LOW("Cut low"),
        /** They are cut away down to the floor. */
        GONE("Cut away");

        private final String label;

        Near(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /**
     * A room with the walls behind it.
     *
     * @param before what becomes of those before it
     */
    record Cutaway(StoreyId storey, RoomId room, Near before, Eye eye) implements Raised {
        /** With those before it cut away. */
        public Cutaway(StoreyId storey, RoomId room, Eye eye) {
            this(storey, room, Near.GONE, eye);
        }

        /** Refuses walls that stand before what shall be seen. */
        public Cutaway {
            if (before == Near.STANDING) {
                throw new IllegalArgumentException("walls before a room that is cut away do not stand");
            }
        }

        @Override
        public Cutaway seenFrom(Eye other) {
            return new Cutaway(storey, room, before, other);
        }
    }

    /**
     * A storey.
     *
     * @param cut so high above its floor
     * @param near what becomes of the outer walls one would look over
     */
    record WholeStorey(StoreyId storey, Length cut, Near near, Eye eye) implements Raised {
        /** With all walls cut alike. */
        public WholeStorey(StoreyId storey, Length cut, Eye eye) {
            this(storey, cut, Near.STANDING, eye);
        }

        /** Refuses a cut at the floor or below. */
        public WholeStorey {
            Checks.positive("height of the cut", cut);
        }

        @Override
        public WholeStorey seenFrom(Eye other) {
            return new WholeStorey(storey, cut, near, other);
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

    /** All roofs from straight above. */
    record RoofPlan(StoreyId storey) implements Raised {
        @Override
        public Eye eye() {
            return new Eye(Rays.PARALLEL, 0, Eye.MOST_DOWN_DEG);
        }

        /** North stays at the top. */
        @Override
        public RoofPlan seenFrom(Eye other) {
            return this;
        }
    }

    /**
     * The whole building from outside, straight from one side.
     *
     * @param towardsDeg where one looks, counter-clockwise from east, from 0 up to 360
     */
    record Outside(StoreyId storey, double towardsDeg) implements Raised {
        /** Refuses a direction that is none. */
        public Outside {
            Checks.within("direction of a view from outside", towardsDeg, 0, 360);
        }

        @Override
        public Eye eye() {
            return level(towardsDeg);
        }

        @Override
        public Outside seenFrom(Eye other) {
            return new Outside(storey, turned(90 - other.turnDeg()));
        }
    }

    /**
     * The building cut along a line of the plan, straight from the side; one looks to the left of the line.
     *
     * @param depth so far behind the line things are seen
     */
    record Section(StoreyId storey, Position from, Position to, Length depth) implements Raised {
        /** So deep one usually looks behind the line: through the whole building. */
        public static final Length USUAL_DEPTH = Length.ofMm(20_000);

        /** Refuses a line without length, and a depth of nothing. */
        public Section {
            Checks.positive("depth of a section", depth);
            Checks.positive("length of the line of a section", from.point().distance(to.point()));
        }

        /** Where one looks, counter-clockwise from east, from 0 up to 360. */
        public double towardsDeg() {
            return turned(to.point().minus(from.point()).left().angleDeg());
        }

        /** The line so much farther on in the direction in which one looks. */
        public Section moved(Length by) {
            var shift = Point.direction(towardsDeg()).times(by.mm());
            return new Section(
                    storey,
                    Position.of(from.point().plus(shift)),
                    Position.of(to.point().plus(shift)),
                    depth);
        }

        /** The same from the other side. */
        public Section turnedAround() {
            return new Section(storey, to, from, depth);
        }

        @Override
        public Eye eye() {
            return level(towardsDeg());
        }

        /** One looks square to the line. */
        @Override
        public Section seenFrom(Eye other) {
            return this;
        }
    }

    private static Eye level(double towardsDeg) {
        return new Eye(Rays.PARALLEL, turned(90 - towardsDeg), Eye.LEAST_DOWN_DEG);
    }

    private static double turned(double deg) {
        return (deg % 360 + 360) % 360;
    }

    /** Whether one looks level or straight down, so that nothing can be tilted. */
    default boolean isSquare() {
        return switch (this) {
            case RoofPlan _, Outside _, Section _ -> true;
            case Cutaway _, WholeStorey _, Building _, Inside _ -> false;
        };
    }

    /** Whether all storeys are seen. */
    default boolean isOfSeveral() {
        return switch (this) {
            case Building _, RoofPlan _, Outside _, Section _ -> true;
            case Cutaway _, WholeStorey _, Inside _ -> false;
        };
    }

    /**
     * A storey as one sees it who stands in it.
     *
     * @param at where one stands
     * @param high how high one's eyes are above the floor
     * @param towardsDeg where one looks, counter-clockwise from east, from 0 up to 360
     * @param acrossDeg how wide one looks from the left edge of the picture to its right
     */
    record Inside(StoreyId storey, Position at, Length high, double towardsDeg, double acrossDeg) implements Raised {
        /** So high eyes usually are. */
        public static final Length EYE_HIGH = Length.ofMm(1600);

        /** So wide one usually looks. */
        public static final double USUAL_ACROSS_DEG = 75;

        /** Narrower than this one sees no room. */
        public static final double LEAST_ACROSS_DEG = 20;

        /** Wider than this what is at the edges is drawn out. */
        public static final double MOST_ACROSS_DEG = 110;

        /** Refuses eyes at the floor or below, and looking less than 20 or more than 110 degrees wide. */
        public Inside {
            Checks.positive("height of the eyes", high);
            Checks.within("direction of a view inside", towardsDeg, 0, 360);
            Checks.within("angle of a view inside", acrossDeg, LEAST_ACROSS_DEG, MOST_ACROSS_DEG);
        }

        /** The same from elsewhere, looking elsewhere. */
        public Inside standing(Position otherAt, double otherTowardsDeg) {
            return new Inside(storey, otherAt, high, (otherTowardsDeg % 360 + 360) % 360, acrossDeg);
        }

        /** The same on another storey, elsewhere. */
        public Inside on(StoreyId other, Position otherAt, double otherTowardsDeg) {
            return new Inside(other, otherAt, high, turned(otherTowardsDeg), acrossDeg);
        }

        @Override
        public Eye eye() {
            return new Eye(Rays.PERSPECTIVE, ((90 - towardsDeg) % 360 + 360) % 360, Eye.LEAST_DOWN_DEG);
        }

        /** One turns where one stands; one always looks level. */
        @Override
        public Inside seenFrom(Eye other) {
            return standing(at, 90 - other.turnDeg());
        }
    }
}
