package honeylamp.output;

import honeylamp.output.Export.Backing;
import honeylamp.output.Export.Png;
import honeylamp.sheet.ComposedPage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.w3c.dom.Element;

/** Writes a page as JPEG, always on its paper, with its dots per inch. */
final class JpegOutput {
    /** Lines and words stay clean from here on. */
    private static final float QUALITY = 0.92f;

    private static final String FORM = "javax_imageio_jpeg_image_1.0";

    private JpegOutput() {}

    static void write(ComposedPage page, Png png, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        progress.at(0.1);
        var image = PngOutput.image(page, new Png(png.dpi(), Backing.PAPER));
        progress.at(0.6);
        var file = ImageFile.of(ImageIO.getImageWritersByFormatName("jpeg").next(), image);
        file.parameters().setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        file.parameters().setCompressionQuality(QUALITY);
        var metadata = file.metadata();
        var root = metadata.getAsTree(FORM);
        var density =
                (Element) ((Element) root).getElementsByTagName("app0JFIF").item(0);
        var dpi = Long.toString(Math.round(png.dpi()));
        density.setAttribute("resUnits", "1"); // dots per inch
        density.setAttribute("Xdensity", dpi);
        density.setAttribute("Ydensity", dpi);
        metadata.setFromTree(FORM, root);
        file.write(metadata, out);
        progress.at(1);
    }
}
