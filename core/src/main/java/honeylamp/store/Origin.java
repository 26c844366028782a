package honeylamp.store;

import java.nio.file.Path;
import java.util.Optional;

/**
 * A document as it was opened, begun or saved last, and where it lies.
 *
 * @param file where it is saved; empty if it is in no file
 * @param stamp of the file as it was then, to tell whether somebody else has written it since
 */
public record Origin(PlanDocument document, Optional<Path> file, Optional<FileStamp> stamp) {
    /** A document that is in no file. */
    public static Origin of(PlanDocument document) {
        return new Origin(document, Optional.empty(), Optional.empty());
    }

    /** A document that lies in a file as the file is now. */
    public static Origin in(Path file, PlanDocument document) {
        return new Origin(document, Optional.of(file), FileStamp.of(file));
    }

    /** With other pictures or unknown fields. */
    public Origin with(PlanDocument other) {
        return new Origin(other, file, stamp);
    }

    /** Whether the file is no longer what it was: written, moved or deleted by somebody else. */
    public boolean changedOnDisk() {
        return file.isPresent() && !FileStamp.of(file.get()).equals(stamp);
    }
}
