package honeylamp.plan;

import honeylamp.plan.Underlay.Picture;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/** The paper of a page, the room kept free at its edges, and the words of its title block. */
@RecordBuilder
public record Sheet(Paper paper, Way way, Margins margins, TitleBlock title) implements SheetBuilder.With {
    private static final double MM_PER_INCH = 25.4; // exact, by definition

    /** Sides of paper that differ by less are the same, in mm. */
    private static final double SAME_MM = 1e-6;

    /**
     * A size of paper: one of ISO 216, of ANSI/ASME Y14.1 with the architectural sizes of its trade, or any other.
     *
     * @param label the size as people call it
     * @param longMm the long side, in paper mm
     * @param shortMm the short side, in paper mm
     */
    public record Paper(String label, double longMm, double shortMm) {
        /** 297 × 210 mm. */
        public static final Paper A4 = new Paper("A4", 297, 210);

        /** 420 × 297 mm. */
        public static final Paper A3 = new Paper("A3", 420, 297);

        /** 594 × 420 mm. */
        public static final Paper A2 = new Paper("A2", 594, 420);

        /** 841 × 594 mm. */
        public static final Paper A1 = new Paper("A1", 841, 594);

        /** 1189 × 841 mm. */
        public static final Paper A0 = new Paper("A0", 1189, 841);

        /** 11 × 8 1/2 in. */
        public static final Paper LETTER = inches("Letter", 11, 8.5);

        /** 14 × 8 1/2 in. */
        public static final Paper LEGAL = inches("Legal", 14, 8.5);

        /** 17 × 11 in. */
        public static final Paper TABLOID = inches("Tabloid", 17, 11);

        private static final List<Paper> STANDARD = List.of(
                A4,
                A3,
                A2,
                A1,
                A0,
                LETTER,
                LEGAL,
                TABLOID,
                inches("Arch A", 12, 9),
                inches("Arch B", 18, 12),
                inches("Arch C", 24, 18),
                inches("Arch D", 36, 24),
                inches("Arch E", 48, 36));

        /** Smaller paper has no room for a page, in mm. */
        public static final int LEAST_MM = 130;

        /** Larger paper comes from no roll, in mm. */
        public static final int MOST_MM = 2000;

        /** Refuses sides shorter than 130 or longer than 2000 mm, and a short side longer than the long one. */
        public Paper {
            Checks.within("long side of paper", longMm, LEAST_MM, MOST_MM);
            Checks.within("short side of paper", shortMm, LEAST_MM, longMm);
        }

        private static Paper inches(String label, double longIn, double shortIn) {
            return new Paper(label, longIn * MM_PER_INCH, shortIn * MM_PER_INCH);
        }

        /** The sizes people have names for, smallest first within each family. */
        public static List<Paper> standard() {
            return STANDARD;
        }

        /** Paper with sides of two lengths in mm: the one that has a name, or one that is called like its size. */
        public static Paper ofSides(double oneMm, double otherMm) {
            var longMm = Math.max(oneMm, otherMm);
            var shortMm = Math.min(oneMm, otherMm);
            return STANDARD.stream()
                    .filter(p -> Math.abs(p.longMm - longMm) < SAME_MM && Math.abs(p.shortMm - shortMm) < SAME_MM)
                    .findFirst()
                    .orElseGet(() -> new Paper(sizes(longMm, shortMm), longMm, shortMm));
        }

        private static String sizes(double longMm, double shortMm) {
            return isWhole(longMm) && isWhole(shortMm) || !isWhole(4 * longMm / MM_PER_INCH)
                    ? plain(longMm) + " \u00d7 " + plain(shortMm) + " mm"
                    : plain(longMm / MM_PER_INCH) + " \u00d7 " + plain(shortMm / MM_PER_INCH) + " in";
        }

        private static boolean isWhole(double value) {
            return Math.abs(value - Math.rint(value)) < SAME_MM;
        }

        private static String plain(double value) {
            return BigDecimal.valueOf(value)
                    .setScale(2, RoundingMode.HALF_UP)
                    .stripTrailingZeros()
                    .toPlainString();
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

    /** How the words of a title block stand on a page. */
    public enum Block {
        /** At the foot of the column of lists, or in a strip below the plan. */
        WHOLE("Whole"),
        /** In a strip from margin to margin, whether there is a column or not. */
        STRIP("Strip"),
        /** In a frame in the lower right corner. */
        CORNER("Corner"),
        /** In one line at the foot of the page. */
        LINE("One line"),
        /** As listings have it: the mark of the house, where it is, how large, and the small print. */
        FOOTER("Footer"),
        /** In rows made by oneself. */
        OWN("Own rows"),
        /** Only scale and north. */
        NONE("None");

        private final String label;

        Block(String label) {
            this.label = label;
        }

        /** The word people see. */
        public String label() {
            return label;
        }
    }

    /** A field of one's own. */
    public record OwnField(String label, String words) {
        /** A longer label leaves no room for its words. */
        public static final int LONGEST_LABEL = 24;

        public static final int LONGEST_WORDS = 80;

        /** Refuses a field without a label, and words that have no room. */
        public OwnField {
            Checks.within("letters of a label", label.length(), 1, LONGEST_LABEL);
            Checks.within("letters of a field", words.length(), 0, LONGEST_WORDS);
        }
    }

    /**
     * A title block made by oneself: each line of its rows is a row; bars part it into cells; {@code #} at the head of a cell
     * makes it large, {@code ##} as large as a title; what stands in braces is filled in.
     */
    public record OwnBlock(String name, String rows) {
        /** More rows leave no room for a plan. */
        public static final int MOST_ROWS = 8;

        public static final int LONGEST_NAME = 40;
        public static final int MOST_LETTERS = 1200;

        /** Refuses a block without a name or rows, and more than eight rows. */
        public OwnBlock {
            Checks.within("letters of the name of a title block", name.strip().length(), 1, LONGEST_NAME);
            Checks.within("letters of a title block", rows.length(), 1, MOST_LETTERS);
            Checks.within("rows of a title block", rows.lines().count(), 1, MOST_ROWS);
        }
    }

    /**
     * The words of the title block; empty ones are left out.
     *
     * @param own further fields, no more than six
     * @param smallPrint what those who sign have to say, in small letters
     * @param logo the mark of the house; only what has a place for it shows it
     * @param made the block made by oneself, for {@link Block#OWN}
     */
    @RecordBuilder
    public record TitleBlock(
            String project,
            String drawing,
            String client,
            String author,
            String date,
            String revision,
            List<OwnField> own,
            Block block,
            String smallPrint,
            Optional<Picture> logo,
            Optional<OwnBlock> made)
            implements SheetTitleBlockBuilder.With {
        /** More have no room. */
        public static final int MOST_OWN = 6;

        /** Longer small print nobody reads. */
        public static final int MOST_SMALL = 400;

        /** Freezes the list; refuses more than six own fields, and small print longer than 400 letters. */
        public TitleBlock {
            own = List.copyOf(own);
            Checks.within("letters of small print", smallPrint.length(), 0, MOST_SMALL);
            Checks.within("own fields of a title block", own.size(), 0, MOST_OWN);
        }

        /** A whole block without own fields. */
        public TitleBlock(String project, String drawing, String client, String author, String date, String revision) {
            this(
                    project,
                    drawing,
                    client,
                    author,
                    date,
                    revision,
                    List.of(),
                    Block.WHOLE,
                    "",
                    Optional.empty(),
                    Optional.empty());
        }

        /** The own fields that say something. */
        public List<OwnField> said() {
            return own.stream().filter(f -> !f.words().isBlank()).toList();
        }

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

    /** Upright paper narrower than this has no room for a column beside the views. */
    private static final double COLUMN_FROM_MM = 400;

    /** The same of paper that lies across: below its views there is less room still. */
    private static final double COLUMN_ACROSS_FROM_MM = 270;

    /** A column has title and scale at its foot and lists above them: lower pages have no room for both. */
    private static final double COLUMN_HIGH_MM = 150;

    /** Somebody who asks for a column gets it where the plan has as much as the column, and half as much again. */
    private static final double COLUMN_ASKED_FROM_MM = 140;

    /** Less than this between the margins, in mm, is no page. */
    public static final int LEAST_INSIDE_MM = 80;

    /** Whether lists have room in a column beside the views; on narrower or lower paper they go in a band below them. */
    public boolean hasColumn() {
        return insideHighMm() >= COLUMN_HIGH_MM
                && widthMm() >= (widthMm() > heightMm() ? COLUMN_ACROSS_FROM_MM : COLUMN_FROM_MM);
    }

    /** Whether a column leaves as much beside it as a band below would cost, at the least. */
    boolean hasRoomForColumn() {
        return insideHighMm() >= COLUMN_HIGH_MM
                && widthMm() - margins.bindingMm() - margins.othersMm() >= COLUMN_ASKED_FROM_MM;
    }

    /** Whether enough is left between the margins for a page. */
    public boolean hasRoom() {
        return Math.min(widthMm() - margins.bindingMm() - margins.othersMm(), insideHighMm()) >= LEAST_INSIDE_MM;
    }

    private double insideHighMm() {
        return heightMm() - 2 * margins.othersMm();
    }

    /** The sheet on other paper. */
    public Sheet on(Paper otherPaper, Way otherWay) {
        return with(copy -> copy.paper(otherPaper).way(otherWay));
    }
}
