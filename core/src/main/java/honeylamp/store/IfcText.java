package honeylamp.store;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * The lines of a file that is exchanged between programs for building: each a thing with a number, its kind, and what it
 * consists of.
 *
 * @see "ISO 10303-21:2016 for the writing, ISO 16739-1:2018 (IFC4) for the kinds"
 */
final class IfcText {
    /** The digits of ids, by their value. */
    private static final String DIGITS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz_$";

    private static final int ID_DIGITS = 22;
    private static final int DECIMALS = 4;

    private final StringBuilder lines = new StringBuilder();
    private final String seed;
    private int last;

    /** @param seed what ids of things start from: the same one gives the same ids */
    IfcText(String seed) {
        this.seed = seed;
    }

    /** A thing written before. */
    record Ref(int number) {}

    /** A word of the standard, as {@code AREA}. */
    record Word(String word) {}

    /** What is left out, and what follows from the rest. */
    enum Missing {
        UNSAID,
        DERIVED
    }

    /** Writes a thing; what it consists of are words, numbers, references, lists of them, or left out. */
    Ref add(String kind, Object... parts) {
        last++;
        lines.append('#')
                .append(last)
                .append('=')
                .append(kind)
                .append(List.of(parts).stream().map(IfcText::part).collect(Collectors.joining(",", "(", ");\n")));
        return new Ref(last);
    }

    private static String part(Object part) {
        return switch (part) {
            case Ref(var number) -> "#" + number;
            case Word(var word) -> "." + word + ".";
            case Missing missing -> missing == Missing.UNSAID ? "$" : "*";
            case String words -> "'" + escaped(words) + "'";
            case Integer whole -> whole.toString();
            case Double real -> real(real);
            case List<?> list -> list.stream().map(IfcText::part).collect(Collectors.joining(",", "(", ")"));
            default -> throw new IllegalArgumentException(part + " is written in no such file");
        };
    }

    /** A real number always has a point. */
    private static String real(double value) {
        var text = BigDecimal.valueOf(value)
                .setScale(DECIMALS, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
        return text.contains(".") ? text : text + ".";
    }

    /** Letters that are not plain are written by their numbers. */
    private static String escaped(String words) {
        var out = new StringBuilder();
        words.codePoints().forEach(c -> {
            if (c == '\'' || c == '\\') {
                out.appendCodePoint(c).appendCodePoint(c);
            } else if (c >= ' ' && c <= '~') {
                out.appendCodePoint(c);
            } else if (c > 0xffff) {
                out.append(hex("\\X4\\", "%08X", c));
            } else {
                out.append(hex("\\X2\\", "%04X", c));
            }
        });
        return out.toString();
    }

    private static String hex(String begin, String form, int letter) {
        return begin + String.format(Locale.ROOT, form, letter) + "\\X0\\";
    }

    /** The id of something, the same for the same thing always: 128 bits in 22 digits. */
    String id(String of) {
        var uuid = UUID.nameUUIDFromBytes((seed + "/" + of).getBytes(StandardCharsets.UTF_8));
        var bits = new BigInteger(uuid.toString().replace("-", ""), 16);
        var out = new StringBuilder();
        for (var i = 0; i < ID_DIGITS; i++) {
            var digit = bits.shiftRight(6 * (ID_DIGITS - 1 - i)).intValue() & 63;
            out.append(DIGITS.charAt(digit));
        }
        return out.toString();
    }

    /** The whole file. */
    String file(String name, String author) {
        return "ISO-10303-21;\nHEADER;\n"
                + "FILE_DESCRIPTION(('ViewDefinition [ReferenceView_V1.2]'),'2;1');\n"
                + "FILE_NAME(" + part(name) + ",'2000-01-01T00:00:00',(" + part(author)
                + "),(''),'','Honey Lamp','');\n"
                + "FILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n" + lines + "ENDSEC;\nEND-ISO-10303-21;\n";
    }
}
