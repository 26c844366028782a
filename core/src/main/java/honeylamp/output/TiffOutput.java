package honeylamp.output;

import honeylamp.output.Export.Png;
import honeylamp.sheet.ComposedPage;
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

/** Writes a page as TIFF, packed without loss, with its dots per inch. */
final class TiffOutput {
    /** Dots per inch are written as hundredths. */
    private static final long HUNDREDTHS = 100;

    private static final char INCH = 2;

    private TiffOutput() {}

    static void write(ComposedPage page, Png png, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        progress.at(0.1);
        var image = PngOutput.unweighed(PngOutput.image(page, png));
        progress.at(0.6);
        var file = ImageFile.of(writer(), image);
        file.parameters().setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        file.parameters().setCompressionType("Deflate");
        var usual = file.metadata();
        file.write(resolved(usual, png.dpi()), out);
        progress.at(1);
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
