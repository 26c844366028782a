package honeylamp.output;

import honeylamp.output.Export.Backing;
import honeylamp.output.Export.Format;
import honeylamp.output.Export.Png;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** Writes a page as a file of pixels, no larger than is asked for. */
final class PictureFile {
    /** Lines and words stay clean from here on. */
    private static final double QUALITY = 0.92;

    /** What is tried in turn before a picture gets fewer pixels: below the last, words are smeared. */
    private static final List<Double> QUALITIES = List.of(QUALITY, 0.85, 0.78, 0.7, 0.62);

    /** Smaller pictures show nothing, in pixels along the longest side. */
    private static final int LEAST_PX = 200;

    private static final int BYTES_PER_KB = 1000;

    private PictureFile() {}

    static void write(ComposedPage page, Format format, Png png, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        progress.at(0.1);
        if (format.hasQuality()) {
            packed(format, pixels(page, format, png), png.dpi(), QUALITY, out);
        } else {
            whole(page, format, png, out);
        }
        progress.at(1);
    }

    /**
     * Writes a picture of at most so many kB: first packed more tightly, where a format can be, then of fewer pixels.
     *
     * @throws IOException if it would have to be smaller than anything is seen of
     */
    static void within(int mostKb, ComposedPage page, Format format, Png png, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        var most = (long) mostKb * BYTES_PER_KB;
        var longestIn = Math.max(page.widthMm(), page.heightMm()) / Length.MM_PER_INCH;
        var dpi = png.dpi();
        for (var step = 0; longestIn * dpi >= LEAST_PX; step++) {
            progress.at(1 - 0.9 / (1 + step));
            var bytes = tightest(page, format, new Png(dpi, png.backing()), most);
            if (bytes.length <= most) {
                out.write(bytes);
                progress.at(1);
                return;
            }
            dpi *= Math.min(0.95, 0.97 * Math.sqrt((double) most / bytes.length));
        }
        throw new IOException("a picture of it in at most " + mostKb
                + " kB would be too small to show anything; allow more, or write a JPEG or WebP");
    }

    /** The first packing that is small enough, else the tightest. */
    private static byte[] tightest(ComposedPage page, Format format, Png png, long most) throws IOException {
        var out = new ByteArrayOutputStream();
        if (!format.hasQuality()) {
            whole(page, format, png, out);
            return out.toByteArray();
        }
        var image = pixels(page, format, png);
        for (var quality : QUALITIES) {
            out.reset();
            packed(format, image, png.dpi(), quality, out);
            if (out.size() <= most) {
                break;
            }
        }
        return out.toByteArray();
    }

    /** A JPEG has nothing clear in it. */
    private static BufferedImage pixels(ComposedPage page, Format format, Png png) {
        var asked = format == Format.JPEG && png.backing() == Backing.CLEAR ? new Png(png.dpi(), Backing.PAPER) : png;
        return PagePixels.of(page, asked);
    }

    private static void packed(Format format, BufferedImage image, double dpi, double quality, OutputStream out)
            throws IOException {
        if (format == Format.WEBP) {
            WebpOutput.write(PagePixels.unweighed(image), quality, out);
        } else {
            JpegOutput.write(image, dpi, quality, out);
        }
    }

    private static void whole(ComposedPage page, Format format, Png png, OutputStream out) throws IOException {
        var image = PagePixels.inBands(page, png);
        if (format == Format.TIFF) {
            TiffOutput.write(image, png.dpi(), out);
        } else {
            PngOutput.write(image, png.dpi(), out);
        }
    }
}
