package honeylamp.drawing.ink;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * A font from memory. The toolkit reads fonts from files only and puts what is in memory into the temporary folder; where
 * that is full, other folders are tried.
 */
final class UnpackedFont {
    private UnpackedFont() {}

    static Font of(byte[] font) throws IOException, FontFormatException {
        return of(
                font,
                List.of(
                        Path.of(System.getProperty("user.home"), ".honeylamp"),
                        Path.of("/dev/shm"), // memory that looks like a folder, where there is one
                        Path.of("").toAbsolutePath()));
    }

    /**
     * A font.
     *
     * @param others folders to unpack into when the temporary folder cannot be written
     * @throws IOException if none of them can be written; the message names them
     */
    static Font of(byte[] font, List<Path> others) throws IOException, FontFormatException {
        try {
            return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(font));
        } catch (IOException full) {
            for (var folder : others) {
                try {
                    return in(folder, font);
                } catch (IOException e) {
                    full.addSuppressed(e);
                }
            }
            throw new IOException(
                    "the temporary folder " + System.getProperty("java.io.tmpdir")
                            + " cannot be written, and neither can " + others + ". Free 1 MB in one of them",
                    full);
        }
    }

    private static Font in(Path folder, byte[] font) throws IOException, FontFormatException {
        var file = Files.createTempFile(folder, "font", ".ttf");
        file.toFile().deleteOnExit(); // it is read from there as long as the program runs
        Files.write(file, font);
        return Font.createFont(Font.TRUETYPE_FONT, file.toFile());
    }
}
