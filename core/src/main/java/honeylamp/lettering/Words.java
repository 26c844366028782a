package honeylamp.lettering;

import honeylamp.lettering.Letterforms.Match;
import honeylamp.lettering.TouchingLetters.Part;
import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a row says.
 *
 * @param text words parted by spaces, a question mark for what could not be read
 * @param sure of the least sure letter
 */
record Words(String text, double sure) {
    static final String UNREAD = "?";

    /** Words stand apart by more than this share of a capital's height. */
    private static final double SPACE = 0.36;

    /** Beside a narrow letter, a 1 above all, there is more paper that is no space. */
    private static final double NARROW = 0.47;

    private static final double NARROW_SPACE = 0.12;
    private static final double POINT_GAP = 0.2;
    private static final double POINT_INK = 0.3;
    private static final double POINT_OVER = 1.4;
    private static final double SINGLE_FIGURE = 0.6;
    private static final double SINGLE_LETTER = 1.1;
    private static final double WIDEST_FIGURE = 0.9;
    private static final double WIDEST_LETTER = 1.45;

    /** Figures are taken only if they are surely no other figure: a wrong length is worse than none. */
    private static final double LEAST_FIGURE = 0.74;

    private static final double LEAST_FIGURE_MARGIN = 0.022;
    private static final double CLEAR_FIGURE = 0.9;
    private static final double LEAST_LETTER = 0.7;

    /** A word is figures if they fit about as well as letters. */
    private static final double FIGURES_FIRST = 0.03;

    private static final double SURE = 0.8;
    private static final double SURER = 0.05;
    private static final double SMALL_SHARE = 0.74;
    private static final double FAINTEST_MARK = 0.45;
    private static final double LOW = 0.3;
    private static final double HIGH = 0.55;

    /** A word read one way. */
    private record Told(String text, double mean, double least, boolean taken) {
        static Told of(String text, List<Part> word) {
            var scores = word.stream()
                    .flatMap(p -> p.match().stream())
                    .mapToDouble(Match::score)
                    .summaryStatistics();
            return scores.getCount() == 0
                    ? new Told(text, 0, 0, false)
                    : new Told(text, scores.getAverage(), scores.getMin(), false);
        }

        Told taken(boolean is) {
            return new Told(text, mean, least, is && mean > 0);
        }
    }

    boolean isNothing() {
        return text.replace(UNREAD, "").isBlank();
    }

    static Words of(Row row, InkPicture ink, Letterforms forms) {
        var capitals = read(row, ink, forms);
        if (capitals.isAllRead() && capitals.sure > SURE) {
            return capitals;
        }
        var small = read(row.ofSmallLetters(SMALL_SHARE), ink, forms);
        return small.sure > capitals.sure + SURER ? small : capitals;
    }

    private boolean isAllRead() {
        return !text.contains(UNREAD);
    }

    private static Words read(Row row, InkPicture ink, Letterforms forms) {
        var figures = parts(row, new TouchingLetters(row, ink, forms::figure, SINGLE_FIGURE, WIDEST_FIGURE));
        if (isClear(figures)) {
            return of(parted(row).stream()
                    .map(word -> figures(row, ink, within(figures, word)))
                    .toList());
        }
        var letters = parts(row, new TouchingLetters(row, ink, forms::letter, SINGLE_LETTER, WIDEST_LETTER));
        return of(parted(row).stream()
                .map(word -> better(figures(row, ink, within(figures, word)), letters(row, within(letters, word))))
                .toList());
    }

    private static Words of(List<Told> words) {
        return new Words(
                words.stream().map(t -> t.taken ? t.text : UNREAD).collect(Collectors.joining(" ")),
                Math.clamp(words.stream().mapToDouble(Told::least).min().orElse(0), 0, 1));
    }

    /** Then there is no need to look for letters. */
    private static boolean isClear(List<Part> figures) {
        return figures.stream()
                .allMatch(p -> p.match()
                        .map(m -> m.score() > CLEAR_FIGURE && m.margin() >= LEAST_FIGURE_MARGIN)
                        .orElse(true));
    }

    private static Told better(Told figures, Told letters) {
        return figures.mean >= letters.mean - FIGURES_FIRST ? figures : letters;
    }

    private static List<Part> within(List<Part> parts, List<Blot> word) {
        return parts.stream()
                .filter(p -> word.stream()
                        .anyMatch(b -> p.blot().middleX() >= b.x0() && p.blot().middleX() <= b.x1()))
                .toList();
    }

    /** What stands in a row, letters read as figures or as letters, and marks, from left to right. */
    private static List<Part> parts(Row row, TouchingLetters parting) {
        var out = new ArrayList<Part>();
        row.letters().forEach(b -> out.addAll(parting.of(b)));
        var darkest = row.letters().stream().mapToDouble(Blot::darkest).max().orElse(0);
        row.marks().stream()
                .filter(m -> m.darkest() > FAINTEST_MARK * darkest)
                .forEach(m -> out.add(new Part(m, Optional.empty())));
        out.sort(Comparator.comparingDouble(p -> p.blot().middleX()));
        return out;
    }

    /** The words of a row by the blots they are made of, however those are read. */
    private static List<List<Blot>> parted(Row row) {
        var all = new ArrayList<>(row.letters());
        all.addAll(row.marks());
        all.sort(Comparator.comparingDouble(Blot::middleX));
        var out = new ArrayList<List<Blot>>();
        var end = Double.NEGATIVE_INFINITY;
        var narrow = 0;
        for (var blot : all) {
            var isNarrow = narrow(row, blot);
            if (blot.x0() - end > (SPACE + NARROW_SPACE * (narrow + isNarrow)) * row.cap()) {
                out.add(new ArrayList<>());
            }
            out.getLast().add(blot);
            end = Math.max(end, blot.x1());
            narrow = isNarrow;
        }
        return out;
    }

    private static Told figures(Row row, InkPicture ink, List<Part> word) {
        var text = new StringBuilder();
        for (var i = 0; i < word.size(); i++) {
            var part = word.get(i);
            if (i > 0 && hasFaintPoint(row, ink, word.get(i - 1), part)) {
                text.append('.');
            }
            text.append(part.match().map(Match::letter).orElseGet(() -> mark(row, part.blot())));
        }
        var told = Told.of(text.toString().replace("''", "\""), word);
        var clear = word.stream()
                .allMatch(p ->
                        p.match().map(m -> m.margin() >= LEAST_FIGURE_MARGIN).orElse(true));
        return told.taken(clear && told.least >= LEAST_FIGURE);
    }

    /** A point too small or too faint for a blot: low in the gap between two figures, darker than what is above it. */
    private static boolean hasFaintPoint(Row row, InkPicture ink, Part one, Part next) {
        if (one.match().isEmpty() || next.match().isEmpty()) {
            return false;
        }
        var from = one.blot().x1();
        var to = next.blot().x0();
        if (to - from < POINT_GAP * row.cap()) {
            return false;
        }
        var quarter = row.cap() / 4;
        var low = darkest(ink, from + 1, to - 1, row.foot() - quarter, row.foot() + 1);
        var above = darkest(ink, from + 1, to - 1, row.foot() - row.cap(), row.foot() - 2 * quarter);
        return low > POINT_INK * Math.min(one.blot().darkest(), next.blot().darkest()) && low > POINT_OVER * above;
    }

    private static float darkest(InkPicture ink, int x0, int x1, double y0, double y1) {
        var out = 0f;
        for (var y = (int) y0; y < y1; y++) {
            for (var x = x0; x < x1; x++) {
                out = Math.max(out, ink.at(x + 0.5, y + 0.5));
            }
        }
        return out;
    }

    private static int narrow(Row row, Blot blot) {
        return blot.width() < NARROW * row.cap() ? 1 : 0;
    }

    private static Told letters(Row row, List<Part> word) {
        var text = new StringBuilder();
        for (var part : word) {
            if (isRaised(row, part.blot()) && text.toString().equals("m")) {
                text.append('²');
            } else if (part.match().isPresent()) {
                text.append(part.match().get().letter());
            } else if (mark(row, part.blot()) == '-') {
                text.append('-');
            }
        }
        var told = Told.of(text.toString(), word);
        return told.taken(told.mean >= LEAST_LETTER);
    }

    /** A small figure at the height of a capital's top. */
    private static boolean isRaised(Row row, Blot mark) {
        return mark.height() > 0.3 * row.cap() && (row.foot() - mark.y1()) > 0.25 * row.cap();
    }

    private static char mark(Row row, Blot mark) {
        var middle = (row.foot() - (mark.y0() + mark.y1()) / 2.0) / row.cap();
        return middle < LOW ? '.' : middle > HIGH ? '\'' : '-';
    }
}
