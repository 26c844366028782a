package honeylamp.plan;

import honeylamp.units.Checks;
import java.util.Base64;

/**
 * A small picture of a real thing, kept with what it shows, so that it goes wherever that goes.
 *
 * @param jpeg its bytes as a JPEG file, in base 64
 */
public record SmallPicture(int widthPx, int heightPx, String jpeg) {
    /** No side has more pixels. */
    public static final int MOST_PX = 240;

    /** Its text is at most so long. */
    public static final int MOST_TEXT = 60_000;

    /** Refuses pictures without pixels or with too many, and text that is no base 64. */
    public SmallPicture {
        Checks.within("width of a small picture", widthPx, 1, MOST_PX);
        Checks.within("height of a small picture", heightPx, 1, MOST_PX);
        Checks.within("length of a small picture", jpeg.length(), 1, MOST_TEXT);
        Base64.getDecoder().decode(jpeg);
    }

    /** The bytes of the JPEG file. */
    public byte[] bytes() {
        return Base64.getDecoder().decode(jpeg);
    }
}
