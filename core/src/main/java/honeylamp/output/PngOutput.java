package honeylamp.output;

import honeylamp.units.Length;
import java.awt.image.RenderedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import javax.imageio.metadata.IIOMetadataNode;

/** Writes pixels as PNG with their dots per inch. */
final class PngOutput {
    private static final String FORM = "javax_imageio_png_1.0";

    private PngOutput() {}

    static void write(RenderedImage image, double dpi, OutputStream out) throws IOException {
        var file = ImageFile.of(ImageIO.getImageWritersByFormatName("png").next(), image);
        var metadata = file.metadata();
        var root = new IIOMetadataNode(FORM);
        var physical = new IIOMetadataNode("pHYs");
        var perMetre = Long.toString(Math.round(dpi / Length.MM_PER_INCH * 1000));
        physical.setAttribute("pixelsPerUnitXAxis", perMetre);
        physical.setAttribute("pixelsPerUnitYAxis", perMetre);
        physical.setAttribute("unitSpecifier", "meter");
        root.appendChild(physical);
        metadata.mergeTree(FORM, root);
        file.write(metadata, out);
    }
}
