package honeylamp.output;

import java.awt.image.RenderedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.stream.StreamSupport;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.spi.IIORegistry;
import javax.imageio.spi.ImageWriterSpi;

/** Writes pixels as TIFF, packed without loss, with their dots per inch. */
final class TiffOutput {
    /** Dots per inch are written as hundredths. */
    private static final long HUNDREDTHS = 100;

    private static final char INCH = 2;

    private TiffOutput() {}

    static void write(RenderedImage image, double dpi, OutputStream out) throws IOException {
        var file = ImageFile.of(writer(), image);
        file.parameters().setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        file.parameters().setCompressionType("Deflate");
        var usual = file.metadata();
        file.write(resolved(usual, dpi), out);
    }

    /** The writer of the JDK: another on the class path forgets the resolution. */
    private static ImageWriter writer() throws IOException {
        var all = (Iterable<ImageWriterSpi>)
                () -> IIORegistry.getDefaultInstance().getServiceProviders(ImageWriterSpi.class, true);
        return StreamSupport.stream(all.spliterator(), false)
                .filter(spi -> spi.getPluginClassName().equals("com.sun.imageio.plugins.tiff.TIFFImageWriter"))
                .findFirst()
                .orElseThrow(() -> new IOException("this Java writes no TIFF"))
                .createWriterInstance();
    }

    private static IIOMetadata resolved(IIOMetadata usual, double dpi) throws IOException {
        var directory = TIFFDirectory.createFromMetadata(usual);
        var tags = BaselineTIFFTagSet.getInstance();
        var dots = new long[][] {{Math.round(dpi * HUNDREDTHS), HUNDREDTHS}};
        for (var tag : new int[] {BaselineTIFFTagSet.TAG_X_RESOLUTION, BaselineTIFFTagSet.TAG_Y_RESOLUTION}) {
            directory.addTIFFField(new TIFFField(tags.getTag(tag), TIFFTag.TIFF_RATIONAL, 1, dots));
        }
        directory.addTIFFField(new TIFFField(
                tags.getTag(BaselineTIFFTagSet.TAG_RESOLUTION_UNIT), TIFFTag.TIFF_SHORT, 1, new char[] {INCH}));
        return directory.getAsMetadata();
    }
}
