package honeylamp.store;

import honeylamp.output.Progress;
import honeylamp.store.GraphicsRequest.Kind;
import honeylamp.store.PictureImport.RefusedException;
import honeylamp.underlay.TracedPicture;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;
import javax.imageio.ImageIO;

/** The pages of a PDF file, to choose one to trace from. */
public final class PdfPages {
    private static final double DRAWN = 0.6;

    private final GraphicsReader reader;
    private final String name;
    private final int count;

    private PdfPages(GraphicsReader reader, String name, int count) {
        this.reader = reader;
        this.name = name;
        this.count = count;
    }

    /**
     * One page as a picture.
     *
     * @param png the page on white
     * @param paperMmPerPixel so many mm of paper is one pixel; times the scale's denominator it is the
     *     underlay's scale
     * @param lines what it is drawn with; empty for a scan
     */
    public record Page(
            byte[] png, String sha256, TracedPicture picture, double paperMmPerPixel, Optional<LinesFile.Kept> lines) {}

    /**
     * How large a page is and what scale is written on it.
     *
     * @param statedScale the only scale written on the page, as a denominator; empty if there is none or several
     */
    public record Facts(double widthMm, double heightMm, OptionalInt statedScale) {}

    static PdfPages read(GraphicsReader reader, String name, Progress progress) throws IOException, Progress.Cancelled {
        var count = 0;
        try {
            count = ByteBuffer.wrap(reader.read(GraphicsRequest.of(Kind.PAGES), progress))
                    .getInt();
        } finally {
            if (count == 0) {
                reader.close();
            }
        }
        if (count == 0) {
            throw new RefusedException("The PDF file has no page", "Choose another file.");
        }
        return new PdfPages(reader, name, count);
    }

    /** The name of the file. */
    public String name() {
        return name;
    }

    /** How many pages there are. */
    public int count() {
        return count;
    }

    private byte[] quietly(GraphicsRequest request) throws IOException {
        try {
            return reader.read(request, Progress.NONE);
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }

    /** A small picture of a page, its longer side so many pixels. */
    public BufferedImage thumbnail(int page, int longSidePx) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(quietly(new GraphicsRequest(Kind.THUMBNAIL, page, longSidePx))));
    }

    /** The size of a page as it is read, and the scale written on it. */
    public Facts facts(int page) throws IOException {
        var facts = ByteBuffer.wrap(quietly(new GraphicsRequest(Kind.FACTS, page, 0)));
        var width = facts.getDouble();
        var height = facts.getDouble();
        var scale = facts.getInt();
        return new Facts(width, height, scale == 0 ? OptionalInt.empty() : OptionalInt.of(scale));
    }

    /**
     * Draws a page as a picture to trace, at 220 dpi or less if the page is very large.
     *
     * @throws Progress.Cancelled if the work is no longer wanted
     */
    public Page page(int page, Progress progress) throws IOException, Progress.Cancelled {
        progress.at(0);
        var answer = reader.read(new GraphicsRequest(Kind.PAGE, page, 0), progress);
        progress.at(DRAWN);
        var dpi = ByteBuffer.wrap(answer).getDouble();
        var png = Arrays.copyOfRange(answer, Double.BYTES, answer.length);
        var picture = PictureImport.pixels(png, share -> progress.at(DRAWN + (1 - DRAWN) * share));
        var lines = LinesFile.of(reader, new GraphicsRequest(Kind.PAGE_LINES, page, 0), progress);
        return new Page(png, PictureImport.sha256(png), picture, Length.MM_PER_INCH / dpi, lines);
    }

    /** The scale of an underlay from a page at a chosen scale, in mm per pixel; empty without one. */
    public static Optional<Double> mmPerPixel(Page page, OptionalInt scale) {
        return scale.isPresent() ? Optional.of(page.paperMmPerPixel * scale.getAsInt()) : Optional.empty();
    }

    /** No page will be asked for any more. */
    public void close() {
        reader.close();
    }
}
