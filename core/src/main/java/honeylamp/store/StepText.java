package honeylamp.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Reads the lines of a file that is exchanged between programs for building: things with a number, a kind and what they
 * consist of. Bounded in nesting and in what a line may refer to; the reader of no library on this machine may be shipped
 * (see {@code docs/architecture.md}).
 *
 * @see "ISO 10303-21:2016, clear text encoding of the exchange structure"
 */
final class StepText {
    private static final int MOST_NESTED = 40;
    private static final int MOST_THINGS = 2_000_000;

    private final String text;
    private int at;
    private int line = 1;

    private StepText(String text) {
        this.text = text;
    }

    /** What a thing consists of. */
    sealed interface Value {
        record Text(String text) implements Value {}

        record Number(double value) implements Value {}

        /** A word of a list of words. */
        record Word(String word) implements Value {}

        /** Another thing by its number. */
        record Ref(int number) implements Value {}

        record Items(List<Value> all) implements Value {
            /** Freezes the list. */
            public Items {
                all = List.copyOf(all);
            }
        }

        /** Not said. */
        record Nothing() implements Value {}
    }

    /** A thing of the file; its kind in capitals. */
    record Thing(String kind, List<Value> values) {
        /** Freezes the list. */
        Thing {
            values = List.copyOf(values);
        }
    }

    /**
     * A file.
     *
     * @param schema what its things mean, such as IFC4
     */
    record Read(String schema, Map<Integer, Thing> things) {}

    /**
     * Reads a file.
     *
     * @throws IOException if it is no such file or damaged; the message says where, as the end of a sentence
     */
    static Read read(byte[] bytes) throws IOException {
        var text = new String(bytes, StandardCharsets.ISO_8859_1);
        if (!text.stripLeading().startsWith("ISO-10303-21")) {
            throw new IOException("it does not begin with ISO-10303-21");
        }
        return new StepText(text).file();
    }

    private Read file() throws IOException {
        var schema = "";
        var things = new HashMap<Integer, Thing>();
        while (true) {
            blank();
            if (at >= text.length()) {
                throw bad("it ends in the middle");
            }
            if (text.startsWith("END-ISO-10303-21", at)) {
                return new Read(schema, things);
            }
            if (text.charAt(at) == '#') {
                var number = ((Value.Ref) value(0)).number();
                expect('=');
                things.put(number, thing());
                if (things.size() > MOST_THINGS) {
                    throw bad("it has more than " + MOST_THINGS + " things");
                }
            } else {
                var word = word();
                blank();
                if (at < text.length() && text.charAt(at) == '(') {
                    var values = items(0);
                    if (word.equals("FILE_SCHEMA")) {
                        schema = first(values);
                    }
                }
            }
            expect(';');
        }
    }

    private static String first(List<Value> values) {
        return !values.isEmpty()
                        && values.getFirst() instanceof Value.Items(var all)
                        && !all.isEmpty()
                        && all.getFirst() instanceof Value.Text(var text)
                ? text.toUpperCase(Locale.ROOT)
                : "";
    }

    /** A thing of several kinds at once is read as the first of them. */
    private Thing thing() throws IOException {
        blank();
        if (peek() == '(') {
            at++;
            var first = thing();
            blank();
            while (peek() != ')') {
                thing();
                blank();
            }
            at++;
            return first;
        }
        var kind = word();
        return new Thing(kind, items(0));
    }

    private List<Value> items(int depth) throws IOException {
        if (depth > MOST_NESTED) {
            throw bad("lists lie in lists too deeply");
        }
        expect('(');
        var out = new ArrayList<Value>();
        blank();
        if (peek() == ')') {
            at++;
            return out;
        }
        while (true) {
            out.add(value(depth));
            blank();
            if (peek() == ')') {
                at++;
                return out;
            }
            expect(',');
        }
    }

    private Value value(int depth) throws IOException {
        blank();
        var c = peek();
        if (c == '\'') {
            return new Value.Text(string());
        }
        if (c == '#') {
            at++;
            return new Value.Ref((int) number());
        }
        if (c == '(') {
            return new Value.Items(items(depth + 1));
        }
        if (c == '.') {
            var to = text.indexOf('.', at + 1);
            if (to < 0) {
                throw bad("a word does not end");
            }
            var word = text.substring(at + 1, to);
            at = to + 1;
            return new Value.Word(word);
        }
        if (c == '$' || c == '*') {
            at++;
            return new Value.Nothing();
        }
        if (c == '"') {
            at = text.indexOf('"', at + 1) + 1;
            if (at == 0) {
                throw bad("a row of bits does not end");
            }
            return new Value.Nothing();
        }
        if (c == '-' || c == '+' || Character.isDigit(c)) {
            return new Value.Number(number());
        }
        word(); // a value with its kind, as IFCLABEL('x'): what it is follows from where it stands
        var held = items(depth + 1);
        return held.size() == 1 ? held.getFirst() : new Value.Items(held);
    }

    private double number() throws IOException {
        var from = at;
        while (at < text.length() && "+-.eE0123456789".indexOf(text.charAt(at)) >= 0) {
            at++;
        }
        try {
            var out = Double.parseDouble(text.substring(from, at));
            if (Double.isFinite(out)) {
                return out;
            }
        } catch (NumberFormatException _) {
            // said below
        }
        throw bad("\"" + text.substring(from, Math.min(text.length(), from + 12)) + "\" is no number");
    }

    private String word() throws IOException {
        var from = at;
        while (at < text.length()
                && (Character.isLetterOrDigit(text.charAt(at)) || "_-!".indexOf(text.charAt(at)) >= 0)) {
            at++;
        }
        if (at == from) {
            throw bad("\"" + peek() + "\" stands where a kind should");
        }
        return text.substring(from, at).toUpperCase(Locale.ROOT);
    }

    private String string() throws IOException {
        var out = new StringBuilder();
        at++;
        while (true) {
            var c = peek();
            if (c == '\'') {
                at++;
                if (at < text.length() && text.charAt(at) == '\'') {
                    out.append('\'');
                    at++;
                    continue;
                }
                return out.toString();
            }
            if (c == '\\') {
                escaped(out);
            } else {
                out.append(c);
                at++;
            }
        }
    }

    /** Other letters: {@code \X2\0142\X0\}, {@code \X\E9}, {@code \S\i}; anything else is taken as it stands. */
    private void escaped(StringBuilder out) throws IOException {
        try {
            if (text.startsWith("\\X2\\", at) || text.startsWith("\\X4\\", at)) {
                var to = text.indexOf("\\X0\\", at + 4);
                if (to < 0) {
                    throw bad("a letter does not end");
                }
                var bytes = HexFormat.of().parseHex(text.substring(at + 4, to));
                out.append(
                        text.charAt(at + 2) == '2'
                                ? new String(bytes, StandardCharsets.UTF_16BE)
                                : new String(bytes, "UTF-32BE"));
                at = to + 4;
            } else if (text.startsWith("\\X\\", at)) {
                out.append((char) HexFormat.fromHexDigits(text, at + 3, at + 5));
                at += 5;
            } else if (text.startsWith("\\S\\", at)) {
                out.append((char) (text.charAt(at + 3) + 128));
                at += 4;
            } else {
                out.append(text.charAt(at));
                at += text.startsWith("\\\\", at) ? 2 : 1;
            }
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new IOException("a letter in line " + line + " is written wrongly", e);
        }
    }

    private char peek() throws IOException {
        if (at >= text.length()) {
            throw bad("it ends in the middle");
        }
        return text.charAt(at);
    }

    private void expect(char c) throws IOException {
        blank();
        if (peek() != c) {
            throw bad("\"" + peek() + "\" stands where \"" + c + "\" should");
        }
        at++;
    }

    private void blank() throws IOException {
        while (at < text.length()) {
            var c = text.charAt(at);
            if (c == '\n') {
                line++;
            }
            if (Character.isWhitespace(c)) {
                at++;
            } else if (text.startsWith("/*", at)) {
                var to = text.indexOf("*/", at);
                if (to < 0) {
                    throw bad("a remark does not end");
                }
                at = to + 2;
            } else {
                return;
            }
        }
    }

    private IOException bad(String what) {
        return new IOException("line " + line + ": " + what);
    }
}
