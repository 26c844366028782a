package honeylamp.pack;

import honeylamp.catalogue.ColourCode;
import honeylamp.catalogue.Palettes;
import honeylamp.drawing.ink.Decoded;
import honeylamp.drawing.ink.Luminance;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.TypeFamily;
import java.util.Optional;

/**
 * Whose pack it is: colours, letters, and a line at the foot of every page and picture.
 *
 * @param name of the house
 * @param paper colour code of the paper, as {@code #FBF7EF}; empty for the look's own
 * @param ink colour code of lines and words; empty for the look's own
 * @param accent colour code of the rule at the foot
 * @param titles the letters of titles; empty for the look's own
 * @param footer the words at the foot
 * @param logo a picture file in Base64; empty if there is none
 */
public record Brand(
        String name,
        Optional<String> paper,
        Optional<String> ink,
        Optional<String> accent,
        Optional<TypeFamily> titles,
        String footer,
        Optional<String> logo) {
    /** Words are read at this contrast (WCAG 2.2, 1.4.3). */
    private static final double LEAST_CONTRAST = 4.5;

    /** A rule and a mark are seen at this contrast (WCAG 2.2, 1.4.11). */
    private static final double LEAST_SEEN = 3;

    private static final int MOST_LETTERS = 160;

    /** Refuses codes that are no colours, inks that cannot be read on their paper, and footers longer than 160 letters. */
    public Brand {
        var on = paper.map(code -> colour("paper", code)).orElse(Palettes.DAYLIGHT.of(Role.PAPER));
        var letters = ink.map(code -> colour("ink", code)).orElse(Palettes.DAYLIGHT.of(Role.INK));
        var written = contrast(letters, on);
        if (written < LEAST_CONTRAST) {
            throw new IllegalArgumentException("the ink of " + name + " cannot be read on its paper: their contrast is "
                    + shown(written) + ", words need " + LEAST_CONTRAST);
        }
        accent.ifPresent(code -> {
            var seen = contrast(colour("accent", code), on);
            if (seen < LEAST_SEEN) {
                throw new IllegalArgumentException(
                        "the accent of " + name + " is hardly seen on its paper: their contrast is " + shown(seen)
                                + ", a rule needs " + LEAST_SEEN);
            }
        });
        if (footer.length() > MOST_LETTERS) {
            throw new IllegalArgumentException(
                    "the footer of " + name + " has " + footer.length() + " letters, at most " + MOST_LETTERS);
        }
    }

    private static double contrast(Oklch a, Oklch b) {
        return Luminance.contrast(Luminance.of(a.argb()), Luminance.of(b.argb()));
    }

    private static String shown(double contrast) {
        return String.valueOf(Math.floor(contrast * 10) / 10);
    }

    /** More pixels a side no mark needs. */
    public static final int MOST_MARK_PX = 4000;

    /** Whether bytes are a picture that can stand at the foot. */
    public static boolean isMark(byte[] bytes) {
        return Decoded.of(bytes, MOST_MARK_PX).isPresent();
    }

    /** A colour by its code. */
    public static Oklch colour(String role, String code) {
        return ColourCode.read(code)
                .orElseThrow(() -> new IllegalArgumentException("\"" + code + "\" is no colour for " + role
                        + "; write it as " + ColourCode.of(Palettes.DAYLIGHT.of(Role.PAPER))));
    }
}
