package honeylamp.edit;

import honeylamp.plan.Pattern.Repeat;
import honeylamp.plan.Pattern.Repeat.Cell;
import java.util.ArrayList;
import java.util.List;

/** Draws repeats of pieces, module by module; what nobody joined to larger pieces is a piece of one module. */
public final class RepeatEdits {
    /** The most modules a repeat that is drawn has each way. */
    public static final int MOST = 12;

    private static final int FIRST = 4;

    private RepeatEdits() {}

    /** A repeat of four by four single modules. */
    public static Repeat first() {
        return filled(FIRST, FIRST, 0, List.of());
    }

    /** The repeat with other modules across and up; pieces that no longer lie in it fall apart. */
    public static Outcome<Repeat> sized(Repeat repeat, int across, int up) {
        if (across < 1 || up < 1 || across > MOST || up > MOST) {
            return Outcome.refused("a repeat has 1 to " + MOST + " modules each way");
        }
        return Outcome.done(filled(across, up, Math.min(repeat.shift(), across), repeat.cells()));
    }

    /** Each row of repeats is shifted by so many modules against the one below. */
    public static Outcome<Repeat> shifted(Repeat repeat, int by) {
        return by < 0 || by > repeat.across()
                ? Outcome.refused("rows are shifted by 0 to " + repeat.across() + " modules")
                : Outcome.done(filled(repeat.across(), repeat.up(), by, repeat.cells()));
    }

    /**
     * Makes one piece of a rectangle of modules between two of them; pieces it lies over fall apart. A rectangle that is
     * one piece already falls apart itself.
     */
    public static Outcome<Repeat> joined(Repeat repeat, int x0, int y0, int x1, int y1) {
        var piece = new Cell(Math.min(x0, x1), Math.min(y0, y1), Math.abs(x1 - x0) + 1, Math.abs(y1 - y0) + 1);
        if (!isWithin(piece, repeat.across(), repeat.up())) {
            return Outcome.refused(
                    "the piece lies outside the repeat of " + repeat.across() + " \u00d7 " + repeat.up() + " modules");
        }
        var cells = new ArrayList<>(repeat.cells());
        cells.removeIf(c -> meets(c, piece));
        if (!repeat.cells().contains(piece)) {
            cells.add(piece);
        }
        return Outcome.done(filled(repeat.across(), repeat.up(), repeat.shift(), cells));
    }

    private static Repeat filled(int across, int up, int shift, List<Cell> pieces) {
        var cells = new ArrayList<Cell>();
        var taken = new boolean[across][up];
        for (var cell : pieces) {
            if (isWithin(cell, across, up)) {
                cells.add(cell);
                for (var x = cell.x(); x < cell.x() + cell.width(); x++) {
                    for (var y = cell.y(); y < cell.y() + cell.height(); y++) {
                        taken[x][y] = true;
                    }
                }
            }
        }
        for (var y = 0; y < up; y++) {
            for (var x = 0; x < across; x++) {
                if (!taken[x][y]) {
                    cells.add(new Cell(x, y, 1, 1));
                }
            }
        }
        return new Repeat(across, up, shift, cells);
    }

    private static boolean isWithin(Cell cell, int across, int up) {
        return cell.x() >= 0 && cell.y() >= 0 && cell.x() + cell.width() <= across && cell.y() + cell.height() <= up;
    }

    private static boolean meets(Cell a, Cell b) {
        return a.x() < b.x() + b.width()
                && b.x() < a.x() + a.width()
                && a.y() < b.y() + b.height()
                && b.y() < a.y() + a.height();
    }
}
