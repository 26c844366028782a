package honeylamp.store;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** Folders and files that nobody but their owner may read, where the disk knows owners. */
public final class OwnerOnly {
    private OwnerOnly() {}

    /**
     * Makes a folder with all above it, readable by its owner only; one that is there is closed to others.
     *
     * @throws IOException if it cannot be made
     */
    public static Path folder(Path folder) throws IOException {
        try {
            Files.createDirectories(folder);
        } catch (FileAlreadyExistsException e) {
            throw new NotDirectoryException(e.getFile());
        }
        close(folder, "rwx------");
        return folder;
    }

    /** Closes a file to all but its owner. */
    static void file(Path file) throws IOException {
        close(file, "rw-------");
    }

    private static void close(Path path, String permissions) throws IOException {
        var view = Files.getFileAttributeView(path, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (view == null) {
            return; // a disk without owners
        }
        var wanted = PosixFilePermissions.fromString(permissions);
        if (!view.readAttributes().permissions().equals(wanted)) {
            view.setPermissions(wanted);
        }
    }
}
