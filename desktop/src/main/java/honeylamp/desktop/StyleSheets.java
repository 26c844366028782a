package honeylamp.desktop;

import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.units.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.regex.Pattern;

/** The style sheets of a window: one for all, its sizes grown with the words, and colours of their own for a dark room. */
final class StyleSheets {
    private static final String FOLDER = "/honeylamp/desktop/";

    /** What grows with the words; borders, corners and shades stay as fine as they are. */
    private static final Pattern SIZES = Pattern.compile(
            "(-fx-(?:font-size|size|padding|spacing|fixed-cell-size|(?:min|pref|max)-(?:width|height)):)([^;]*);");

    private static final Pattern NUMBER = Pattern.compile("(?<![-\\w.])\\d+(?:\\.\\d+)?");

    private StyleSheets() {}

    /** The style sheets of a style, the later over the earlier. */
    static List<String> of(WindowStyle style) {
        var out = new ArrayList<String>();
        out.add(encoded(grown(read("honeylamp.css"), style.textPercent() / 100.0)));
        if (style.room() == WindowStyle.Room.DARK) {
            out.add(encoded(read("dark-room.css")));
        }
        return out;
    }

    private static String grown(String css, double factor) {
        return factor == 1
                ? css
                : SIZES.matcher(css)
                        .replaceAll(m -> m.group(1)
                                + NUMBER.matcher(m.group(2))
                                        .replaceAll(n -> Words.of("%.2f", factor * Double.parseDouble(n.group())))
                                + ";");
    }

    private static String read(String name) {
        try (var in = StyleSheets.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new IllegalStateException("the style sheet " + name + " is missing from the program");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException("the style sheet " + name + " cannot be read", e);
        }
    }

    /** Sheets are given by address only, so the text becomes one. */
    private static String encoded(String css) {
        return "data:text/css;base64," + Base64.getEncoder().encodeToString(css.getBytes(StandardCharsets.UTF_8));
    }
}
