package honeylamp.plan;

import honeylamp.units.Checks;

/**
 * A colour by how it looks: lightness 0–1, chroma, hue in degrees.
 *
 * @see "B. Ottosson, A perceptual color space for image processing, 2020 (OKLab)"
 */
public record Oklch(double lightness, double chroma, double hueDeg) {
    /** No stronger colour is shown. */
    static final double MOST_CHROMA = 0.4;

    /** Refuses what is no colour. */
    public Oklch {
        Checks.within("lightness", lightness, 0, 1);
        Checks.within("chroma", chroma, 0, MOST_CHROMA);
        Checks.finite("hue", hueDeg);
    }

    /** The colour lighter (or darker) by so much, kept within 0 to 1. */
    public Oklch lighter(double by) {
        return new Oklch(Math.clamp(lightness + by, 0, 1), chroma, hueDeg);
    }

    /** The colour with chroma changed by so much, never below 0. */
    public Oklch stronger(double by) {
        return new Oklch(lightness, Math.clamp(chroma + by, 0, MOST_CHROMA), hueDeg);
    }

    /** The colour as opaque sRGB, {@code 0xffRRGGBB}; parts outside the gamut are cut off. */
    public int argb() {
        var hue = Math.toRadians(hueDeg);
        var a = chroma * Math.cos(hue);
        var b = chroma * Math.sin(hue);
        var l = cube(lightness + 0.3963377774 * a + 0.2158037573 * b);
        var m = cube(lightness - 0.1055613458 * a - 0.0638541728 * b);
        var s = cube(lightness - 0.0894841775 * a - 1.2914855480 * b);
        var red = channel(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s);
        var green = channel(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s);
        var blue = channel(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s);
        return 0xff000000 | red << 16 | green << 8 | blue;
    }

    private static double cube(double x) {
        return x * x * x;
    }

    /**
     * An sRGB colour, {@code 0xRRGGBB}; the way back from {@link #argb()}.
     *
     * @see "B. Ottosson, A perceptual color space for image processing, 2020 (OKLab)"
     */
    public static Oklch ofRgb(int rgb) {
        var red = linear(rgb >> 16 & 0xff);
        var green = linear(rgb >> 8 & 0xff);
        var blue = linear(rgb & 0xff);
        var l = Math.cbrt(0.4122214708 * red + 0.5363325363 * green + 0.0514459929 * blue);
        var m = Math.cbrt(0.2119034982 * red + 0.6806995451 * green + 0.1073969566 * blue);
        var s = Math.cbrt(0.0883024619 * red + 0.2817188376 * green + 0.6299787005 * blue);
        var lightness = 0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s;
        var a = 1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s;
        var b = 0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s;
        return new Oklch(
                Math.clamp(lightness, 0.0, 1.0),
                Math.min(MOST_CHROMA, Math.hypot(a, b)),
                (Math.toDegrees(Math.atan2(b, a)) + 360) % 360);
    }

    /** An sRGB level to linear light (IEC 61966-2-1). */
    private static double linear(int level) {
        var c = level / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    /** Linear light to an sRGB level (IEC 61966-2-1). */
    private static int channel(double linear) {
        var c = Math.clamp(linear, 0.0, 1.0);
        var encoded = c <= 0.0031308 ? 12.92 * c : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
        return (int) Math.round(encoded * 255);
    }
}
