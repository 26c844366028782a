package honeylamp.store;

import honeylamp.store.PictureImport.RefusedException;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;

/** Answers what is asked of a PDF file, as {@link GraphicsRequest.Kind} says, however long that takes. */
final class PdfReading {
    private static final double POINTS_PER_INCH = 72;
    private static final double BEST_DPI = 220;
    private static final double MOST_PAGE_PIXELS = 40_000_000;
    private static final int MOST_PAGES = 10_000;
    private static final double LEAST_SIDE_PT = 3;
    private static final double MOST_SIDE_PT = 20_000;
    private static final Pattern STATED_SCALE = Pattern.compile("\\b1\\s*:\\s*(\\d{1,4})\\b");

    private PdfReading() {}

    /** How many pages there are, counted in the tree itself, whatever the file says of it. */
    static byte[] count(byte[] bytes) throws IOException {
        try (var document = Loader.loadPDF(bytes)) {
            var count = 0;
            for (var pages = document.getPages().iterator(); count < MOST_PAGES && pages.hasNext(); pages.next()) {
                count++;
            }
            return ByteBuffer.allocate(Integer.BYTES).putInt(count).array();
        } catch (RuntimeException | StackOverflowError e) {
            throw new IOException("its pages do not hang together", e);
        } catch (InvalidPasswordException _) {
            throw new RefusedException(
                    "The PDF file is locked with a password",
                    "Open it with its password, save it without, and bring that in.");
        }
    }

    /** What is done with a page of the file. */
    private interface OnPage {
        byte[] of(PDDocument document, PDRectangle box) throws IOException;
    }

    /** Opens the file and looks at a page; one without a size, or larger than paper can be, is refused. */
    private static byte[] on(byte[] bytes, int page, OnPage work) throws IOException {
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

    static byte[] facts(byte[] bytes, int page) throws IOException {
        return on(bytes, page, (document, box) -> {
            var lying = document.getPage(page).getRotation() % 180 != 0;
            var width = box.getWidth() / POINTS_PER_INCH * Length.MM_PER_INCH;
            var height = box.getHeight() / POINTS_PER_INCH * Length.MM_PER_INCH;
            return ByteBuffer.allocate(2 * Double.BYTES + Integer.BYTES)
                    .putDouble(lying ? height : width)
                    .putDouble(lying ? width : height)
                    .putInt(statedScale(document, page))
                    .array();
        });
    }

    /** The only scale written on a page, as a denominator; 0 if there is none or several. */
    private static int statedScale(PDDocument document, int page) throws IOException {
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
        return found.length == 1 ? found[0] : 0;
    }

    static byte[] thumbnail(byte[] bytes, int page, int longSidePx) throws IOException {
        return on(bytes, page, (document, box) -> {
            var scale = longSidePx / Math.max(box.getWidth(), box.getHeight());
            return png(new PDFRenderer(document).renderImage(page, scale, ImageType.RGB));
        });
    }

    /** A page at {@value #BEST_DPI} dpi, or less if it is very large. */
    static byte[] page(byte[] bytes, int page) throws IOException {
        return on(bytes, page, (document, box) -> {
            var dpi = dpi(box);
            var png = png(new PDFRenderer(document).renderImageWithDPI(page, (float) dpi, ImageType.RGB));
            return ByteBuffer.allocate(Double.BYTES + png.length)
                    .putDouble(dpi)
                    .put(png)
                    .array();
        });
    }

    private static double dpi(PDRectangle box) {
        var inches = box.getWidth() / POINTS_PER_INCH * (box.getHeight() / POINTS_PER_INCH);
        return Math.min(BEST_DPI, Math.sqrt(MOST_PAGE_PIXELS / inches));
    }

    /** The lines of a page, in pixels of the picture that {@link #page} draws of it. */
    static byte[] lines(byte[] bytes, int page) throws IOException {
        return on(
                bytes,
                page,
                (document, box) -> LinesFile.bytes(PdfLines.of(
                        document.getPage(page),
                        document.getDocumentCatalog().getOCProperties(),
                        (float) dpi(box) / POINTS_PER_INCH)));
    }

    private static byte[] png(BufferedImage image) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
