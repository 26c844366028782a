package honeylamp.output;

import honeylamp.sheet.ComposedPage;
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
        PDF,
        PNG,
        SVG;

        /** The format a file name asks for by its ending. */
        public static Optional<Format> of(Path file) {
            var name = file.getFileName().toString().toLowerCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(f -> name.endsWith("." + f.name().toLowerCase(Locale.ROOT)))
                    .findFirst();
        }
    }

    /** What lies under everything in a PNG. */
    public enum Backing {
        PAPER,
        /** Nothing: what is under the picture shows through. */
        CLEAR
    }

    /**
     * How a PNG is made; PDF and SVG have neither.
     *
     * @param dpi dots per inch
     * @param backing what lies under everything
     */
    public record Png(double dpi, Backing backing) {
        /** Sharp on a printed page, on its paper. */
        public static final Png USUAL = new Png(300, Backing.PAPER);
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
                case SVG -> SvgOutput.write(page, out, progress);
            }
        });
    }
}
