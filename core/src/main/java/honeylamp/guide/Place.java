package honeylamp.guide;

import java.util.Locale;

/**
 * A place in the guide.
 *
 * @param page the key of the page
 * @param heading the key of a heading on it, or empty for its beginning
 */
public record Place(String page, String heading) {
    /** The beginning of a page. */
    public static Place of(String page) {
        return new Place(page, "");
    }

    /** The key of a heading: its words in small letters, other signs left out, hyphens between them. */
    public static String key(String heading) {
        return heading.toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9 -]", "")
                .strip()
                .replaceAll(" +", "-");
    }
}
