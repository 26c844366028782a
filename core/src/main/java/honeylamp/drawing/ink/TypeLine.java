package honeylamp.drawing.ink;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.Point2D;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A line of text set in a face: pieces of one font and one direction each, in the order they are seen from left to
 * right. Any character can be set: one that the face has not is taken from a font that steps in, one that no shipped
 * font has is shown as a box. Scripts that run from right to left or join their letters are shaped by the JDK.
 *
 * @param widthEm the width, as a share of the size
 */
public record TypeLine(List<Piece> pieces, double widthEm) {
    /** Whether the letters of a piece can be shown one after the other. */
    public enum Setting {
        /** Each character is a glyph, from left to right. */
        PLAIN,
        /** Letters join or change places: only the outlines are sure. */
        SHAPED
    }

    /** A stretch of one font. */
    public static final class Piece {
        private final FontFile file;
        private final String text;
        private final Setting setting;
        private final double fromEm;
        private final double widthEm;
        private final GlyphVector glyphs;
        private @Nullable Shape outline; // gathered when first asked for

        private Piece(FontFile file, String text, Setting setting, double fromEm, double widthEm, GlyphVector glyphs) {
            this.file = file;
            this.text = text;
            this.setting = setting;
            this.fromEm = fromEm;
            this.widthEm = widthEm;
            this.glyphs = glyphs;
        }

        public FontFile file() {
            return file;
        }

        /** Its characters, all of which the font has if it is set plainly. */
        public String text() {
            return text;
        }

        /** How it is set. */
        public Setting setting() {
            return setting;
        }

        /** Where it begins, as a share of the size. */
        public double fromEm() {
            return fromEm;
        }

        /** Its width, room between its letters included, as a share of the size. */
        public double widthEm() {
            return widthEm;
        }

        /** Its outlines in thousandths of the size, the left end of the whole line's base line the origin; y down. */
        public synchronized Shape outline() {
            var known = outline;
            if (known == null) {
                known = fromEm == 0
                        ? glyphs.getOutline()
                        : glyphs.getOutline((float) (fromEm * FontFile.MEASURING_SIZE), 0);
                outline = known;
            }
            return known;
        }
    }

    private record Asked(Typeface face, String text, double trackingEm) {}

    private static final int KEPT = 4096;

    private static final Map<Asked, TypeLine> NEWEST =
            Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Asked, TypeLine> eldest) {
                    return size() > KEPT;
                }
            });

    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private static final String BOX = "\u25a1";

    public TypeLine {
        pieces = List.copyOf(pieces);
    }

    /**
     * Sets a line.
     *
     * @param trackingEm extra room between letters, as a share of the size
     */
    public static TypeLine of(Typeface face, String text, double trackingEm) {
        return NEWEST.computeIfAbsent(new Asked(face, text, trackingEm), TypeLine::set);
    }

    private static TypeLine set(Asked asked) {
        var face = asked.face;
        var text = asked.text;
        var trackingEm = asked.trackingEm;
        var out = new Setter(face, trackingEm);
        var chars = text.toCharArray();
        if (face.font().canDisplayUpTo(text) < 0 && !Font.textRequiresLayout(chars, 0, chars.length)) {
            out.add(face.file(), face.font(), text, Setting.PLAIN, false);
        } else {
            out.mixed(text);
        }
        return new TypeLine(out.pieces, out.atEm);
    }

    private static final class Setter {
        private final Typeface face;
        private final double trackingEm;
        private final List<Piece> pieces = new ArrayList<>();
        private double atEm;

        Setter(Typeface face, double trackingEm) {
            this.face = face;
            this.trackingEm = trackingEm;
        }

        /** Stretches of one direction, as they are seen from left to right. */
        void mixed(String text) {
            var bidi = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
            var runs = bidi.getRunCount();
            var levels = new byte[runs];
            var order = new Integer[runs];
            for (var i = 0; i < runs; i++) {
                levels[i] = (byte) bidi.getRunLevel(i);
                order[i] = i;
            }
            Bidi.reorderVisually(levels, 0, order, 0, runs);
            for (var run : order) {
                directed(text.substring(bidi.getRunStart(run), bidi.getRunLimit(run)), bidi.getRunLevel(run) % 2 == 1);
            }
        }

        /** Stretches of one font within one direction. */
        private void directed(String text, boolean rightToLeft) {
            var stretches = new ArrayList<Stretch>();
            text.codePoints().forEach(c -> {
                var shown = shown(c);
                var file = file(shown);
                if (!stretches.isEmpty() && (joins(c) || stretches.getLast().file == file)) {
                    stretches.getLast().text.appendCodePoint(shown);
                } else if (!Character.isISOControl(c) && !joins(c)) {
                    stretches.add(new Stretch(file, new StringBuilder().appendCodePoint(shown)));
                }
            });
            for (var stretch : rightToLeft ? stretches.reversed() : stretches) {
                var font = stretch.file == face.file()
                        ? face.font()
                        : FontFile.stepIn(stretch.file).orElse(face.font());
                var words = stretch.text.toString();
                var chars = words.toCharArray();
                var shaped = rightToLeft
                        || Font.textRequiresLayout(chars, 0, chars.length)
                        || font.canDisplayUpTo(words) >= 0;
                add(stretch.file, font, words, shaped ? Setting.SHAPED : Setting.PLAIN, rightToLeft);
            }
        }

        private record Stretch(FontFile file, StringBuilder text) {}

        /** Marks that belong to the letter before: accents, joiners, choices of a variant. */
        private static boolean joins(int c) {
            return switch (Character.getType(c)) {
                case Character.NON_SPACING_MARK, Character.ENCLOSING_MARK, Character.FORMAT -> true;
                default -> false;
            };
        }

        /** The character, or a box if no shipped font has it. */
        private int shown(int c) {
            return joins(c) || has(c) || FontFile.steppingIn(c).isPresent() ? c : BOX.codePointAt(0);
        }

        private boolean has(int c) {
            return face.font().canDisplay(c);
        }

        private FontFile file(int c) {
            return has(c) ? face.file() : FontFile.steppingIn(c).orElse(face.file());
        }

        void add(FontFile file, Font font, String text, Setting setting, boolean rightToLeft) {
            var glyphs = setting == Setting.PLAIN
                    ? font.createGlyphVector(EXACT, text)
                    : font.layoutGlyphVector(
                            EXACT,
                            text.toCharArray(),
                            0,
                            text.length(),
                            rightToLeft ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT);
            var tracking = setting == Setting.PLAIN ? trackingEm : 0; // letters that join must not be parted
            var letters = text.codePointCount(0, text.length());
            var advance = glyphs.getLogicalBounds().getWidth() / FontFile.MEASURING_SIZE;
            if (!pieces.isEmpty()) {
                atEm += trackingEm;
            }
            var width = advance + tracking * Math.max(0, letters - 1);
            pieces.add(new Piece(file, text, setting, atEm, width, parted(glyphs, tracking)));
            atEm += width;
        }

        /** Letters so far apart. */
        private static GlyphVector parted(GlyphVector glyphs, double tracking) {
            if (tracking != 0) {
                for (var i = 0; i < glyphs.getNumGlyphs(); i++) {
                    var p = glyphs.getGlyphPosition(i);
                    glyphs.setGlyphPosition(
                            i, new Point2D.Double(p.getX() + i * tracking * FontFile.MEASURING_SIZE, p.getY()));
                }
            }
            return glyphs;
        }
    }
}
