package honeylamp.catalogue;

import honeylamp.plan.Oklch;
import java.util.HexFormat;
import java.util.Optional;

/** Colours as people write them: six digits, {@code #7C9A82}. */
public final class ColourCode {
    private ColourCode() {}

    /** The colour of a code, with or without its sign, of six digits or three; empty if it is none. */
    public static Optional<Oklch> read(String text) {
        var digits = text.strip().replaceFirst("^#", "");
        if (digits.matches("[0-9a-fA-F]{3}")) {
            digits = digits.replaceAll("(.)", "$1$1");
        }
        return digits.matches("[0-9a-fA-F]{6}")
                ? Optional.of(Oklch.ofRgb(HexFormat.fromHexDigits(digits)))
                : Optional.empty();
    }

    /** The code of a colour. */
    public static String of(Oklch colour) {
        return "#" + HexFormat.of().withUpperCase().toHexDigits(colour.argb() & 0xffffff, 6);
    }
}
