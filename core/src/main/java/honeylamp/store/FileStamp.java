package honeylamp.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * By what a file is known again: if it differs, somebody else has written the file since.
 *
 * @param bytes its size
 * @param modifiedMs when it was written, in milliseconds since 1970
 */
record FileStamp(long bytes, long modifiedMs) {
    /** The stamp of a file as it is now; empty if there is none, or it cannot be looked at. */
    public static Optional<FileStamp> of(Path file) {
        try {
            return Optional.of(new FileStamp(
                    Files.size(file), Files.getLastModifiedTime(file).toMillis()));
        } catch (IOException _) {
            return Optional.empty();
        }
    }
}
