package honeylamp.store;

import honeylamp.output.Progress;
import honeylamp.underlay.Pyramid;
import honeylamp.underlay.TracedPicture;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Reads what people bring in to trace: pictures (PNG, JPEG, GIF, BMP, TIFF, WebP), drawings (SVG) and
 * pages (PDF). A file is judged by its bytes, never by its name.
 */
public final class PictureImport {
    /** The endings of files that can be read. */
    public static final List<String> ENDINGS =
            List.of("png", "jpg", "jpeg", "gif", "bmp", "tif", "tiff", "webp", "svg", "pdf");

    static final long MOST_BYTES = 200L << 20;
    static final long MOST_PIXELS = 200_000_000;

    private static final int LOOKED_AT = 4096;

    private PictureImport() {}

    /** Whether what a camera noted beside a picture (place, time, owner) is kept with it. */
    public enum Notes {
        /** It goes into the plan file with the picture. */
        KEPT,
        /** Only the picture does. */
        LEFT_OUT
    }

    /** What came of reading a file. */
    public sealed interface Result {
        /**
         * A picture: the bytes to keep, their SHA-256, and the pixels.
         *
         * @param bytes as they were in the file, with or without a camera's notes, or a PNG of what a drawing shows
         * @param lines what a drawing is drawn with
         */
        record Good(byte[] bytes, String sha256, TracedPicture picture, Optional<LinesFile.Kept> lines)
                implements Result {}

        /** Pages to choose from. */
        record Pages(PdfPages pages) implements Result {}

        /** Nothing to trace; the sentence says why and what to do. */
        record Refused(PlanProblem problem) implements Result {}
    }

    /**
     * Reads a file.
     *
     * @throws Progress.Cancelled if the work is no longer wanted
     */
    public static Result read(Path file, Notes notes, Progress progress) throws Progress.Cancelled {
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
            return read(Files.readAllBytes(file), where, notes, progress);
        } catch (IOException e) {
            return refused(
                    "The picture cannot be read: " + e.getMessage(), where, "Check that the file is there and whole.");
        }
    }

    /**
     * Reads a file that is in memory.
     *
     * @param where its name, for sentences
     * @throws Progress.Cancelled if the work is no longer wanted
     */
    public static Result read(byte[] bytes, String where, Notes notes, Progress progress) throws Progress.Cancelled {
        return read(bytes, where, notes, progress, GraphicsReader.Source.ASIDE);
    }

    /** Reads a file that is in memory; drawings and pages as {@code graphics} does. */
    static Result read(byte[] bytes, String where, Notes notes, Progress progress, GraphicsReader.Source graphics)
            throws Progress.Cancelled {
        try {
            var head = new String(bytes, 0, Math.min(LOOKED_AT, bytes.length), StandardCharsets.ISO_8859_1);
            if (head.contains("%PDF-")) {
                return new Result.Pages(PdfPages.read(graphics.of(bytes), where, progress));
            }
            if (looksLikeSvg(head)) {
                return drawn(bytes, graphics, progress);
            }
            var pixels = pixels(bytes, progress);
            var kept = notes == Notes.KEPT ? bytes : CameraNotes.without(bytes, PicturePixels.orientation(bytes));
            return new Result.Good(kept, sha256(kept), pixels, Optional.empty());
        } catch (RefusedException e) {
            return refused(e.what(), where, e.todo());
        } catch (Pyramid.NoRoomException e) {
            return refused("The picture cannot be unpacked: " + noRoom(e), where, "Free space there and try again.");
        } catch (IOException e) {
            return refused(
                    "The picture is damaged: " + e.getMessage(), where, "Copy it again from where it came from.");
        }
    }

    /** Why there is no room for pixels, as the end of a sentence. */
    public static String noRoom(Pyramid.NoRoomException e) {
        return e.getMessage() + ", " + FileTrouble.reason(e.why());
    }

    private static Result drawn(byte[] svg, GraphicsReader.Source graphics, Progress progress)
            throws IOException, Progress.Cancelled {
        var reader = graphics.of(svg);
        try {
            var png = reader.read(GraphicsRequest.of(GraphicsRequest.Kind.SVG), progress);
            var pixels = pixels(png, progress);
            var lines = LinesFile.of(reader, GraphicsRequest.of(GraphicsRequest.Kind.SVG_LINES), progress);
            return new Result.Good(png, sha256(png), pixels, lines);
        } finally {
            reader.close();
        }
    }

    private static boolean looksLikeSvg(String head) {
        var start = head.replace("\u00ef\u00bb\u00bf", "").strip().toLowerCase(Locale.ROOT);
        return start.startsWith("<") && start.contains("<svg");
    }

    private static Result refused(String what, String where, String todo) {
        return new Result.Refused(new PlanProblem(what, where, todo));
    }

    /**
     * The pixels of a picture kept in a plan, upright.
     *
     * @throws IOException if they cannot be read
     * @throws Pyramid.NoRoomException if it is large and the temporary folder is full
     * @throws Progress.Cancelled if the work is no longer wanted
     */
    public static TracedPicture pixels(byte[] bytes, Progress progress) throws IOException, Progress.Cancelled {
        return TracedPicture.of(PicturePixels.read(bytes, progress));
    }

    /** Something that is understood and yet not taken. */
    static final class RefusedException extends IOException {
        private static final long serialVersionUID = 1L;

        private final String todo;

        RefusedException(String what, String todo) {
            super(what);
            this.todo = todo;
        }

        String what() {
            return String.valueOf(getMessage());
        }

        String todo() {
            return todo;
        }
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
