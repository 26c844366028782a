package honeylamp.output;

import java.io.BufferedOutputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;

/** Writes files whole or not at all: beside their target, synced, then moved into place. */
public final class WholeFile {
    private WholeFile() {}

    /** What is written; may fail in its own way besides {@link IOException}. */
    public interface Body<E extends Exception> {
        /** Writes everything to the stream; need not flush or close it. */
        void writeTo(OutputStream out) throws IOException, E;
    }

    /**
     * Writes a file; an older file of that name stays untouched until the new one is whole.
     *
     * @throws IOException if the folder does not exist or cannot be written to
     * @throws E if the body fails; nothing is left behind then
     */
    public static <E extends Exception> void write(Path file, Body<E> body) throws IOException, E {
        var folder = file.toAbsolutePath().getParent();
        if (folder == null) {
            throw new IOException(file + " names no file");
        }
        var unfinished = folder.resolve("." + file.getFileName() + "." + UUID.randomUUID() + ".part");
        try {
            try (var raw = new FileOutputStream(unfinished.toFile());
                    var out = new BufferedOutputStream(raw)) {
                body.writeTo(out);
                out.flush();
                raw.getFD().sync();
            }
            Files.move(unfinished, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
            try (var channel = FileChannel.open(folder, StandardOpenOption.READ)) {
                channel.force(true);
            }
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }
}
