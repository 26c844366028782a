package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A stair. In its own frame it begins at the front and climbs to the back.
 *
 * @param leads whether it leads up from its storey or down from it
 * @param flight clear width of a flight
 * @param going from riser to riser along the walking line
 * @param risers number of risers, the one onto the upper floor included
 * @param lower treads of the flight before the turn; all of them where there is no turn
 * @param rise from floor to floor
 * @param well clear gap between two flights; of a spiral, the diameter of its newel
 */
@RecordBuilder
public record Stair(
        Shape shape,
        Turn turn,
        Leads leads,
        Length flight,
        Length going,
        int risers,
        int lower,
        Length rise,
        Length well)
        implements Structure.Form, StairBuilder.With {
    /** More risers than this are no stair that anybody climbs. */
    public static final int MOST_RISERS = 60;

    /** How a stair runs. */
    public enum Shape {
        /** One straight flight. */
        STRAIGHT(0),
        /** Two flights at right angles, with a quarter landing: an L. */
        QUARTER(1),
        /** Two flights side by side, with a half landing: a U. */
        HALF(1),
        /** Two flights at right angles, with winders in the corner. */
        WINDER(3),
        /** Steps around a newel. */
        SPIRAL(0);

        private final int turning;

        Shape(int turning) {
            this.turning = turning;
        }

        /** Steps in the turn: a landing, or so many winders. */
        public int turning() {
            return turning;
        }

        /** So that every flight has a step. */
        public int leastRisers() {
            return turning == 0 ? 2 : turning + 3;
        }
    }

    /** To which hand it turns, seen by someone who climbs. */
    public enum Turn {
        LEFT,
        RIGHT;

        public Turn other() {
            return this == LEFT ? RIGHT : LEFT;
        }
    }

    /** To which storey a stair leads from the one it is drawn on. */
    public enum Leads {
        /** Up: its foot stands on this storey. */
        UP,
        /** Down: it arrives here from below. */
        DOWN
    }

    /** Refuses sizes of zero or less, and too few or too many risers. */
    public Stair {
        Checks.positive("flight width", flight);
        Checks.positive("going", going);
        Checks.positive("rise", rise);
        whyNotRisers(shape, risers).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
        if (shape.turning() == 0) {
            lower = risers - 1;
        } else {
            Checks.within("treads before the turn", lower, 1, risers - 2 - shape.turning());
        }
        Checks.notNegative("well of a stair", well);
    }

    /** Why a stair of a shape cannot have so many risers; empty if it can. */
    public static Optional<String> whyNotRisers(Shape shape, int risers) {
        return risers < shape.leastRisers() || risers > MOST_RISERS
                ? Optional.of("a stair of this shape has " + shape.leastRisers() + " to " + MOST_RISERS + " risers")
                : Optional.empty();
    }

    /** Why the stair cannot turn after so many treads; empty if it can. */
    public Optional<String> whyNotTurningAfter(int treads) {
        var most = risers - 2 - shape.turning();
        return treads < 1 || treads > most
                ? Optional.of("with " + risers + " risers it turns after 1 to " + most + " treads")
                : Optional.empty();
    }

    /** The height of one step, in mm. */
    public double riserMm() {
        return rise.mm() / risers;
    }

    /** Twice the riser and the going, in mm: the length of a stride, 600 to 650 where a stair is easy to climb. */
    public double strideMm() {
        return 2 * riserMm() + going.mm();
    }

    /** Steps one treads on, the upper floor left out. */
    public int treads() {
        return risers - 1;
    }

    /** Treads of the flight after the turn. */
    public int upper() {
        return treads() - shape.turning() - lower;
    }

    /** The lower flight of a stair with so many risers, both flights as nearly alike as can be. */
    private static int halved(Shape shape, int risers) {
        return shape.turning() == 0 ? risers - 1 : (risers - shape.turning()) / 2;
    }

    /** A stair whose flights are as nearly alike as can be. */
    public static Stair even(
            Shape shape, Turn turn, Leads leads, Length flight, Length going, int risers, Length rise, Length well) {
        return new Stair(shape, turn, leads, flight, going, risers, halved(shape, risers), rise, well);
    }

    @Override
    public Length width() {
        return switch (shape) {
            case STRAIGHT -> flight;
            case QUARTER, WINDER -> flight.plus(going.times(upper()));
            case HALF -> flight.times(2).plus(well);
            case SPIRAL -> flight.times(2).plus(well);
        };
    }

    @Override
    public Length depth() {
        return switch (shape) {
            case STRAIGHT -> going.times(treads());
            case QUARTER, WINDER -> flight.plus(going.times(lower));
            case HALF -> flight.plus(going.times(Math.max(lower, upper())));
            case SPIRAL -> width();
        };
    }

    @Override
    public Length height() {
        return rise;
    }

    /** The stair running another way, its flights alike. */
    public Stair shaped(Shape other) {
        return even(other, turn, leads, flight, going, Math.max(risers, other.leastRisers()), rise, well);
    }

    /** The stair turning to the other hand. */
    public Stair mirrored() {
        return withTurn(turn.other());
    }

    /** The stair with other steps; with another number of them its flights are alike. */
    public Stair stepped(int otherRisers, Length otherGoing) {
        var before = otherRisers == risers ? lower : halved(shape, otherRisers);
        return with(copy -> copy.going(otherGoing).risers(otherRisers).lower(before));
    }

    /** The stair with flights of another width. */
    public Stair wide(Length otherFlight, Length otherWell) {
        return with(copy -> copy.flight(otherFlight).well(otherWell));
    }
}
