package honeylamp.output;

import java.awt.image.RenderedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.w3c.dom.Element;

/** Writes pixels as JPEG with their dots per inch. */
final class JpegOutput {
    private static final String FORM = "javax_imageio_jpeg_image_1.0";

    private JpegOutput() {}

    /**
     * Writes a picture.
     *
     * @param quality from 0 for the smallest file to 1
     */
    static void write(RenderedImage image, double dpi, double quality, OutputStream out) throws IOException {
        var file = ImageFile.of(ImageIO.getImageWritersByFormatName("jpeg").next(), image);
        file.parameters().setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        file.parameters().setCompressionQuality((float) quality);
        var metadata = file.metadata();
        var root = metadata.getAsTree(FORM);
        var density =
                (Element) ((Element) root).getElementsByTagName("app0JFIF").item(0);
        var dots = Long.toString(Math.round(dpi));
        density.setAttribute("resUnits", "1"); // dots per inch
        density.setAttribute("Xdensity", dots);
        density.setAttribute("Ydensity", dots);
        metadata.setFromTree(FORM, root);
        file.write(metadata, out);
    }
}
