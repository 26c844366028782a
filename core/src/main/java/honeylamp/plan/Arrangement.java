package honeylamp.plan;

import honeylamp.geometry.Box;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page.Listing;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How the parts of a page stand on its paper: where they lie follows from what there is and how large the paper is, but for
 * what somebody put elsewhere.
 *
 * @param lists where what is listed goes
 * @param shares how views share the place they have
 * @param continues the page whose lists go on here where they had no room; empty for a page of its own
 * @param laid lists that were put elsewhere, the last on top
 * @param lines setting-out lines of the page: what is dragged keeps to them; never printed
 * @param stepMm what is dragged keeps to steps so wide, in paper mm; 0 for none
 */
@RecordBuilder
public record Arrangement(
        Lists lists, Shares shares, Optional<PageId> continues, List<LaidList> laid, List<Line> lines, double stepMm)
        implements ArrangementBuilder.With {
    /** As pages have it until somebody chooses. */
    public static final Arrangement USUAL =
            new Arrangement(Lists.BY_PAPER, Shares.ALIKE, Optional.empty(), List.of(), List.of(), 0);

    /** More setting-out lines hide the page. */
    public static final int MOST_LINES = 40;

    /** Wider steps leave too few places, in paper mm. */
    public static final int MOST_STEP_MM = 100;

    /** Where what is listed goes. */
    public enum Lists {
        /** Beside the views on wide paper, below them on narrow paper. */
        BY_PAPER("As the paper has room"),
        RIGHT("At the right"),
        LEFT("At the left"),
        BELOW("Below");

        private final String label;

        Lists(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** How views share the place they have. */
    public enum Shares {
        /** In shares as nearly square as there are. */
        ALIKE("Alike"),
        ROW("In a row"),
        COLUMN("One below the other"),
        /** The first as large as may be, the others beside or below it. */
        FIRST("The first large"),
        /** None is drawn: the page is for what is listed of them. */
        LISTS_ONLY("Lists only");

        private final String label;

        Shares(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** Which way a setting-out line of a page runs. */
    public enum Run {
        /** Level, so far from the upper edge of the paper. */
        ACROSS,
        /** Upright, so far from its left edge. */
        DOWN
    }

    /**
     * A setting-out line of a page.
     *
     * @param mm from the left or the upper edge of the paper, in paper mm
     */
    public record Line(Run run, double mm) {
        /** Refuses a place off any paper. */
        public Line {
            Checks.within("place of a setting-out line", mm, 0, Sheet.Paper.MOST_MM);
        }
    }

    /**
     * A list that was put where somebody wants it.
     *
     * @param leftMm from the left edge of the paper, in paper mm
     * @param downMm from the upper edge of the paper, in paper mm
     * @param widthMm in paper mm; it is as high as it needs, down to the margin
     */
    public record LaidList(Listing list, double leftMm, double downMm, double widthMm) {
        /** Narrower columns cut their words, in paper mm. */
        public static final int LEAST_MM = 30;

        /** Refuses columns that are too narrow, and places that are none. */
        public LaidList {
            Checks.within("width of a list", widthMm, LEAST_MM, Sheet.Paper.MOST_MM);
            Checks.within("left of a list", leftMm, 0, Sheet.Paper.MOST_MM);
            Checks.within("top of a list", downMm, 0, Sheet.Paper.MOST_MM);
        }

        /**
         * What it may cover on a sheet, in paper mm: down to the margin. On paper smaller than it was put on it is narrower,
         * and so far to the left and up that it is not beyond the edge.
         */
        public Box box(Sheet sheet) {
            var others = sheet.margins().othersMm();
            var left = Math.min(leftMm, Math.max(0, sheet.widthMm() - others - LEAST_MM));
            var top = Math.min(downMm, Math.max(0, sheet.heightMm() - others - LEAST_MM));
            var right = left + widthMm > sheet.widthMm() ? sheet.widthMm() - others : left + widthMm;
            return new Box(left, top, right, Math.max(top, sheet.heightMm() - others));
        }
    }

    /** Freezes the lists; refuses a list that lies in two places, and more lines than 40. */
    public Arrangement {
        laid = List.copyOf(laid);
        lines = List.copyOf(lines);
        if (laid.stream().map(LaidList::list).distinct().count() < laid.size()) {
            throw new IllegalArgumentException("a list lies in two places of a page");
        }
        Checks.within("setting-out lines of a page", lines.size(), 0, MOST_LINES);
        Checks.within("steps of a page", stepMm, 0, MOST_STEP_MM);
    }

    /** Where a list was put, if it was. */
    public Optional<LaidList> of(Listing list) {
        return laid.stream().filter(l -> l.list.equals(list)).findFirst();
    }

    /** With a list put somewhere, on top. */
    public Arrangement laying(LaidList list) {
        var out = new ArrayList<>(lifting(list.list).laid);
        out.add(list);
        return withLaid(out);
    }

    /** With a list back where it goes by itself. */
    public Arrangement lifting(Listing list) {
        return withLaid(laid.stream().filter(l -> l.list != list).toList());
    }

    /** The same on other paper: what lay where there is no paper any more comes in from its edge. */
    Arrangement on(Sheet other, double leastSeenMm) {
        return withLaid(laid.stream()
                .map(l -> new LaidList(
                        l.list,
                        Math.clamp(other.widthMm() - Math.min(l.widthMm, other.widthMm()), 0, l.leftMm),
                        Math.min(l.downMm, other.heightMm() - leastSeenMm),
                        Math.min(l.widthMm, other.widthMm())))
                .toList());
    }
}
