package honeylamp.plan;

import honeylamp.units.Checks;

/**
 * A colour by how it looks: lightness 0–1, chroma, hue in degrees.
 *
 * @see "B. Ottosson, A perceptual color space for image processing, 2020 (OKLab)"
 */
public record Oklch(double lightness, double chroma, double hueDeg) {
    /** Refuses what is no colour. */
    public Oklch {
        Checks.within("lightness", lightness, 0, 1);
        Checks.within("chroma", chroma, 0, 0.4);
        Checks.finite("hue", hueDeg);
    }

    /** The colour lighter (or darker) by so much, kept within 0 to 1. */
    public Oklch lighter(double by) {
        return new Oklch(Math.clamp(lightness + by, 0, 1), chroma, hueDeg);
    }

    /** The colour with chroma changed by so much, never below 0. */
    public Oklch stronger(double by) {
        return new Oklch(lightness, Math.clamp(chroma + by, 0, 0.4), hueDeg);
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

    /** Linear light to an sRGB level (IEC 61966-2-1). */
    private static int channel(double linear) {
        var c = Math.clamp(linear, 0.0, 1.0);
        var encoded = c <= 0.0031308 ? 12.92 * c : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
        return (int) Math.round(encoded * 255);
    }
}
