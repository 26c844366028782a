package honeylamp.survey.reading;

import honeylamp.plan.OpeningKind;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What was measured on site, in the order it was written down.
 *
 * @param storeyHeight clear height from floor to ceiling
 */
public record Survey(String name, Length storeyHeight, List<Reading> readings) {
    /** The thickness of walls until a survey says otherwise. */
    public static final Length USUAL_THICKNESS = Length.ofMm(300);

    public Survey {
        Checks.positive("storey height", storeyHeight);
        readings = List.copyOf(readings);
    }

    /** One line of the field book. Running lengths are read from the first station of the leg. */
    public sealed interface Reading {
        /** The line of the file it came from, from 1; for sentences. */
        int line();
    }

    /**
     * A wall measured from corner to corner along the face that was drawn.
     *
     * @param turnDeg how far one turns at {@code from}, positive to the left, coming along the leg that
     *     arrived there; for the first leg its direction, counter-clockwise from east; empty if no angle was
     *     taken
     * @param thickness of its wall
     * @param room the name of the room to its left, empty if it is not said
     */
    public record Leg(
            int line, String from, String to, Length length, OptionalDouble turnDeg, Length thickness, String room)
            implements Reading {
        /** Refuses legs of no length and from a station to itself. */
        public Leg {
            Checks.positive("leg length", length);
            Checks.positive("wall thickness", thickness);
            if (from.equals(to)) {
                throw new IllegalArgumentException("a leg runs from " + from + " to itself");
            }
        }

        /** The leg as it is called. */
        public String name() {
            return from + "-" + to;
        }
    }

    /** A length measured across, between two stations. */
    public record Diagonal(int line, String from, String to, Length length) implements Reading {
        /** Refuses diagonals of no length. */
        public Diagonal {
            Checks.positive("diagonal", length);
        }
    }

    /** A station on a leg, so far from its first station. */
    public record OnLeg(int line, String station, String from, String to, Length at) implements Reading {
        /** Refuses places before the leg begins. */
        public OnLeg {
            Checks.notNegative("place on the leg", at);
        }
    }

    /** An opening in a leg, between two running lengths. */
    public record Hole(int line, OpeningKind kind, String from, String to, Length start, Length end)
            implements Reading {
        /** Refuses openings that end before they begin. */
        public Hole {
            Checks.notNegative("start of the opening", start);
            Checks.positive("width of the opening", end.minus(start));
        }
    }

    /** The legs, in their order. */
    public List<Leg> legs() {
        return of(Leg.class);
    }

    /** The diagonals, in their order. */
    public List<Diagonal> diagonals() {
        return of(Diagonal.class);
    }

    /** The readings of one kind, in their order. */
    public <T extends Reading> List<T> of(Class<T> kind) {
        return readings.stream().filter(kind::isInstance).map(kind::cast).toList();
    }
}
