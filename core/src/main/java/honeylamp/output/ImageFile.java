package honeylamp.output;

import java.awt.image.RenderedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import org.jspecify.annotations.Nullable;

/** A picture on its way into a file, by one writer that is disposed of at the end. */
record ImageFile(ImageWriter writer, ImageWriteParam parameters, RenderedImage image) {
    static ImageFile of(ImageWriter writer, RenderedImage image) {
        return new ImageFile(writer, writer.getDefaultWriteParam(), image);
    }

    /** What the writer says of the picture by itself. */
    IIOMetadata metadata() {
        return writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), parameters);
    }

    void write(@Nullable IIOMetadata metadata, OutputStream out) throws IOException {
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, metadata), parameters);
        } finally {
            writer.dispose();
        }
    }
}
