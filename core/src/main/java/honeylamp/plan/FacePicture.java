package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What a picture shows on the face of a material, at true size: square or nearly square cells of few tones, from the top
 * row down, each row from the left. It goes on beside itself without an end.
 *
 * @param name of what it shows
 * @param width of all columns in the building
 * @param height of all rows
 * @param tones from the lightest to the darkest
 * @param cells the number of the tone of every cell, as a hexadecimal digit
 */
@RecordBuilder
public record FacePicture(String name, Length width, Length height, int columns, List<Oklch> tones, String cells)
        implements FacePictureBuilder.With {
    /** A row, or a column, has at most so many cells. */
    public static final int MOST_CELLS = 128;

    private static final double LEAST_STRETCH = 0.01;
    private static final int MOST_TONES = 16;
    private static final int HEXADECIMAL = 16;

    /** Refuses sizes of nothing, and cells that make no rows or have tones that are not there. */
    public FacePicture {
        Checks.positive("width of a picture", width);
        Checks.positive("height of a picture", height);
        Checks.within("columns of a picture", columns, 1, MOST_CELLS);
        tones = List.copyOf(tones);
        Checks.within("tones of a picture", tones.size(), 1, MOST_TONES);
        if (cells.isEmpty() || cells.length() % columns != 0 || cells.length() / columns > MOST_CELLS) {
            throw new IllegalArgumentException(
                    "a picture of " + columns + " columns cannot have " + cells.length() + " cells");
        }
        for (var i = 0; i < cells.length(); i++) {
            var tone = Character.digit(cells.charAt(i), HEXADECIMAL);
            if (tone < 0 || tone >= tones.size()) {
                throw new IllegalArgumentException("cell " + i + " of a picture is '" + cells.charAt(i)
                        + "', needs one of " + tones.size() + " tones");
            }
        }
    }

    public int rows() {
        return cells.length() / columns;
    }

    /** The number of the tone of a cell. */
    public int tone(int row, int column) {
        return Character.digit(cells.charAt(row * columns + column), HEXADECIMAL);
    }

    /** What it looks like from afar: the tones weighed by how many cells have them. */
    public Oklch mean() {
        var many = new int[tones.size()];
        for (var i = 0; i < cells.length(); i++) {
            many[Character.digit(cells.charAt(i), HEXADECIMAL)]++;
        }
        var lightness = 0.0;
        var a = 0.0;
        var b = 0.0;
        for (var t = 0; t < many.length; t++) {
            var tone = tones.get(t);
            var share = (double) many[t] / cells.length();
            lightness += share * tone.lightness();
            a += share * tone.chroma() * Math.cos(Math.toRadians(tone.hueDeg()));
            b += share * tone.chroma() * Math.sin(Math.toRadians(tone.hueDeg()));
        }
        return new Oklch(
                Math.clamp(lightness, 0.0, 1.0),
                Math.min(Math.hypot(a, b), 0.4),
                (Math.toDegrees(Math.atan2(b, a)) + 360) % 360);
    }

    /**
     * How much higher it is said to be than its own proportions make it at its width, as a share; 0 within what its cells
     * can tell.
     */
    public double stretched() {
        var share = height.mm() / asTrueAsItsCells().height().mm() - 1;
        return Math.abs(share) <= Math.max(LEAST_STRETCH, 1.0 / Math.min(rows(), columns)) ? 0 : share;
    }

    /** The same at its width, as high as its own proportions make it. */
    public FacePicture asTrueAsItsCells() {
        return withHeight(width.times((double) rows() / columns));
    }

    /** The same as wide as it truly is, its height in proportion. */
    public FacePicture asWideAs(Length truly) {
        return withWidth(truly).withHeight(height.times(truly.mm() / width.mm()));
    }
}
