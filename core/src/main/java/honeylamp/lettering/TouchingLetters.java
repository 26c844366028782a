package honeylamp.lettering;

import honeylamp.lettering.Letterforms.Match;
import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * Parts a blot in which letters run together: cuts are tried in all light columns, and those are kept whose parts are
 * most like letters.
 */
final class TouchingLetters {
    /** A column between two letters has at most this share of the ink of a middling one. */
    private static final double LIGHT = 0.75;

    private static final double NARROWEST = 0.1;
    private static final double EDGE_SHARE = 0.5;

    /** What a point is worth between two letters; enough to be cut off, too little to be made of a letter. */
    private static final double POINT_WORTH = 0.7;

    private static final double POINT_SHARE = 0.4;

    /** A part with what it is; a mark has no match. */
    record Part(Blot blot, Optional<Match> match) {}

    /** The best parts of columns up to one of the cuts. */
    private record Best(double worth, List<Part> parts) {}

    private final Row row;
    private final InkPicture ink;
    private final BiFunction<Glyph, Letterforms.Stand, Match> like;
    private final double single;
    private final double widest;

    /**
     * Parts rows of letters.
     *
     * @param single what is no wider is one letter, as a share of a capital's height
     * @param widest how wide a letter may be, as the same share
     */
    TouchingLetters(
            Row row, InkPicture ink, BiFunction<Glyph, Letterforms.Stand, Match> like, double single, double widest) {
        this.row = row;
        this.ink = ink;
        this.like = like;
        this.single = single;
        this.widest = widest;
    }

    /** The parts of a blot from left to right; itself if it is no wider than a letter. */
    List<Part> of(Blot blot) {
        var whole = part(blot);
        if (blot.width() <= single * row.cap() || blot.width() <= widest * row.cap() && isGood(whole)) {
            return List.of(whole);
        }
        var cuts = cuts(blot);
        var best = new ArrayList<Best>();
        best.add(new Best(0, List.of()));
        for (var to = 1; to < cuts.size(); to++) {
            var most = new Best(-1, List.of());
            for (var from = 0; from < to; from++) {
                var wide = cuts.get(to) - cuts.get(from);
                if (wide > widest * row.cap() || wide < NARROWEST * row.cap() || best.get(from).worth < 0) {
                    continue;
                }
                var part = part(trimmed(blot.columns(cuts.get(from), cuts.get(to))));
                var worth = best.get(from).worth + wide * Math.max(0, worth(part));
                if (worth > most.worth) {
                    var parts = new ArrayList<>(best.get(from).parts);
                    parts.add(part);
                    most = new Best(worth, parts);
                }
            }
            best.add(most);
        }
        var parted = best.getLast();
        return parted.parts.size() < 2 || parted.worth / blot.width() <= worth(whole) ? List.of(whole) : parted.parts;
    }

    private static boolean isGood(Part part) {
        return part.match.map(m -> m.score() > 0.85).orElse(true);
    }

    private static double worth(Part part) {
        return part.match.map(Match::score).orElse(POINT_WORTH);
    }

    private Part part(Blot blot) {
        if (blot.height() < POINT_SHARE * row.cap()) {
            return new Part(blot, Optional.empty());
        }
        return new Part(blot, Optional.of(like.apply(Glyph.of(ink::at, blot), row.stand(blot))));
    }

    /** Where it may be cut: its ends, and columns lighter than those beside them. */
    private List<Integer> cuts(Blot blot) {
        var columns = columns(blot);
        var mean = 0.0;
        for (var c : columns) {
            mean += c / columns.length;
        }
        var out = new ArrayList<Integer>();
        out.add(blot.x0());
        for (var x = 1; x < columns.length - 1; x++) {
            if (columns[x] <= columns[x - 1] && columns[x] < columns[x + 1] && columns[x] < LIGHT * mean) {
                out.add(blot.x0() + x);
                out.add(blot.x0() + x + 1);
            }
        }
        out.add(blot.x1());
        return out;
    }

    private double[] columns(Blot blot) {
        var out = new double[blot.width()];
        for (var x = 0; x < out.length; x++) {
            for (var y = blot.y0(); y < blot.y1(); y++) {
                out[x] += ink.at(blot.x0() + x + 0.5, y + 0.5);
            }
        }
        return out;
    }

    /** Without rows and columns at its edges that hold nothing dark. */
    private Blot trimmed(Blot blot) {
        var darkest = 0f;
        for (var y = blot.y0(); y < blot.y1(); y++) {
            for (var x = blot.x0(); x < blot.x1(); x++) {
                darkest = Math.max(darkest, ink.ink()[y * ink.width() + x]);
            }
        }
        int x0 = blot.x1(), y0 = blot.y1(), x1 = blot.x0(), y1 = blot.y0();
        for (var y = blot.y0(); y < blot.y1(); y++) {
            for (var x = blot.x0(); x < blot.x1(); x++) {
                if (ink.ink()[y * ink.width() + x] > EDGE_SHARE * darkest) {
                    x0 = Math.min(x0, x);
                    x1 = Math.max(x1, x + 1);
                    y0 = Math.min(y0, y);
                    y1 = Math.max(y1, y + 1);
                }
            }
        }
        return new Blot(x0, y0, Math.max(x0 + 1, x1), Math.max(y0 + 1, y1), darkest);
    }
}
