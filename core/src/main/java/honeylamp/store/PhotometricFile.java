package honeylamp.store;

import honeylamp.edit.Outcome;
import honeylamp.takeoff.lighting.Photometry;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads the light of a fitting from a photometric file. */
public final class PhotometricFile {
    private PhotometricFile() {}

    /** The light of a file; refused with the reason if it cannot be read or is none. */
    public static Outcome<Photometry> read(Path file) {
        try (var in = Files.newInputStream(file)) {
            var bytes =
                    in.readNBytes(Photometry.MOST_CHARACTERS + 1); // no more of a huge file than is needed to see it
            return Photometry.read(new String(bytes, StandardCharsets.ISO_8859_1));
        } catch (IOException e) {
            return Outcome.refused(FileTrouble.reason(e), "Choose another file.");
        }
    }
}
