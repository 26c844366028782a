package honeylamp.output;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/** Writes pixels as WebP (RFC 9649), which has no field for dots per inch. */
final class WebpOutput {
    private WebpOutput() {}

    /**
     * Writes a picture, what is clear in it too.
     *
     * @param quality from 0 for the smallest file to 1
     * @throws IOException if this system has no writer of WebP
     */
    static void write(BufferedImage image, double quality, OutputStream out) throws IOException {
        var writers = ImageIO.getImageWritersByMIMEType("image/webp");
        if (!writers.hasNext()) {
            throw new IOException("this system writes no WebP; take PNG or JPEG");
        }
        var file = ImageFile.of(writers.next(), image);
        file.parameters().setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        file.parameters().setCompressionType("Lossy");
        file.parameters().setCompressionQuality((float) quality);
        try {
            file.write(null, out);
        } catch (UnsatisfiedLinkError | NoClassDefFoundError e) { // its library is for another processor
            throw new IOException("this system writes no WebP; take PNG or JPEG", e);
        }
    }
}
