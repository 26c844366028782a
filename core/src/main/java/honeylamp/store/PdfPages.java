package honeylamp.store;

import honeylamp.output.Progress;
import honeylamp.store.PictureImport.RefusedException;
import honeylamp.underlay.TracedPicture;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;

/** The pages of a PDF file, to choose one to trace from. */
public final class PdfPages {
    private static final double MM_PER_INCH = 25.4; // exact, by definition
    private static final double POINTS_PER_INCH = 72;
    private static final double BEST_DPI = 220;
    private static final double MOST_PAGE_PIXELS = 40_000_000;
    private static final int MOST_PAGES = 10_000;
    private static final double LEAST_SIDE_PT = 3;
    private static final double MOST_SIDE_PT = 20_000;
    private static final Pattern STATED_SCALE = Pattern.compile("\\b1\\s*:\\s*(\\d{1,4})\\b");

    private final byte[] bytes;
    private final String name;
    private final int count;

    private PdfPages(byte[] bytes, String name, int count) {
        this.bytes = bytes;
        this.name = name;
        this.count = count;
    }

    /**
     * One page as a picture.
     *
     * @param png the page on white
     * @param paperMmPerPixel so many mm of paper is one pixel; times the scale's denominator it is the
     *     underlay's scale
     */
    public record Page(byte[] png, String sha256, TracedPicture picture, double paperMmPerPixel) {}

    /**
     * How large a page is and what scale is written on it.
     *
     * @param statedScale the only scale written on the page, as a denominator; empty if there is none or several
     */
    public record Facts(double widthMm, double heightMm, OptionalInt statedScale) {}

    static PdfPages read(byte[] bytes, String name) throws IOException {
        try (var document = Loader.loadPDF(bytes)) {
            var count = 0;
            for (var pages = document.getPages().iterator(); count < MOST_PAGES && pages.hasNext(); pages.next()) {
                count++; // the tree itself, whatever the file says of it
            }
            if (count == 0) {
                throw new RefusedException("The PDF file has no page", "Choose another file.");
            }
            return new PdfPages(bytes, name, count);
        } catch (RuntimeException | StackOverflowError e) {
            throw new IOException("its pages do not hang together", e);
        } catch (InvalidPasswordException _) {
            throw new RefusedException(
                    "The PDF file is locked with a password",
                    "Open it with its password, save it without, and bring that in.");
        }
    }

    /** The name of the file. */
    public String name() {
        return name;
    }

    /** How many pages there are. */
    public int count() {
        return count;
    }

    /** What is done with a page of the file. */
    private interface OnPage<T> {
        T of(PDDocument document, PDRectangle box) throws IOException, Progress.Cancelled;
    }

    /** Opens the file and looks at a page; one without a size, or larger than paper can be, is refused. */
    private <T> T on(int page, OnPage<T> work) throws IOException, Progress.Cancelled {
        try (var document = Loader.loadPDF(bytes)) {
            var box = document.getPage(page).getCropBox();
            if (!(box.getWidth() >= LEAST_SIDE_PT
                    && box.getHeight() >= LEAST_SIDE_PT
                    && box.getWidth() <= MOST_SIDE_PT
                    && box.getHeight() <= MOST_SIDE_PT)) {
                throw new RefusedException(
                        "Page " + (page + 1) + " is " + box.getWidth() + " by " + box.getHeight()
                                + " points large, which is no paper",
                        "Choose another page, or save it anew.");
            }
            return work.of(document, box);
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            throw new IOException("page " + (page + 1) + " cannot be read", e);
        }
    }

    private <T> T quietlyOn(int page, OnPage<T> work) throws IOException {
        try {
            return on(page, work);
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }

    /** A small picture of a page, its longer side so many pixels. */
    public BufferedImage thumbnail(int page, int longSidePx) throws IOException {
        return quietlyOn(page, (document, box) -> {
            var scale = longSidePx / Math.max(box.getWidth(), box.getHeight());
            return new PDFRenderer(document).renderImage(page, scale, ImageType.RGB);
        });
    }

    /** The size of a page as it is read, and the scale written on it. */
    public Facts facts(int page) throws IOException {
        return quietlyOn(page, (document, box) -> {
            var lying = document.getPage(page).getRotation() % 180 != 0;
            var width = box.getWidth() / POINTS_PER_INCH * MM_PER_INCH;
            var height = box.getHeight() / POINTS_PER_INCH * MM_PER_INCH;
            return new Facts(lying ? height : width, lying ? width : height, statedScale(document, page));
        });
    }

    private static OptionalInt statedScale(PDDocument document, int page) throws IOException {
        var stripper = new PDFTextStripper();
        stripper.setStartPage(page + 1);
        stripper.setEndPage(page + 1);
        var found = STATED_SCALE
                .matcher(stripper.getText(document))
                .results()
                .mapToInt(m -> Integer.parseInt(m.group(1)))
                .filter(n -> n >= 5)
                .distinct()
                .toArray();
        return found.length == 1 ? OptionalInt.of(found[0]) : OptionalInt.empty();
    }

    /**
     * Draws a page as a picture to trace, at {@value #BEST_DPI} dpi or less if the page is very large.
     *
     * @throws Progress.Cancelled if the work is no longer wanted
     */
    public Page page(int page, Progress progress) throws IOException, Progress.Cancelled {
        progress.at(0);
        return on(page, (document, box) -> {
            var inches = box.getWidth() / POINTS_PER_INCH * (box.getHeight() / POINTS_PER_INCH);
            var dpi = Math.min(BEST_DPI, Math.sqrt(MOST_PAGE_PIXELS / inches));
            var image = new PDFRenderer(document).renderImageWithDPI(page, (float) dpi, ImageType.RGB);
            progress.at(0.5);
            var out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            progress.at(0.9);
            var png = out.toByteArray();
            return new Page(png, PictureImport.sha256(png), TracedPicture.of(image), MM_PER_INCH / dpi);
        });
    }

    /** The scale of an underlay from a page at a chosen scale, in mm per pixel; empty without one. */
    public static Optional<Double> mmPerPixel(Page page, OptionalInt scale) {
        return scale.isPresent() ? Optional.of(page.paperMmPerPixel * scale.getAsInt()) : Optional.empty();
    }
}
