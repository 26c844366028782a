package honeylamp.store;

import honeylamp.plan.Plan;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * The autosave journal: after every action the whole plan is appended as one checked record, so that a
 * kill at any moment loses at most the action under way. Records: length, CRC-32, zipped JSON.
 *
 * <p>Not for use by two threads at once.
 */
public final class Journal implements AutoCloseable {
    private static final int HEADER_BYTES = 8;
    private static final int MOST_RECORD_BYTES = 64 << 20;
    private static final long COMPACT_FROM_BYTES = 16L << 20;

    private final Path file;
    private FileChannel channel;

    private Journal(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    /** Opens a journal, new or to go on after what it holds. */
    public static Journal open(Path file) throws IOException {
        var folder = file.toAbsolutePath().getParent();
        if (folder != null) {
            Files.createDirectories(folder);
        }
        var whole = Files.exists(file) ? scan(file).wholeBytes : 0;
        var channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        channel.truncate(whole); // a record cut short by a kill would hide all later ones
        channel.position(whole);
        return new Journal(file, channel);
    }

    /** Appends the plan after an action. */
    public void append(Plan plan) throws IOException {
        var payload = zipped(PlanJson.compact(PlanJson.write(plan)));
        if (channel.position() + payload.length > COMPACT_FROM_BYTES) {
            compact(payload);
            return;
        }
        write(channel, record(payload));
    }

    private static void write(FileChannel channel, ByteBuffer bytes) throws IOException {
        while (bytes.hasRemaining()) {
            channel.write(bytes);
        }
    }

    /** Begins the file anew with only the newest plan; the old file stays until the new one is whole. */
    private void compact(byte[] payload) throws IOException {
        var fresh = file.resolveSibling(file.getFileName() + ".new");
        try (var out = FileChannel.open(
                fresh, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE)) {
            write(out, record(payload));
            out.force(true);
        }
        channel.close();
        Files.move(fresh, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        channel = FileChannel.open(file, StandardOpenOption.WRITE);
        channel.position(channel.size());
    }

    private static ByteBuffer record(byte[] payload) {
        var crc = new CRC32();
        crc.update(payload);
        return ByteBuffer.allocate(HEADER_BYTES + payload.length)
                .putInt(payload.length)
                .putInt((int) crc.getValue())
                .put(payload)
                .flip();
    }

    private static byte[] zipped(byte[] bytes) throws IOException {
        var out = new ByteArrayOutputStream(bytes.length / 6);
        try (var zip = new GZIPOutputStream(out)) {
            zip.write(bytes);
        }
        return out.toByteArray();
    }

    /** The newest whole plan of a journal; empty if it holds none. */
    public static Optional<Plan> recover(Path file) throws IOException {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        var newest = scan(file).newest;
        if (newest.isEmpty()) {
            return Optional.empty();
        }
        try (var zip = new GZIPInputStream(new ByteArrayInputStream(newest.get()))) {
            var json = zip.readNBytes((int) PlanFile.MOST_PLAN_BYTES);
            return PlanJson.read(json, String.valueOf(file.getFileName())) instanceof PlanJson.Read.Good good
                    ? Optional.of(good.plan())
                    : Optional.empty();
        }
    }

    /** How many bytes hold whole records, and the last of them. */
    private record Scan(long wholeBytes, Optional<byte[]> newest) {}

    private static Scan scan(Path file) throws IOException {
        var whole = 0L;
        Optional<byte[]> newest = Optional.empty();
        try (var in = new DataInputStream(new java.io.BufferedInputStream(Files.newInputStream(file)))) {
            while (true) {
                var length = in.readInt();
                var sum = in.readInt();
                if (length <= 0 || length > MOST_RECORD_BYTES) {
                    break;
                }
                var payload = in.readNBytes(length);
                var crc = new CRC32();
                crc.update(payload);
                if (payload.length < length || (int) crc.getValue() != sum) {
                    break;
                }
                newest = Optional.of(payload);
                whole += HEADER_BYTES + length;
            }
        } catch (EOFException _) {
            // the last record was being written when the process ended; those before it are whole
        }
        return new Scan(whole, newest);
    }

    /** Closes and removes the journal: its plan is safe in a file, or was given up on purpose. */
    public void discard() throws IOException {
        close();
        Files.deleteIfExists(file);
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
