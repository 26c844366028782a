package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/** The paper of a page, the room kept free at its edges, and the words of its title block. */
@RecordBuilder
public record Sheet(Paper paper, Way way, Margins margins, TitleBlock title) implements SheetBuilder.With {
    private static final double MM_PER_INCH = 25.4; // exact, by definition

    /** Paper sizes of ISO 216 and of ANSI/ASME Y14.1, in mm, long side first. */
    public enum Paper {
        /** 297 × 210 mm. */
        A4("A4", 297, 210),
        /** 420 × 297 mm. */
        A3("A3", 420, 297),
        /** 11 × 8 1/2 in. */
        LETTER("Letter", 11 * MM_PER_INCH, 8.5 * MM_PER_INCH),
        /** 17 × 11 in. */
        TABLOID("Tabloid", 17 * MM_PER_INCH, 11 * MM_PER_INCH);

        private final String label;
        private final double longMm;
        private final double shortMm;

        Paper(String label, double longMm, double shortMm) {
            this.label = label;
            this.longMm = longMm;
            this.shortMm = shortMm;
        }

        /** The size as people call it. */
        public String label() {
            return label;
        }

        /** The long side, in paper mm. */
        public double longMm() {
            return longMm;
        }

        /** The short side, in paper mm. */
        public double shortMm() {
            return shortMm;
        }
    }

    /** Which way the paper lies. */
    public enum Way {
        /** Long side across. */
        LANDSCAPE,
        /** Long side up. */
        PORTRAIT
    }

    /**
     * The room kept free at the edges, in paper mm.
     *
     * @param bindingMm at the left edge, where pages are bound
     * @param othersMm at the other edges
     */
    public record Margins(double bindingMm, double othersMm) {
        /** Room for a binding on the left. */
        public static final Margins USUAL = new Margins(20, 10);

        /** Wider margins leave too little paper. */
        public static final int MOST_MM = 60;

        /** Refuses margins below 0 or wider than 60 mm. */
        public Margins {
            Checks.within("binding edge", bindingMm, 0, MOST_MM);
            Checks.within("margin", othersMm, 0, MOST_MM);
        }
    }

    /** The words of the title block; empty ones are left out. */
    @RecordBuilder
    public record TitleBlock(String project, String drawing, String client, String author, String date, String revision)
            implements SheetTitleBlockBuilder.With {
        /** A block with only the project's name. */
        public static TitleBlock of(String project) {
            return new TitleBlock(project, "", "", "", "", "");
        }
    }

    /** A sheet with the usual margins. */
    public Sheet(Paper paper, Way way, TitleBlock title) {
        this(paper, way, Margins.USUAL, title);
    }

    /** Width of the page, in paper mm. */
    public double widthMm() {
        return way == Way.LANDSCAPE ? paper.longMm() : paper.shortMm();
    }

    /** Height of the page, in paper mm. */
    public double heightMm() {
        return way == Way.LANDSCAPE ? paper.shortMm() : paper.longMm();
    }

    /** Paper narrower than this has no room for a column beside the views. */
    private static final double COLUMN_FROM_MM = 400;

    /** Whether lists have room in a column beside the views; on narrower paper they go in a band below them. */
    public boolean hasColumn() {
        return widthMm() >= COLUMN_FROM_MM;
    }

    /** The sheet on other paper. */
    public Sheet on(Paper otherPaper, Way otherWay) {
        return with(copy -> copy.paper(otherPaper).way(otherWay));
    }
}
