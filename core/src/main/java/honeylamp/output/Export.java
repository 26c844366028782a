package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.geometry.Box;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Exports a page to a file, whole or not at all. */
public final class Export {
    /** The kinds of file a page can become, known by their ending. */
    public enum Format {
        PDF("pdf"),
        PNG("png"),
        JPEG("jpg", "jpeg"),
        WEBP("webp"),
        TIFF("tif", "tiff"),
        SVG("svg");

        private final List<String> endings;

        Format(String... endings) {
            this.endings = List.of(endings);
        }

        /** Whether it is made of pixels. */
        public boolean isPicture() {
            return this != PDF && this != SVG;
        }

        /** Whether it loses what nobody sees, the more the smaller it is. */
        boolean hasQuality() {
            return this == JPEG || this == WEBP;
        }

        /** Its usual ending. */
        public String ending() {
            return endings.getFirst();
        }

        /** The format a file name asks for by its ending. */
        public static Optional<Format> of(Path file) {
            var name = file.getFileName().toString().toLowerCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(f -> f.endings.stream().anyMatch(ending -> name.endsWith("." + ending)))
                    .findFirst();
        }

        /** The endings of all formats, as a sentence lists them. */
        public static String endingsInWords() {
            var all =
                    Arrays.stream(values()).map(f -> "." + f.endings.getFirst()).toList();
            return String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.getLast();
        }
    }

    /** What lies under everything in a picture. */
    public enum Backing {
        PAPER,
        /** White, whatever the paper of the look. */
        WHITE,
        /** Nothing: what is under the picture shows through; a JPEG has always paper. */
        CLEAR
    }

    /**
     * How a page becomes pixels; PDF and SVG have none.
     *
     * @param dpi dots per inch
     * @param backing what lies under everything
     */
    record Png(double dpi, Backing backing) {}

    /** Sharp on a printed page, in dots per inch. */
    public static final double USUAL_DPI = 300;

    /** How large a picture is. */
    public sealed interface Size {
        /** By the size of its paper. */
        record Dpi(double dpi) implements Size {}

        /** By its longest side, in pixels. */
        record Longest(int px) implements Size {
            public static final int LEAST = 50;
            public static final int MOST = 20_000;

            /** Refuses less than 50 or more than 20,000 pixels. */
            public Longest {
                sidePx("longest side", px);
            }
        }

        /** By both sides, in pixels; what a page leaves free of them is ground. */
        record Sides(int across, int up) implements Size {
            /** Refuses less than 50 or more than 20,000 pixels. */
            public Sides {
                sidePx("width", across);
                sidePx("height", up);
            }
        }
    }

    /** What every picture has to lie between, in pixels a side. */
    private static int sidePx(String role, int px) {
        return (int) Checks.within(role, px, Size.Longest.LEAST, Size.Longest.MOST);
    }

    /** How much of a page is seen. */
    public enum Cut {
        PAGE,
        /** The plan with its dimensions and labels, without lists, title block and margins. */
        PLAN
    }

    /** What a PDF is for. */
    public enum Lasting {
        /** To be looked at and printed. */
        PRINT,
        /** To be kept and read in many years: PDF/A-2, level A. */
        ARCHIVE;

        public Lasting other() {
            return this == PRINT ? ARCHIVE : PRINT;
        }
    }

    /** What a PDF or an SVG says of itself, besides what is drawn on it. */
    public enum Notes {
        NOTHING("Nothing"),
        TITLE("Title"),
        TITLE_AND_AUTHOR("Title and who drew it");

        private final String label;

        Notes(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** A page that says no more of itself. */
        private ComposedPage of(ComposedPage page) {
            return switch (this) {
                case NOTHING -> page.calling("", "");
                case TITLE -> page.calling(page.title(), "");
                case TITLE_AND_AUTHOR -> page;
            };
        }
    }

    /**
     * A picture as it is asked for, whatever page it is of.
     *
     * @param mostKb the most the file may have, in thousands of bytes
     * @param lasting what it is for, if it is a PDF
     * @param notes what it says of itself, if it is a PDF or an SVG
     */
    public record Picture(Size size, Backing backing, Cut cut, Optional<Integer> mostKb, Lasting lasting, Notes notes) {
        /** As sharp as print, on its paper. */
        public static final Picture USUAL = new Picture(
                new Size.Dpi(USUAL_DPI), Backing.PAPER, Cut.PAGE, Optional.empty(), Lasting.PRINT, Notes.TITLE);

        public static final int LEAST_KB = 10;
        public static final int MOST_KB = 100_000;

        /** Refuses files of less than 10 or more than 100,000 kB. */
        public Picture {
            mostKb.ifPresent(kb -> Checks.within("kB of a picture", kb, LEAST_KB, MOST_KB));
        }

        /** The picture of a page. */
        Png of(ComposedPage page) {
            return new Png(
                    switch (size) {
                        case Size.Dpi(var dpi) -> dpi;
                        case Size.Longest(var px) ->
                            px * Length.MM_PER_INCH / Math.max(page.widthMm(), page.heightMm());
                        case Size.Sides(var across, var _) -> across * Length.MM_PER_INCH / page.widthMm();
                    },
                    backing);
        }

        /** On its paper, in so many dots per inch. */
        public static Picture dpi(double dpi) {
            return USUAL.withSize(new Size.Dpi(dpi));
        }

        public Picture withSize(Size other) {
            return new Picture(other, backing, cut, mostKb, lasting, notes);
        }

        public Picture withBacking(Backing other) {
            return new Picture(size, other, cut, mostKb, lasting, notes);
        }

        public Picture withCut(Cut other) {
            return new Picture(size, backing, other, mostKb, lasting, notes);
        }

        public Picture withMostKb(Optional<Integer> other) {
            return new Picture(size, backing, cut, other, lasting, notes);
        }

        public Picture withNotes(Notes other) {
            return new Picture(size, backing, cut, mostKb, lasting, other);
        }

        public Picture withLasting(Lasting other) {
            return new Picture(size, backing, cut, mostKb, other, notes);
        }
    }

    private Export() {}

    /**
     * Writes all that is drawn on a page, as text: the same drawing gives the same bytes, another others.
     *
     * @throws IOException if it cannot be written
     */
    public static void drawn(ComposedPage page, OutputStream out) throws IOException {
        try {
            SvgOutput.write(page, out, Progress.NONE);
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }

    /**
     * Writes a page as a drawing within an HTML document, furnished and bare.
     *
     * @param prefix begins every id in it
     */
    public static void inline(ComposedPage furnished, ComposedPage bare, String prefix, OutputStream out)
            throws IOException {
        SvgOutput.inline(furnished, bare, prefix, out);
    }

    /** The fonts of several pages as rules of a style sheet. */
    public static String fonts(List<ComposedPage> pages) throws IOException {
        var all = new Drawing(
                pages.stream().flatMap(p -> p.drawing().layers().stream()).toList());
        return SvgFonts.rules(all);
    }

    /** Only the plan of a page, with its dimensions and labels. */
    public static ComposedPage planOnly(ComposedPage page) {
        return PlanCut.of(page);
    }

    /** The page in the middle of as much ground as makes it the shape of the picture. */
    private static ComposedPage shaped(ComposedPage page, Format format, Size size) {
        if (!format.isPicture() || !(size instanceof Size.Sides(var across, var up))) {
            return page;
        }
        var shape = (double) across / up;
        var widthMm = Math.max(page.widthMm(), page.heightMm() * shape);
        var heightMm = widthMm / shape;
        var left = (page.widthMm() - widthMm) / 2;
        var top = (page.heightMm() - heightMm) / 2;
        return page.cut(new Box(left, top, left + widthMm, top + heightMm));
    }

    /**
     * Writes several pages as one PDF.
     *
     * @param pages one at least
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void writeAll(List<ComposedPage> pages, Picture picture, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        WholeFile.<Progress.Cancelled>write(
                file,
                out -> PdfOutput.write(pages.stream().map(picture.notes::of).toList(), picture.lasting, out, progress));
    }

    /**
     * Writes the page.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws IllegalArgumentException if the picture would have too many pixels, or none, or light lines on white
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void write(ComposedPage whole, Format format, Picture picture, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        var page = picture.notes.of(shaped(picture.cut == Cut.PLAN ? PlanCut.of(whole) : whole, format, picture.size));
        WholeFile.<Progress.Cancelled>write(file, out -> {
            switch (format) {
                case PDF -> PdfOutput.write(List.of(page), picture.lasting, out, progress);
                case SVG -> SvgOutput.write(page, out, progress);
                case PNG, JPEG, WEBP, TIFF -> {
                    var png = picture.of(page);
                    if (picture.mostKb.isPresent()) {
                        PictureFile.within(picture.mostKb.get(), page, format, png, out, progress);
                    } else {
                        PictureFile.write(page, format, png, out, progress);
                    }
                }
            }
        });
    }
}
