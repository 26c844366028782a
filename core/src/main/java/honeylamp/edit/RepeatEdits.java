package honeylamp.edit;

import honeylamp.plan.Pattern.Repeat;
import honeylamp.plan.Pattern.Repeat.Cell;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

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
        var within = repeat.cells().stream()
                .filter(c -> c.x() + c.width() <= across && c.y() + c.height() <= up)
                .toList();
        return Outcome.done(filled(across, up, Math.min(repeat.shift(), across), within));
    }

    /** Each row of repeats is shifted by so many modules against the one below; pieces that then meet others fall apart. */
    public static Outcome<Repeat> shifted(Repeat repeat, int by) {
        return by < 0 || by > repeat.across()
                ? Outcome.refused("rows are shifted by 0 to " + repeat.across() + " modules")
                : Outcome.done(filled(repeat.across(), repeat.up(), by, repeat.cells()));
    }

    /**
     * Makes one piece of a rectangle of modules between two of them, which may lie in the repeats around; pieces it lies
     * over fall apart. A rectangle that is one piece already falls apart itself.
     */
    public static Outcome<Repeat> joined(Repeat repeat, int x0, int y0, int x1, int y1) {
        var wide = Math.abs(x1 - x0) + 1;
        var high = Math.abs(y1 - y0) + 1;
        if (wide > repeat.across() || high > repeat.up()) {
            return Outcome.refused("the piece is larger than the repeat of " + repeat.across() + " \u00d7 "
                    + repeat.up() + " modules");
        }
        var piece = inRepeat(repeat, new Cell(Math.min(x0, x1), Math.min(y0, y1), wide, high));
        var modules = modules(piece, repeat.across(), repeat.up(), repeat.shift());
        if (modules.size() < wide * high) {
            return Outcome.refused("the piece would lie over itself where rows are shifted");
        }
        var cells = new ArrayList<Cell>();
        for (var cell : repeat.cells()) {
            if (Collections.disjoint(modules(cell, repeat.across(), repeat.up(), repeat.shift()), modules)) {
                cells.add(cell);
            }
        }
        if (repeat.cells().stream().noneMatch(c -> inRepeat(repeat, c).equals(piece))) {
            cells.add(piece);
        }
        return Outcome.done(filled(repeat.across(), repeat.up(), repeat.shift(), cells));
    }

    /** The same piece, its lower left module in the repeat itself. */
    private static Cell inRepeat(Repeat repeat, Cell cell) {
        var row = Math.floorDiv(cell.y(), repeat.up());
        return new Cell(
                Math.floorMod(cell.x() - row * repeat.shift(), repeat.across()),
                Math.floorMod(cell.y(), repeat.up()),
                cell.width(),
                cell.height());
    }

    /** The modules of a repeat that a piece takes, wherever it reaches over its edges. */
    private static Set<Integer> modules(Cell cell, int across, int up, int shift) {
        var out = new HashSet<Integer>();
        for (var y = cell.y(); y < cell.y() + cell.height(); y++) {
            for (var x = cell.x(); x < cell.x() + cell.width(); x++) {
                out.add(Math.floorMod(y, up) * across + Math.floorMod(x - Math.floorDiv(y, up) * shift, across));
            }
        }
        return out;
    }

    private static Repeat filled(int across, int up, int shift, List<Cell> pieces) {
        var cells = new ArrayList<Cell>();
        var taken = new HashSet<Integer>();
        var largestFirst = pieces.stream()
                .sorted(Comparator.comparingInt((Cell c) -> -c.width() * c.height()))
                .toList();
        for (var cell : largestFirst) {
            var modules = modules(cell, across, up, shift);
            if (modules.size() == cell.width() * cell.height() && Collections.disjoint(taken, modules)) {
                cells.add(cell);
                taken.addAll(modules);
            }
        }
        for (var y = 0; y < up; y++) {
            for (var x = 0; x < across; x++) {
                if (!taken.contains(y * across + x)) {
                    cells.add(new Cell(x, y, 1, 1));
                }
            }
        }
        return new Repeat(across, up, shift, cells);
    }
}
