package honeylamp.output;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;

/** Writes files whole or not at all: beside their target, synced, then moved into place. */
public final class WholeFile {
    private static final String BEGIN = ".honeylamp-";
    private static final String END = ".part";

    private WholeFile() {}

    /** What is written; may fail in its own way besides {@link IOException}. */
    public interface Body<E extends Exception> {
        /** Writes everything to the stream; need not flush or close it. */
        void writeTo(OutputStream out) throws IOException, E;
    }

    /**
     * Writes a file; an older file of that name stays untouched until the new one is whole, and its permissions
     * stay. A symbolic link stays one: what it leads to is written.
     *
     * @throws IOException if the folder does not exist or cannot be written to, or the file may not be written
     * @throws E if the body fails; nothing is left behind then
     */
    public static <E extends Exception> void write(Path file, Body<E> body) throws IOException, E {
        var target = target(file);
        var folder = target.getParent();
        if (folder == null) {
            throw new IOException(file + " names no file");
        }
        if (!Files.isDirectory(folder)) {
            throw new NoSuchFileException(target.toString(), null, "the folder is not there");
        }
        if (Files.exists(target) && !Files.isWritable(target)) {
            throw new AccessDeniedException(target.toString());
        }
        sweep(folder);
        // a short name of its own: that of the file may already be as long as the disk allows
        var unfinished = folder.resolve(
                BEGIN + HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextLong()) + END);
        try {
            try (var channel = FileChannel.open(unfinished, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
                    var out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16)) {
                lock(channel);
                body.writeTo(out);
                out.flush();
                channel.force(true);
            }
            keepPermissions(target, unfinished);
            move(unfinished, target);
            syncFolder(folder);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    /** The file that is meant, where symbolic links lead to. */
    private static Path target(Path file) throws IOException {
        var absolute = file.toAbsolutePath();
        if (!Files.isSymbolicLink(absolute)) {
            return absolute;
        }
        if (Files.exists(absolute)) {
            return absolute.toRealPath();
        }
        var led = Files.readSymbolicLink(absolute);
        return absolute.resolveSibling(led).normalize();
    }

    private static void keepPermissions(Path old, Path fresh) throws IOException {
        var view = Files.getFileAttributeView(fresh, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (view != null && Files.exists(old)) {
            view.setPermissions(Files.getPosixFilePermissions(old));
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException _) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** A folder that cannot be synced is no failure: the file is whole, and the disk knows best. */
    private static void syncFolder(Path folder) {
        try (var channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException _) {
            // not every disk can
        }
    }

    /** Tells other windows that this file is being written; disks without locks go without. */
    private static boolean lock(FileChannel channel) {
        try {
            return channel.tryLock() != null;
        } catch (IOException | OverlappingFileLockException _) {
            return false;
        }
    }

    /** Removes what saves that were killed have left in a folder: unfinished files that nobody writes any more. */
    public static void sweep(Path folder) {
        try (var files = Files.newDirectoryStream(folder, BEGIN + "*" + END)) {
            for (var file : files) {
                try (var channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
                    if (lock(channel)) {
                        Files.deleteIfExists(file);
                    }
                }
            }
        } catch (IOException | DirectoryIteratorException _) {
            // then they stay, and do no harm
        }
    }
}
