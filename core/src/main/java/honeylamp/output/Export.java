package honeylamp.output;

import honeylamp.sheet.ComposedPage;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.io.IOException;
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
        TIFF("tif", "tiff"),
        SVG("svg");

        private final List<String> endings;

        Format(String... endings) {
            this.endings = List.of(endings);
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
        /** Nothing: what is under the picture shows through; a JPEG has always paper. */
        CLEAR
    }

    /**
     * How a page becomes pixels; PDF and SVG have none.
     *
     * @param dpi dots per inch
     * @param backing what lies under everything
     */
    public record Png(double dpi, Backing backing) {
        /** Sharp on a printed page, on its paper. */
        public static final Png USUAL = new Png(300, Backing.PAPER);
    }

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
                Checks.within("longest side", px, LEAST, MOST);
            }
        }
    }

    /** A picture as it is asked for, whatever page it is of. */
    public record Picture(Size size, Backing backing) {
        /** As sharp as print, on its paper. */
        public static final Picture USUAL = new Picture(new Size.Dpi(Png.USUAL.dpi()), Backing.PAPER);

        /** The picture of a page. */
        public Png of(ComposedPage page) {
            return new Png(
                    switch (size) {
                        case Size.Dpi(var dpi) -> dpi;
                        case Size.Longest(var px) ->
                            px * Length.MM_PER_INCH / Math.max(page.widthMm(), page.heightMm());
                    },
                    backing);
        }

        public Picture withSize(Size other) {
            return new Picture(other, backing);
        }

        public Picture withBacking(Backing other) {
            return new Picture(size, other);
        }
    }

    private Export() {}

    /**
     * Writes several pages as one PDF.
     *
     * @param pages one at least
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void writeAll(List<ComposedPage> pages, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        WholeFile.<Progress.Cancelled>write(file, out -> PdfOutput.write(pages, out, progress));
    }

    /**
     * Writes the page.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void write(ComposedPage page, Format format, Png png, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        WholeFile.<Progress.Cancelled>write(file, out -> {
            switch (format) {
                case PDF -> PdfOutput.write(List.of(page), out, progress);
                case PNG -> PngOutput.write(page, png, out, progress);
                case JPEG -> JpegOutput.write(page, png, out, progress);
                case TIFF -> TiffOutput.write(page, png, out, progress);
                case SVG -> SvgOutput.write(page, out, progress);
            }
        });
    }
}
