package honeylamp.pack;

import honeylamp.output.Export.Format;
import honeylamp.output.Export.Lasting;
import honeylamp.output.Export.Notes;
import honeylamp.output.Export.Picture;
import honeylamp.output.Export.Size;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What a pack is made of.
 *
 * @param name what people know it by
 * @param about whom it is for, in a few words
 * @param parts the files it becomes
 * @param brand whose it is; empty for the plan's own
 */
@RecordBuilder
public record Recipe(String name, String about, List<Part> parts, Optional<Brand> brand) implements RecipeBuilder.With {
    /** More parts than this nobody asks for. */
    private static final int MOST_PARTS = 60;

    /** Refuses a recipe without a name or parts, and one of more than 60 parts. */
    public Recipe {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a recipe needs a name");
        }
        Checks.within("parts of a recipe", parts.size(), 1, MOST_PARTS);
        parts = List.copyOf(parts);
    }

    /** What a part shows. */
    public enum Of {
        /** All pages in one PDF. */
        ALL_PAGES("All pages in one PDF"),
        /** Each page in a file of its own. */
        EACH_PAGE("Each page"),
        /** The plan of each storey in a file of its own. */
        EACH_STOREY("Each storey"),
        /** The plans of all storeys on one picture, walls over walls. */
        ALL_STOREYS("All storeys on one picture"),
        /** Schedules of doors, windows and rooms. */
        SCHEDULES("Schedules as a workbook");

        private final String label;

        Of(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** What lies under a picture. */
    public enum Ground {
        PAPER("On its paper"),
        WHITE("On white"),
        CLEAR("Clear");

        private final String label;

        Ground(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /**
     * How a plan is drawn for a part; what is empty stays as it is in the plan.
     *
     * @param look the name of a look
     * @param labels the name of a set of labels
     * @param dimensions the name of a set of dimensions
     * @param bare without furniture
     * @param square with a checking square on every page
     */
    @RecordBuilder
    public record Drawn(
            Optional<String> look, Optional<String> labels, Optional<String> dimensions, boolean bare, boolean square)
            implements RecipeDrawnBuilder.With {
        /** As it is in the plan. */
        public static final Drawn AS_IT_IS =
                new Drawn(Optional.empty(), Optional.empty(), Optional.empty(), false, false);
    }

    /**
     * How large a picture is, in pixels or dots per inch; 300 dots per inch if nothing is said.
     *
     * @param longestPx its longest side
     * @param acrossPx its width, whatever the shape of the plan, with {@code upPx}
     * @param upPx its height
     * @param dpi dots per inch
     * @param mostKb the most it may weigh, in thousands of bytes
     */
    public record Measure(
            Optional<Integer> longestPx,
            Optional<Integer> acrossPx,
            Optional<Integer> upPx,
            Optional<Integer> dpi,
            Optional<Integer> mostKb) {
        private static final int LEAST_PX = Size.Longest.LEAST;
        private static final int MOST_PX = Size.Longest.MOST;
        private static final int LEAST_DPI = 20;
        private static final int MOST_DPI = 1200;

        /** As sharp as print. */
        public static final Measure PRINT =
                new Measure(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        /** Refuses a width without a height, and more than one way to say how large it is. */
        public Measure {
            longestPx.ifPresent(px -> Checks.within("longest side of a picture", px, LEAST_PX, MOST_PX));
            acrossPx.ifPresent(px -> Checks.within("width of a picture", px, LEAST_PX, MOST_PX));
            upPx.ifPresent(px -> Checks.within("height of a picture", px, LEAST_PX, MOST_PX));
            dpi.ifPresent(each -> Checks.within("dots per inch", each, LEAST_DPI, MOST_DPI));
            mostKb.ifPresent(kb -> Checks.within("kB of a picture", kb, Picture.LEAST_KB, Picture.MOST_KB));
            if (acrossPx.isPresent() != upPx.isPresent()) {
                throw new IllegalArgumentException("a picture needs a width and a height, or neither");
            }
            var ways = (longestPx.isPresent() ? 1 : 0) + (acrossPx.isPresent() ? 1 : 0) + (dpi.isPresent() ? 1 : 0);
            if (ways > 1) {
                throw new IllegalArgumentException(
                        "a picture is as large as its longest side, its sides or its dots per inch say: choose one");
            }
        }

        /** So many pixels along its longest side, and no more than so many kB. */
        public static Measure longest(int px, int mostKb) {
            return new Measure(
                    Optional.of(px), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(mostKb));
        }

        /** By its longest side, no longer by its sides or dots per inch; empty for as sharp as print. */
        public Measure byLongest(Optional<Integer> px) {
            return new Measure(px, Optional.empty(), Optional.empty(), Optional.empty(), mostKb);
        }

        /** By its sides: one alone makes a square. */
        public Measure bySides(Optional<Integer> across, Optional<Integer> up) {
            return new Measure(Optional.empty(), across.or(() -> up), up.or(() -> across), Optional.empty(), mostKb);
        }

        /** By dots per inch. */
        public Measure byDpi(Optional<Integer> other) {
            return new Measure(Optional.empty(), Optional.empty(), Optional.empty(), other, mostKb);
        }

        /** As large as it is, and no more than so many kB. */
        public Measure weighing(Optional<Integer> kb) {
            return new Measure(longestPx, acrossPx, upPx, dpi, kb);
        }

        /** So many pixels across and up. */
        public static Measure sides(int across, int up) {
            return new Measure(
                    Optional.empty(), Optional.of(across), Optional.of(up), Optional.empty(), Optional.empty());
        }
    }

    /**
     * Files of one kind.
     *
     * @param file their name without the ending; {plan}, {page} and {storey} stand for what they are called
     * @param planOnly without title block, lists and margins
     * @param lasting what a PDF is for
     * @param notes what a PDF or an SVG says of itself
     */
    @RecordBuilder
    public record Part(
            String file,
            Format format,
            Of of,
            Drawn drawn,
            Ground ground,
            Measure measure,
            boolean planOnly,
            Lasting lasting,
            Notes notes)
            implements RecipePartBuilder.With {
        /** To be looked at and printed, with its title. */
        public Part(String file, Format format, Of of, Drawn drawn, Ground ground, Measure measure, boolean planOnly) {
            this(file, format, of, drawn, ground, measure, planOnly, Lasting.PRINT, Notes.TITLE);
        }

        /** Refuses names that lead out of their folder, and pages together in anything but a PDF. */
        public Part {
            if (file.isBlank() || file.length() > 120 || file.matches(".*[/\\\\:*?\"<>|\\p{Cntrl}].*")) {
                throw new IllegalArgumentException("\"" + file + "\" is no name of a file");
            }
            if (of == Of.ALL_PAGES && format != Format.PDF) {
                throw new IllegalArgumentException("all pages go together only into a PDF, not into a " + format);
            }
        }
    }
}
