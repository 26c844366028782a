package honeylamp.raised.traced;

import honeylamp.geometry.Box;

/**
 * The light on what is seen, pixel by pixel, row by row from the foot up.
 *
 * @param box of the picture, in picture mm
 * @param seen which facet of the scene each pixel shows; -1 for none
 */
public record LightMap(Box box, int width, int height, int[] seen, float[] red, float[] green, float[] blue) {
    /** How many pixels it has. */
    public int count() {
        return width * height;
    }
}
