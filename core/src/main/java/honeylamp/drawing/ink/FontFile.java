package honeylamp.drawing.ink;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The shipped font files: our own families first, then those that step in for characters it has not. */
public enum FontFile {
    OPEN_SANS_REGULAR("OpenSans-Regular.ttf", "Open Sans", 400),
    OPEN_SANS_MEDIUM("OpenSans-Medium.ttf", "Open Sans", 500),
    OPEN_SANS_SEMIBOLD("OpenSans-SemiBold.ttf", "Open Sans", 600),
    ASAP_CONDENSED_REGULAR("AsapCondensed-Regular.ttf", "Asap Condensed", 400),
    ASAP_CONDENSED_MEDIUM("AsapCondensed-Medium.ttf", "Asap Condensed", 500),
    ASAP_CONDENSED_SEMIBOLD("AsapCondensed-SemiBold.ttf", "Asap Condensed", 600),
    PATRICK_HAND("PatrickHand-Regular.ttf", "Patrick Hand", 400),
    DEJAVU_SANS("DejaVuSans.ttf", "DejaVu Sans", 400),
    THAI("NotoSansThai-Regular.ttf", "Noto Sans Thai", 400),
    DEVANAGARI("NotoSansDevanagari-Regular.ttf", "Noto Sans Devanagari", 400),
    DROID_FALLBACK("DroidSansFallback.ttf", "Droid Sans Fallback", 400),
    EMOJI("NotoEmoji-Regular.ttf", "Noto Emoji", 400);

    /** Units to the em at which fonts are measured. */
    static final float MEASURING_SIZE = 1000;

    /** The fonts that step in, read when the first character asks for one; one that cannot be read is left out. */
    private static final class StepIns {
        static final Map<FontFile, Font> ALL = read();

        private static Map<FontFile, Font> read() {
            var out = new java.util.EnumMap<FontFile, Font>(FontFile.class);
            for (var file : stepIns()) {
                try {
                    out.put(file, file.load());
                } catch (UncheckedIOException _) {
                    continue; // nowhere to unpack it: its characters are boxes, the sheet is written all the same
                }
            }
            return out;
        }
    }

    private final String file;
    private final String family;
    private final int weight;

    FontFile(String file, String family, int weight) {
        this.file = file;
        this.family = family;
        this.weight = weight;
    }

    private static List<FontFile> stepIns() {
        return List.of(OPEN_SANS_REGULAR, DEJAVU_SANS, THAI, DEVANAGARI, DROID_FALLBACK, EMOJI);
    }

    /** The first font that steps in for a character, if any has it. */
    static Optional<FontFile> steppingIn(int codePoint) {
        return StepIns.ALL.entrySet().stream()
                .filter(e -> e.getValue().canDisplay(codePoint))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** A font that steps in, at {@link #MEASURING_SIZE}; empty if it could not be read. */
    static Optional<Font> stepIn(FontFile file) {
        return Optional.ofNullable(StepIns.ALL.get(file));
    }

    /**
     * The font at {@link #MEASURING_SIZE}.
     *
     * @throws UncheckedIOException if there is nowhere to unpack it to
     */
    Font load() {
        try (var in = open()) {
            return UnpackedFont.of(in.readAllBytes()).deriveFont(MEASURING_SIZE);
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped font " + file + " cannot be read: " + e.getMessage(), e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("the shipped font " + file + " is broken", e);
        }
    }

    /** The font file, for embedding. */
    public InputStream open() {
        var in = FontFile.class.getResourceAsStream("/honeylamp/fonts/" + file);
        if (in == null) {
            throw new IllegalStateException("the font " + file + " is missing from the program");
        }
        return in;
    }

    /** The family's name, for SVG. */
    public String family() {
        return family;
    }

    /** The weight as CSS counts it. */
    public int weight() {
        return weight;
    }
}
