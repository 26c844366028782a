package honeylamp.lettering;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Underlay;
import honeylamp.underlay.InkPicture;
import honeylamp.underlay.TracedPicture;
import java.util.List;

/** Reads the rows of words and figures of a levelled picture. How it does is told in {@code docs/tracing.md}. */
public final class Lettering {
    private static final double MOST_PIXELS = 6_000_000;
    private static final double NOISES = 4;
    private static final double DARK_SHARE = 0.13;

    /** Letters are at most this share of the picture's longer side high, and a little more in small pictures. */
    private static final double LARGEST_SHARE = 0.022;

    private static final int LARGEST_MORE_PX = 6;
    private static final int LEAST_PX = 6;

    private Lettering() {}

    /**
     * What is written level on the shown part of a picture.
     *
     * @param turnDeg how far its lines are turned, counter-clockwise as seen
     */
    public static List<Written> read(TracedPicture picture, Underlay underlay, double turnDeg, Letterforms forms) {
        return read(InkPicture.levelled(picture, underlay.squared(), turnDeg, underlay.shownPx(), MOST_PIXELS), forms);
    }

    /** A row with what it says. */
    record Told(Row row, Words words) {}

    /** What is written along the rows of a levelled picture. */
    static List<Written> read(InkPicture ink, Letterforms forms) {
        return rows(ink, forms).stream().map(t -> written(t, ink)).toList();
    }

    static List<Told> rows(InkPicture ink, Letterforms forms) {
        var threshold = Math.max(NOISES * ink.noise(), DARK_SHARE * ink.darkest());
        var largest = (int) (LARGEST_SHARE * Math.max(ink.width(), ink.height())) + LARGEST_MORE_PX;
        return Row.of(Blots.of(ink, threshold, largest), LEAST_PX).stream()
                .map(row -> new Told(row, Words.of(row, ink, forms)))
                .filter(t -> !t.words.isNothing())
                .toList();
    }

    private static Written written(Told told, InkPicture ink) {
        var row = told.row;
        var first = new Point(row.letters().getFirst().x0(), row.foot());
        var last = new Point(row.letters().getLast().x1(), row.foot());
        var line = new Segment(ink.toPicture().apply(first), ink.toPicture().apply(last));
        var scale = line.length() / first.distance(last);
        return new Written(told.words.text(), line, row.cap() * scale, told.words.sure());
    }
}
