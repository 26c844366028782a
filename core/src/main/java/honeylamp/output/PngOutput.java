package honeylamp.output;

import honeylamp.geometry.Affine;
import honeylamp.sheet.Page;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.metadata.IIOMetadataNode;

/** Writes a page as PNG at a resolution in dots per inch, which the file states. */
public final class PngOutput {

    /** The most pixels a page may have: A3 at 600 dpi and a little. */
    static final long MOST_PIXELS = 80_000_000;

    private PngOutput() {}

    /**
     * The page as pixels.
     *
     * @throws IllegalArgumentException if it would have more than 80 million pixels, or none
     */
    public static BufferedImage image(Page page, double dpi) {
        var perMm = dpi / Length.MM_PER_INCH;
        var width = Math.round(page.widthMm() * perMm);
        var height = Math.round(page.heightMm() * perMm);
        if (!(dpi > 0) || width < 1 || height < 1 || width * height > MOST_PIXELS) {
            throw new IllegalArgumentException("a page of " + page.widthMm() + " x " + page.heightMm() + " mm at " + dpi
                    + " dpi has no sensible number of pixels; choose from 30 to 600 dpi");
        }
        var image = new BufferedImage((int) width, (int) height, BufferedImage.TYPE_INT_RGB);
        RasterPainter.paint(page.drawing(), image, Affine.scale(perMm, perMm));
        return image;
    }

    static void write(Page page, double dpi, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        progress.at(0.1);
        var image = image(page, dpi);
        progress.at(0.6);
        var writer = ImageIO.getImageWritersByFormatName("png").next();
        var parameters = writer.getDefaultWriteParam();
        var metadata = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), parameters);
        var root = new IIOMetadataNode("javax_imageio_png_1.0");
        var physical = new IIOMetadataNode("pHYs");
        var perMetre = Long.toString(Math.round(dpi / Length.MM_PER_INCH * 1000));
        physical.setAttribute("pixelsPerUnitXAxis", perMetre);
        physical.setAttribute("pixelsPerUnitYAxis", perMetre);
        physical.setAttribute("unitSpecifier", "meter");
        root.appendChild(physical);
        metadata.mergeTree("javax_imageio_png_1.0", root);
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, metadata), parameters);
        } finally {
            writer.dispose();
        }
        progress.at(1);
    }
}
