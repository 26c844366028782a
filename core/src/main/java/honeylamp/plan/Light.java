package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The one light of the picture.
 *
 * @param fromDeg where it comes from, clockwise from the top of the sheet
 * @param altitudeDeg height above the horizon
 * @param falls what takes shade
 * @param sun if it is the sun: where that stands says whence the light comes, in place of the two angles
 * @param evening if it is evening: then fittings light the picture, and the light of day is gone
 */
@RecordBuilder
public record Light(double fromDeg, double altitudeDeg, Falls falls, Optional<Sun> sun, Optional<Evening> evening)
        implements LightBuilder.With {
    /** A lower light would throw shade without end. */
    public static final double LEAST_ALTITUDE_DEG = 6;

    /** A higher one throws none. */
    public static final double MOST_ALTITUDE_DEG = 89.9;

    /**
     * The light of fittings after dark.
     *
     * @param off the groups that are switched off, rising
     */
    public record Evening(List<Integer> off) {
        /** All that shines does. */
        public static final Evening ALL = new Evening(List.of());

        /** Freezes the list. */
        public Evening {
            off = off.stream().distinct().sorted().toList();
        }

        /** Whether a fitting shines. */
        public boolean lights(Fitting fitting) {
            return fitting.group().filter(off::contains).isEmpty();
        }

        /** With groups off that all were on, or on if any of them was off. */
        public Evening switching(List<Integer> groups) {
            var any = groups.stream().anyMatch(off::contains);
            return new Evening(
                    any
                            ? off.stream().filter(g -> !groups.contains(g)).toList()
                            : Stream.concat(off.stream(), groups.stream()).toList());
        }
    }

    /** What takes shade. */
    public enum Falls {
        /** Floors, balconies and what the ground is covered with. */
        INSIDE("On floors"),
        /** The bare ground around the building too. */
        AROUND("On the ground too");

        private final String label;

        Falls(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** As it is written in keys. */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Refuses a light at or below the horizon. */
    public Light {
        Checks.finite("light direction", fromDeg);
        Checks.within("light altitude", altitudeDeg, LEAST_ALTITUDE_DEG, MOST_ALTITUDE_DEG);
    }

    /** A light from a direction that shades floors. */
    public Light(double fromDeg, double altitudeDeg) {
        this(fromDeg, altitudeDeg, Falls.INSIDE, Optional.empty());
    }

    /** A light by day. */
    public Light(double fromDeg, double altitudeDeg, Falls falls, Optional<Sun> sun) {
        this(fromDeg, altitudeDeg, falls, sun, Optional.empty());
    }

    /** Where shadows fall: the unit shift in plan space (y north) away from the light. */
    public Point fall() {
        return Point.direction(90 - fromDeg).times(-1);
    }

    /** The length of the shadow of a thing one mm high, in mm: 1 ÷ tan(altitude). */
    public double shadowPerHeight() {
        return 1 / Math.tan(Math.toRadians(altitudeDeg));
    }
}
