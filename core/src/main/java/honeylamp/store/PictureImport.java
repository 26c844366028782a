package honeylamp.store;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;

/** Reads pictures to trace (PNG, JPEG, GIF, BMP), with limits, upright. */
public final class PictureImport {
    static final long MOST_BYTES = 200L << 20;
    static final long MOST_PIXELS = 200_000_000;

    /** Larger pictures are thinned to about so many pixels for showing. */
    private static final long SHOWN_PIXELS = 24_000_000;

    private PictureImport() {}

    /** What came of reading a picture. */
    public sealed interface Result {
        /** A picture: its bytes as they were, its SHA-256, and its size when upright. */
        record Good(byte[] bytes, String sha256, int widthPx, int heightPx) implements Result {}

        /** No picture; the sentence says why and what to do. */
        record Refused(PlanProblem problem) implements Result {}
    }

    /** Reads a picture file without unpacking its pixels. */
    public static Result read(Path file) {
        var where = String.valueOf(file.getFileName());
        try {
            var size = Files.size(file);
            if (size == 0) {
                return refused("The picture file is empty", where, "Choose another file.");
            }
            if (size > MOST_BYTES) {
                return refused(
                        "The picture file is too large (" + (size >> 20) + " MB, at most " + (MOST_BYTES >> 20)
                                + " MB)",
                        where,
                        "Save it smaller, for example as JPEG.");
            }
            return read(Files.readAllBytes(file), where);
        } catch (IOException e) {
            return refused(
                    "The picture cannot be read: " + e.getMessage(), where, "Check that the file is there and whole.");
        }
    }

    /** Reads a picture from its bytes. */
    public static Result read(byte[] bytes, String where) throws IOException {
        var reader = reader(bytes);
        if (reader.isEmpty()) {
            return refused(
                    "The file holds no picture that can be read, whatever its name says",
                    where,
                    "Choose a PNG, JPEG, GIF or BMP picture.");
        }
        try {
            var width = reader.get().getWidth(0);
            var height = reader.get().getHeight(0);
            if ((long) width * height > MOST_PIXELS) {
                return refused(
                        "The picture is too large (" + width + " × " + height + " px, "
                                + (long) width * height / 1_000_000 + " megapixels, at most 200)",
                        where,
                        "Save it at a lower resolution and bring it in again.");
            }
            var turned = orientation(bytes) >= 5;
            return new Result.Good(bytes, sha256(bytes), turned ? height : width, turned ? width : height);
        } catch (IOException | IndexOutOfBoundsException e) {
            return refused(
                    "The picture is damaged: " + e.getMessage(), where, "Copy it again from where it came from.");
        } finally {
            reader.get().dispose();
        }
    }

    private static Result refused(String what, String where, String todo) {
        return new Result.Refused(new PlanProblem(what, where, todo));
    }

    private static Optional<ImageReader> reader(byte[] bytes) throws IOException {
        var input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes));
        var readers = ImageIO.getImageReaders(input);
        if (!readers.hasNext()) {
            return Optional.empty();
        }
        var reader = readers.next();
        reader.setInput(input);
        return Optional.of(reader);
    }

    /**
     * The pixels for showing, upright; a very large picture is thinned.
     *
     * @throws IOException if the pixels cannot be read
     */
    public static BufferedImage pixels(byte[] bytes) throws IOException {
        var reader = reader(bytes).orElseThrow(() -> new IOException("no picture"));
        try {
            var parameters = reader.getDefaultReadParam();
            var count = (long) reader.getWidth(0) * reader.getHeight(0);
            var step = (int) Math.ceil(Math.sqrt(count / (double) SHOWN_PIXELS));
            if (step > 1) {
                parameters.setSourceSubsampling(step, step, 0, 0);
            }
            return upright(reader.read(0, parameters), orientation(bytes));
        } finally {
            reader.dispose();
        }
    }

    /** The orientation a camera noted (Exif 2.3, tag 274): 1 is upright. */
    private static int orientation(byte[] bytes) throws IOException {
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

    private static BufferedImage upright(BufferedImage raw, int orientation) {
        var turned = orientation >= 5;
        var w = raw.getWidth();
        var h = raw.getHeight();
        var out = new BufferedImage(turned ? h : w, turned ? w : h, BufferedImage.TYPE_INT_RGB);
        var g = out.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, out.getWidth(), out.getHeight());
        var t = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        g.drawImage(raw, t, null);
        g.dispose();
        return out;
    }

    /** The name of an asset: the SHA-256 of its bytes as 64 hexadecimal digits. */
    public static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }
}
