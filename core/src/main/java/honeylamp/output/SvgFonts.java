package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.FontFile;
import honeylamp.drawing.ink.TypeLine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TTFSubsetter;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The fonts of a drawing, cut down to the characters it shows, as a style sheet for SVG. */
final class SvgFonts {
    /** The parts of a font that show its characters; what joins or kerns them is left behind. */
    private static final List<String> KEPT = List.of(
            "head", "hhea", "maxp", "OS/2", "hmtx", "cmap", "loca", "glyf", "name", "post", "cvt ", "fpgm", "prep");

    private SvgFonts() {}

    /** Rules that bring the fonts along; empty if the drawing has no words. */
    static String rules(Drawing drawing) throws IOException {
        Map<FontFile, SortedSet<Integer>> used = new EnumMap<>(FontFile.class);
        drawing.layers().forEach(l -> collect(l.marks(), used));
        var out = new StringBuilder();
        for (var entry : used.entrySet()) {
            out.append("@font-face{font-family:'")
                    .append(entry.getKey().family())
                    .append("';font-weight:")
                    .append(entry.getKey().weight())
                    .append(";src:url(data:font/ttf;base64,")
                    .append(Base64.getEncoder().encodeToString(subset(entry.getKey(), entry.getValue())))
                    .append(") format('truetype');}");
        }
        return out.toString();
    }

    private static void collect(List<Mark> marks, Map<FontFile, SortedSet<Integer>> used) {
        for (var mark : marks) {
            switch (mark) {
                case Mark.Text text -> collect(text, used);
                case Mark.Haloed haloed -> collect(haloed.text(), used);
                case Mark.Clip clip -> collect(clip.inside(), used);
                case Mark.Fill _, Mark.Stroke _, Mark.Shaded _, Mark.Image _, Mark.Picture _ -> {}
            }
        }
    }

    private static void collect(Mark.Text text, Map<FontFile, SortedSet<Integer>> used) {
        for (var piece : text.set().pieces()) {
            if (piece.setting() == TypeLine.Setting.PLAIN) { // what is shaped is drawn as outlines
                piece.text()
                        .codePoints()
                        .forEach(c -> used.computeIfAbsent(piece.file(), _ -> new TreeSet<>())
                                .add(c));
            }
        }
    }

    private static byte[] subset(FontFile file, SortedSet<Integer> characters) throws IOException {
        try (var in = file.open();
                var font = new TTFParser(true).parse(new RandomAccessReadBuffer(in))) {
            var subsetter = new TTFSubsetter(font, KEPT);
            subsetter.addAll(characters);
            var out = new ByteArrayOutputStream();
            subsetter.writeToStream(out);
            return out.toByteArray();
        }
    }
}
