package honeylamp.raised.traced;

import honeylamp.derive.lighting.Beam;
import honeylamp.derive.lighting.LampPoint.Aim;
import honeylamp.geometry.space.SpacePoint;
import java.util.List;
import java.util.Optional;

/**
 * Where light comes from. A white level surface under an open sky of radiance 1 has light 1.
 *
 * @param sky radiance of the sky above; all nought at night
 * @param ground radiance of what lies around and below the horizon
 * @param sun the sun, if it shines
 * @param lamps what shines at night
 * @param bounces how often light is thrown on before what is left of it is taken as lost
 */
public record LightSources(Rgb sky, Rgb ground, Optional<Sun> sun, List<Lamp> lamps, int bounces) {
    /** Freezes the list. */
    public LightSources {
        lamps = List.copyOf(lamps);
    }

    /** Shares of red, green and blue. */
    public record Rgb(float red, float green, float blue) {
        /** None. */
        public static final Rgb NONE = new Rgb(0, 0, 0);

        /** The share of light that a surface of a colour throws back. */
        public static Rgb ofColour(int rgb) {
            return new Rgb(linear(rgb >> 16 & 0xff), linear(rgb >> 8 & 0xff), linear(rgb & 0xff));
        }

        /** By IEC 61966-2-1 (sRGB). */
        private static float linear(int of255) {
            var v = of255 / 255.0;
            return (float) (v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4));
        }
    }

    /**
     * The sun.
     *
     * @param towards it, at length one
     * @param light that it gives to a white surface that looks at it
     */
    public record Sun(SpacePoint towards, Rgb light) {}

    /**
     * A point that shines.
     *
     * @param perLux the light that a white surface has by one lux on it
     */
    public record Lamp(SpacePoint at, Aim aim, Beam beam, Rgb perLux) {}
}
