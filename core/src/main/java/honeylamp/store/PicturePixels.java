package honeylamp.store;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import honeylamp.drawing.ink.PictureReaders;
import honeylamp.output.Progress;
import honeylamp.store.PictureImport.RefusedException;
import honeylamp.underlay.Pyramid;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Unpacks a picture strip by strip into a pyramid, upright and on white, so that the heap stays small. */
final class PicturePixels {
    private static final Logger LOG = LoggerFactory.getLogger(PicturePixels.class);

    /** A strip has at most so many pixels. */
    private static final long STRIP_PIXELS = 32_000_000;

    private static final double UNPACKED = 0.8;

    /** No packing puts so many pixels into a byte, not even that of blank sheets. */
    private static final long MOST_PIXELS_A_BYTE = 20_000;

    private static final long DOUBTFUL_PIXELS = 20_000_000;

    private PicturePixels() {}

    static Pyramid read(byte[] bytes, Progress progress) throws IOException, Progress.Cancelled {
        var reader = reader(bytes)
                .orElseThrow(() -> new RefusedException(
                        "The file holds no picture that can be read, whatever its name says",
                        "Choose a PNG, JPEG, GIF, BMP, TIFF, WebP, SVG or PDF file."));
        try {
            var width = reader.getWidth(0);
            var height = reader.getHeight(0);
            requireSize(width, height, bytes.length, PictureImport.MOST_PIXELS);
            return unpacked(reader, width, height, orientation(bytes), progress);
        } catch (Pyramid.NoRoomException e) {
            throw e; // no fault of the picture
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            // readers trip over broken tables in every way there is
            throw new IOException("its pixels do not hang together", e);
        } finally {
            reader.dispose();
        }
    }

    private static void requireSize(int width, int height, int bytes, long mostPixels) throws RefusedException {
        var pixels = (long) width * height;
        if (width <= 0 || height <= 0) {
            throw new RefusedException(
                    "The picture has no size (" + width + " × " + height + " px)", "Save it again as PNG or JPEG.");
        }
        if (pixels > mostPixels) {
            throw new RefusedException(
                    "The picture is too large (" + width + " × " + height + " px, " + pixels / 1_000_000
                            + " megapixels, at most " + mostPixels / 1_000_000 + ")",
                    "Save it at a lower resolution and bring it in again.");
        }
        if (pixels > DOUBTFUL_PIXELS && pixels / MOST_PIXELS_A_BYTE > bytes) {
            throw new RefusedException(
                    "The picture says that it has " + width + " × " + height + " px, but the file holds only " + bytes
                            + " bytes",
                    "It is damaged; copy it again from where it came from.");
        }
    }

    /**
     * Looks at the size a picture says it has, without unpacking it.
     *
     * @throws RefusedException if it has more pixels than {@code mostPixels}, none, or fewer than it says
     */
    static void requireSize(byte[] bytes, long mostPixels) throws IOException {
        var reader = reader(bytes);
        if (reader.isPresent()) {
            try {
                requireSize(reader.get().getWidth(0), reader.get().getHeight(0), bytes.length, mostPixels);
            } catch (RuntimeException e) {
                throw new IOException("its pixels do not hang together", e);
            } finally {
                reader.get().dispose();
            }
        }
    }

    private static Optional<ImageReader> reader(byte[] bytes) throws IOException {
        var input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes));
        var reader = PictureReaders.of(input);
        reader.ifPresent(r -> r.setInput(input));
        return reader;
    }

    private static Pyramid unpacked(ImageReader reader, int width, int height, int orientation, Progress progress)
            throws IOException, Progress.Cancelled {
        List<String> warnings = new ArrayList<>();
        reader.addIIOReadWarningListener((_, warning) -> warnings.add(warning));
        var turned = orientation >= 5;
        var level = Pyramid.room(turned ? height : width, turned ? width : height, 1);
        var rows = Math.clamp(STRIP_PIXELS / width, 1, height);
        for (var y = 0; y < height; y += rows) {
            progress.at(UNPACKED * y / height);
            var count = Math.min(rows, height - y);
            var parameters = reader.getDefaultReadParam();
            if (rows < height) {
                parameters.setSourceRegion(new Rectangle(0, y, width, count));
            }
            put(onWhite(reader.read(0, parameters)), y, width, height, orientation, level);
        }
        requireWhole(warnings);
        progress.at(UNPACKED);
        return Pyramid.above(level);
    }

    private static void requireWhole(List<String> warnings) throws IOException {
        for (var warning : warnings) {
            LOG.info("picture: {}", warning);
            var words = warning.toLowerCase(Locale.ROOT);
            if (words.contains("premature end") || words.contains("unexpected end") || words.contains("truncated")) {
                throw new IOException("it ends before it is complete");
            }
        }
    }

    private static int[] onWhite(BufferedImage strip) {
        var out = new BufferedImage(strip.getWidth(), strip.getHeight(), BufferedImage.TYPE_INT_RGB);
        var g = out.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, out.getWidth(), out.getHeight());
        g.drawImage(strip, 0, 0, null);
        g.dispose();
        return ((DataBufferInt) out.getRaster().getDataBuffer()).getData();
    }

    /** Lays a strip into the upright level (Exif 2.3, tag 274: 1 is upright, 6 a quarter clockwise). */
    private static void put(int[] strip, int y0, int width, int height, int orientation, Pyramid.Level level) {
        var rows = strip.length / width;
        if (orientation == 1) {
            level.put(y0, strip, rows);
            return;
        }
        for (var row = 0; row < rows; row++) {
            for (var x = 0; x < width; x++) {
                var y = y0 + row;
                var mx = width - 1 - x;
                var my = height - 1 - y;
                var i = switch (orientation) {
                    case 2 -> y * width + mx;
                    case 3 -> my * width + mx;
                    case 4 -> my * width + x;
                    case 5 -> x * height + y;
                    case 6 -> x * height + my;
                    case 7 -> mx * height + my;
                    case 8 -> mx * height + y;
                    default -> y * width + x;
                };
                level.pixels().put(i, strip[row * width + x]);
            }
        }
    }

    /** The orientation a camera noted (Exif 2.3, tag 274): 1 is upright. */
    static int orientation(byte[] bytes) throws IOException {
        try {
            var metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
            var exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? 1
                    : Math.clamp(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION), 1, 8);
        } catch (ImageProcessingException | MetadataException _) {
            return 1; // a picture without readable notes is taken as it lies
        }
    }
}
