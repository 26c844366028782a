package honeylamp.store;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.ink.PictureReaders;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.PaperText;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * A page as an export would write it: what was written is read back, and so is exactly what comes.
 *
 * @param picture of what is in the file, no larger than a screen
 * @param bytes as many as the file has
 * @param words what the file is, how large, and what it weighs
 */
public record ExportPreview(BufferedImage picture, long bytes, String words) {
    private static final double LONGEST_PX = 1600;

    /**
     * Writes a page to a file nobody keeps, and reads it.
     *
     * @param assets the bytes of the pictures on it
     * @throws IOException if it cannot be written
     * @throws Progress.Cancelled if the progress ended the work
     */
    public static ExportPreview of(
            LaidPage page, Map<String, byte[]> assets, Export.Format format, Export.Picture picture, Progress progress)
            throws IOException, Progress.Cancelled {
        var composed =
                new PagePictures().printed(List.of(page), assets, progress).getFirst();
        if (format == Export.Format.SVG) {
            // readers of SVG differ in what they can do: painted, and weighed as it is written
            var painted = written(composed, Export.Format.PNG, painted(picture), progress);
            var bytes = read(composed, format, picture, progress, Files::size);
            return new ExportPreview(painted.picture, bytes, "SVG, lines and letters, " + PaperText.kiloBytes(bytes));
        }
        return written(composed, format, picture, progress);
    }

    private static Export.Picture painted(Export.Picture like) {
        return Export.Picture.USUAL.withCut(like.cut()).withSize(new Export.Size.Longest((int) LONGEST_PX));
    }

    private static ExportPreview written(
            ComposedPage page, Export.Format format, Export.Picture picture, Progress progress)
            throws IOException, Progress.Cancelled {
        return read(page, format, picture, progress, file -> {
            var bytes = Files.size(file);
            var weighs = ", " + PaperText.kiloBytes(bytes);
            return format == Export.Format.PDF ? ofPdf(file, bytes, weighs) : ofPicture(file, bytes, format, weighs);
        });
    }

    /** Reads a file that is there as long as it is read. */
    private interface Reading<T> {
        T of(Path file) throws IOException;
    }

    private static <T> T read(
            ComposedPage page, Export.Format format, Export.Picture picture, Progress progress, Reading<T> reading)
            throws IOException, Progress.Cancelled {
        var file = Files.createTempFile("honeylamp", "." + format.ending());
        try {
            Export.write(page, format, picture, file, progress);
            return reading.of(file);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static ExportPreview ofPdf(Path file, long bytes, String weighs) throws IOException {
        try (var document = Loader.loadPDF(file.toFile())) {
            var box = document.getPage(0).getMediaBox();
            var longest = Math.max(box.getWidth(), box.getHeight());
            var image = new PDFRenderer(document).renderImage(0, (float) (LONGEST_PX / longest), ImageType.RGB);
            var size = PaperText.sides(PaperText.ofPoints(box.getWidth()), PaperText.ofPoints(box.getHeight()));
            return new ExportPreview(image, bytes, "PDF, " + size + " at true size" + weighs);
        }
    }

    private static ExportPreview ofPicture(Path file, long bytes, Export.Format format, String weighs)
            throws IOException {
        var pixels = PagePictures.read(Files.readAllBytes(file));
        var image = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, pixels.width(), pixels.height(), pixels.argb(), 0, pixels.width());
        try (var in = ImageIO.createImageInputStream(file.toFile())) {
            var reader = PictureReaders.of(in).orElseThrow(() -> new IOException("no reader knows it"));
            try {
                reader.setInput(in);
                return new ExportPreview(
                        image,
                        bytes,
                        format.name() + ", " + reader.getWidth(0) + " \u00d7 " + reader.getHeight(0) + " pixels"
                                + weighs);
            } finally {
                reader.dispose();
            }
        }
    }
}
