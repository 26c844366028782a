package honeylamp.lettering;

import java.awt.Color;
import java.awt.Font;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How letters and figures look in faces of type, small and large, sharp and soft. */
public final class Letterforms {
    private static final String FIGURES = "0123456789";
    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";

    private static final char DOTLESS_I = 0x131;
    private static final char DOTLESS_J = 0x237;

    /** Heights of capitals, in px, and by how much they are softened. */
    private static final double[] CAPS = {9, 13, 20};

    private static final double[] SOFT = {0.35, 0.8};

    private static final double EDGE_SHARE = 0.44;

    /** What a shape that is too wide, too high or too low for a letter costs. */
    private static final double ASPECT_COST = 0.4;

    private static final double PLACE_COST = 0.35;

    /** What is less like at a glance by so much is not looked at closely. */
    private static final double GLANCE = 0.2;

    private final List<Form> figures;
    private final List<Form> letters;

    /**
     * A letter as one face shows it.
     *
     * @param high its height as a share of a capital's
     * @param foot how far its lowest point lies above the line it stands on, as the same share
     */
    private record Form(char letter, Glyph glyph, double high, double foot) {
        double cost(Glyph other, Stand stand) {
            return ASPECT_COST * Math.abs(glyph.aspect() - other.aspect())
                    + PLACE_COST * (Math.abs(high - stand.high) + Math.abs(foot - stand.foot));
        }
    }

    /** Where a blot stands in its row: its height and its foot as shares of a capital's height. */
    record Stand(double high, double foot) {}

    /**
     * What a blot is most like.
     *
     * @param score 1 for the same
     * @param margin by how much the next other letter is less like it
     */
    record Match(char letter, double score, double margin) {}

    private Letterforms(List<Form> figures, List<Form> letters) {
        this.figures = figures;
        this.letters = letters;
    }

    /** The letters and figures of some faces of type; this takes a moment. */
    public static Letterforms of(List<Font> faces) {
        var figures = new ArrayList<Form>();
        var letters = new ArrayList<Form>();
        for (var face : faces) {
            for (var cap : CAPS) {
                var sized = sized(face, cap);
                for (var soft : SOFT) {
                    FIGURES.chars()
                            .forEach(c -> form(sized, (char) c, cap, soft).ifPresent(figures::add));
                    LETTERS.chars()
                            .forEach(c -> form(sized, (char) c, cap, soft).ifPresent(letters::add));
                }
            }
        }
        return new Letterforms(List.copyOf(figures), List.copyOf(letters));
    }

    private static Font sized(Font face, double cap) {
        var at100 = face.deriveFont(100f);
        var high = at100.createGlyphVector(new FontRenderContext(null, true, true), "H")
                .getVisualBounds()
                .getHeight();
        return face.deriveFont((float) (100 * cap / high));
    }

    private static Optional<Form> form(Font face, char c, double cap, double soft) {
        var drawn = c == 'i' ? DOTLESS_I : c == 'j' ? DOTLESS_J : c; // a dot is a blot of its own
        if (!face.canDisplay(drawn)) {
            return Optional.empty();
        }
        var side = (int) Math.ceil(2.6 * cap) + 8;
        var line = (int) Math.ceil(1.6 * cap) + 4;
        var image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        g.setFont(face);
        g.setColor(Color.WHITE);
        g.drawString(String.valueOf(drawn), 6, line);
        g.dispose();
        var tones = softened(((DataBufferByte) image.getRaster().getDataBuffer()).getData(), side, soft);
        return box(tones, side)
                .map(b -> new Form(
                        c, Glyph.of((x, y) -> at(tones, side, x, y), b), b.height() / cap, (line - b.y1()) / cap));
    }

    private static float[] softened(byte[] raw, int side, double sigma) {
        var out = new float[raw.length];
        for (var i = 0; i < raw.length; i++) {
            out[i] = (raw[i] & 255) / 255f;
        }
        var near = (float) Math.exp(-1 / (2 * sigma * sigma));
        return across(across(out, side, 1, near), side, side, near);
    }

    private static float[] across(float[] from, int side, int step, float near) {
        var out = new float[from.length];
        for (var i = side; i < from.length - side; i++) {
            out[i] = (from[i] + near * (from[i - step] + from[i + step])) / (1 + 2 * near);
        }
        return out;
    }

    private static Optional<Blot> box(float[] tones, int side) {
        var darkest = 0f;
        for (var t : tones) {
            darkest = Math.max(darkest, t);
        }
        int x0 = side, y0 = side, x1 = 0, y1 = 0;
        for (var i = 0; i < tones.length; i++) {
            if (tones[i] > EDGE_SHARE * darkest) {
                x0 = Math.min(x0, i % side);
                x1 = Math.max(x1, i % side + 1);
                y0 = Math.min(y0, i / side);
                y1 = Math.max(y1, i / side + 1);
            }
        }
        return x1 > x0 ? Optional.of(new Blot(x0, y0, x1, y1, darkest)) : Optional.empty();
    }

    private static float at(float[] tones, int side, double x, double y) {
        var px = x - 0.5;
        var py = y - 0.5;
        var ix = (int) Math.floor(px);
        var iy = (int) Math.floor(py);
        if (ix < 0 || iy < 0 || ix >= side - 1 || iy >= side - 1) {
            return 0;
        }
        var u = (float) (px - ix);
        var v = (float) (py - iy);
        var i = iy * side + ix;
        var top = tones[i] + u * (tones[i + 1] - tones[i]);
        var low = tones[i + side] + u * (tones[i + side + 1] - tones[i + side]);
        return top + v * (low - top);
    }

    /** The figure a blot is most like. */
    Match figure(Glyph glyph, Stand stand) {
        return best(figures, glyph, stand);
    }

    /** The letter a blot is most like. */
    Match letter(Glyph glyph, Stand stand) {
        return best(letters, glyph, stand);
    }

    /** Looks closely only at what is about as like at a glance as the best. */
    private static Match best(List<Form> forms, Glyph glyph, Stand stand) {
        var glance = new double[forms.size()];
        var top = Double.NEGATIVE_INFINITY;
        for (var k = 0; k < glance.length; k++) {
            var form = forms.get(k);
            glance[k] = form.glyph.coarseLikeness(glyph) - form.cost(glyph, stand);
            top = Math.max(top, glance[k]);
        }
        var best = forms.getFirst();
        var most = Double.NEGATIVE_INFINITY;
        var next = Double.NEGATIVE_INFINITY;
        for (var k = 0; k < glance.length; k++) {
            var form = forms.get(k);
            if (glance[k] < top - GLANCE) {
                continue;
            }
            var score = form.glyph.likeness(glyph) - form.cost(glyph, stand);
            if (score > most) {
                if (form.letter != best.letter) {
                    next = Math.max(next, most);
                }
                most = score;
                best = form;
            } else if (score > next && form.letter != best.letter) {
                next = score;
            }
        }
        return new Match(best.letter, most, Math.min(most - next, GLANCE));
    }
}
