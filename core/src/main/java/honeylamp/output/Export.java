package honeylamp.output;

import honeylamp.sheet.Page;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
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

    /** Dots per inch of a PNG unless told otherwise: sharp on a printed page. */
    public static final double DEFAULT_DPI = 300;

    private Export() {}

    /**
     * Writes the page.
     *
     * @param dpi resolution of a PNG; PDF and SVG have none
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void write(Page page, Format format, double dpi, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        WholeFile.<Progress.Cancelled>write(file, out -> {
            switch (format) {
                case PDF -> PdfOutput.write(page, out, progress);
                case PNG -> PngOutput.write(page, dpi, out, progress);
                case SVG -> SvgOutput.write(page, out, progress);
            }
        });
    }
}
