package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/**
 * The rows of a title block made by oneself: a line each, bars part it into cells. {@code #} before the words of a cell
 * makes them larger, {@code ##} as large as a title; {@code 2x} makes it twice as wide as others; words before a colon are
 * its label. {@code {logo}} and {@code {scale bar}} stand for the mark of the house, and for scale and north.
 */
final class OwnRows {
    /** A mark of the house, where it is all there is in a cell. */
    static final String LOGO = "{logo}";

    /** Scale, bar and north. */
    static final String BAR = "{scale bar}";

    private static final Pattern WIDER = Pattern.compile("([1-9])x\\s+(.*)");
    private static final Pattern LABELLED = Pattern.compile("([^:{}#]{1,24}):\\s*(.*)");

    private OwnRows() {}

    /** How large the words of a cell are. */
    enum Size {
        PLAIN(8),
        LABELLED(9),
        LARGE(9),
        TITLE(13),
        PICTURE(18),
        ORIENTATION(22);

        private final double highMm;

        Size(double highMm) {
            this.highMm = highMm;
        }
    }

    /**
     * A cell.
     *
     * @param share of the width of its row, among the shares of all its cells
     * @param label empty if it has none
     * @param words with what is filled in still in braces
     */
    record Cell(int share, Size size, String label, String words) {}

    /** Cells side by side. */
    record Row(List<Cell> cells) {
        /** As high as the highest of its cells, in paper mm. */
        double highMm() {
            return cells.stream().mapToDouble(c -> c.size.highMm).max().orElse(0);
        }

        /** The shares of all its cells together. */
        int shares() {
            return cells.stream().mapToInt(Cell::share).sum();
        }
    }

    /** Those of a page; none if nobody made any. */
    static List<Row> of(LaidPage page) {
        return page.page().sheet().title().made().map(m -> read(m.rows())).orElse(List.of());
    }

    /** Reads rows as they were typed. */
    static List<Row> read(String typed) {
        var out = new ArrayList<Row>();
        typed.lines()
                .filter(line -> !line.isBlank())
                .forEach(line -> out.add(new Row(
                        Arrays.stream(line.split("\\|", -1)).map(OwnRows::cell).toList())));
        return List.copyOf(out);
    }

    private static Cell cell(String typed) {
        var wider = WIDER.matcher(typed.strip());
        var share = wider.matches() ? Integer.parseInt(wider.group(1)) : 1;
        var words = wider.matches() ? wider.group(2).strip() : typed.strip();
        if (words.equals(LOGO)) {
            return new Cell(share, Size.PICTURE, "", words);
        }
        if (words.equals(BAR)) {
            return new Cell(share, Size.ORIENTATION, "", words);
        }
        if (words.startsWith("##")) {
            return new Cell(share, Size.TITLE, "", words.substring(2).strip());
        }
        if (words.startsWith("#")) {
            return new Cell(share, Size.LARGE, "", words.substring(1).strip());
        }
        var labelled = LABELLED.matcher(words);
        return labelled.matches()
                ? new Cell(share, Size.LABELLED, labelled.group(1).strip(), labelled.group(2))
                : new Cell(share, Size.PLAIN, "", words);
    }
}
