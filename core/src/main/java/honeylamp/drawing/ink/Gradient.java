package honeylamp.drawing.ink;

import honeylamp.geometry.Point;
import honeylamp.units.Checks;
import java.util.List;
import java.util.function.IntUnaryOperator;

/** Colours that pass into each other along a line or out from a point, in paper mm; beyond its ends the end colours. */
public sealed interface Gradient {
    /**
     * A colour at a share of the way.
     *
     * @param at from 0 to 1
     */
    record Stop(double at, int rgb) {
        /** Refuses shares outside 0 to 1. */
        public Stop {
            Checks.within("place of a colour", at, 0, 1);
            rgb &= 0xffffff;
        }
    }

    /** The colours, from 0 to 1. */
    List<Stop> stops();

    /** The same gradient in other colours. */
    default Gradient mapped(IntUnaryOperator change) {
        var other = stops().stream()
                .map(s -> new Stop(s.at(), change.applyAsInt(s.rgb())))
                .toList();
        return switch (this) {
            case Linear line -> new Linear(line.from(), line.to(), other);
            case Radial round -> new Radial(round.centre(), round.radiusMm(), other);
        };
    }

    /** Along a line, the same across it. */
    record Linear(Point from, Point to, List<Stop> stops) implements Gradient {
        /** Refuses fewer than two colours, or colours out of order. */
        public Linear {
            stops = ordered(stops);
        }
    }

    /** Out from a point in all directions. */
    record Radial(Point centre, double radiusMm, List<Stop> stops) implements Gradient {
        /** Refuses fewer than two colours, colours out of order, and no radius. */
        public Radial {
            stops = ordered(stops);
            if (!(radiusMm > 0)) {
                throw new IllegalArgumentException("a gradient needs a radius, not " + radiusMm);
            }
        }
    }

    private static List<Stop> ordered(List<Stop> stops) {
        for (var i = 1; i < stops.size(); i++) {
            if (stops.get(i).at() <= stops.get(i - 1).at()) {
                throw new IllegalArgumentException("colours of a gradient come one after the other");
            }
        }
        if (stops.size() < 2) {
            throw new IllegalArgumentException("a gradient needs two colours, has " + stops.size());
        }
        return List.copyOf(stops);
    }
}
