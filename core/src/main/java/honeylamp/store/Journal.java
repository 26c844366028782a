package honeylamp.store;

import honeylamp.output.WholeFile;
import honeylamp.plan.Plan;
import honeylamp.store.JournalRecords.Kind;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.ClosedChannelException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;

/**
 * The autosave journal of one open document: a folder with a lock, the records of what was done, and the
 * pictures to trace. It begins with the document as it was opened or saved; after every action a small record
 * of what differs from it is appended, and a whole plan now and then, so that no record needs another but
 * that one. A kill at any moment loses at most the action under way.
 *
 * <p>Not for use by two threads at once, but for {@link #sync}.
 */
public final class Journal implements AutoCloseable {
    static final String RECORDS = "records";
    static final String LOCK = "lock";
    static final String PICTURES = "pictures";

    /** A change as large as this is followed by a whole plan. */
    private static final int LARGE_CHANGE_BYTES = 24 << 10;

    private static final long BEGIN_ANEW_BYTES = 16L << 20;

    private final Path folder;
    private final FileChannel lockChannel;
    private byte[] base;
    private volatile FileChannel channel; // synced by another thread
    private long wholeBytes;
    private Plan since;
    private int sinceNumber;
    private @Nullable CompletableFuture<Whole> coming;

    /** What was done with the document a journal begins with. */
    public enum Begun {
        /** It was opened or begun. */
        OPENED,
        /** This run has saved it. */
        SAVED
    }

    private record Whole(Plan plan, int number, byte[] payload) {}

    private Journal(Path folder, FileChannel lockChannel, Origin start, Begun begun) throws IOException {
        this.folder = folder;
        this.lockChannel = lockChannel;
        this.since = start.document().plan();
        this.base = baseOf(start, begun);
        this.channel = written(base);
        this.wholeBytes = channel.size();
    }

    /**
     * Begins a journal in a new folder.
     *
     * @param folder that is not there yet
     * @throws IOException if it cannot be written
     */
    public static Journal begin(Path folder, Origin start, Begun begun) throws IOException {
        OwnerOnly.folder(folder);
        var channel = FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            OwnerOnly.file(folder.resolve(LOCK));
            if (lock(channel).isEmpty()) {
                throw new IOException("another window keeps its journal in " + folder);
            }
            return new Journal(folder, channel, start, begun);
        } catch (IOException | RuntimeException e) {
            channel.close();
            throw e;
        }
    }

    static Optional<FileLock> lock(FileChannel channel) throws IOException {
        try {
            return Optional.ofNullable(channel.tryLock());
        } catch (OverlappingFileLockException _) {
            return Optional.empty(); // this very process has it
        }
    }

    private static byte[] baseOf(Origin start, Begun begun) {
        var root = PlanJson.object();
        root.put("at", Instant.now().toEpochMilli());
        root.put("saved", begun == Begun.SAVED);
        start.file().ifPresent(f -> root.put("file", f.toAbsolutePath().toString()));
        start.stamp().ifPresent(s -> root.put("bytes", s.bytes()).put("modified", s.modifiedMs()));
        root.set(
                "document",
                PlanJson.write(start.document().plan(), start.document().original()));
        return JournalRecords.zipped(PlanJson.compact(root));
    }

    /** A new file of records that takes the place of the old one when its first records are on the disk. */
    private FileChannel written(byte[] basePayload, ByteBuffer... more) throws IOException {
        var fresh = folder.resolve(RECORDS + ".new");
        var out = FileChannel.open(
                fresh, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE);
        try {
            OwnerOnly.file(fresh);
            write(out, JournalRecords.record(Kind.BASE, 0, basePayload));
            for (var record : more) {
                write(out, record);
            }
            out.force(true);
            Files.move(
                    fresh,
                    folder.resolve(RECORDS),
                    StandardCopyOption.REPLACE_EXISTING,
                    StandardCopyOption.ATOMIC_MOVE);
            return out;
        } catch (IOException | RuntimeException e) {
            out.close();
            Files.deleteIfExists(fresh);
            throw e;
        }
    }

    private static void write(FileChannel channel, ByteBuffer bytes) throws IOException {
        while (bytes.hasRemaining()) {
            channel.write(bytes);
        }
    }

    /**
     * Appends the plan after an action; it is safe from a kill of the process when this returns, and from a loss
     * of power after {@link #sync}.
     *
     * @throws IOException if it cannot be written; the journal can be used further
     */
    public void append(Plan plan) throws IOException {
        takeWhole();
        var root = PlanJson.object();
        root.put("at", Instant.now().toEpochMilli());
        root.set("change", PlanChange.between(since, plan));
        var payload = JournalRecords.zipped(PlanJson.compact(root));
        append(JournalRecords.record(Kind.CHANGE, sinceNumber, payload));
        if (payload.length > LARGE_CHANGE_BYTES && coming == null) {
            var number = sinceNumber + 1;
            coming = CompletableFuture.supplyAsync(() -> whole(plan, number));
        }
    }

    /** A whole plan is zipped aside, so that no action waits for it. */
    private static Whole whole(Plan plan, int number) {
        var root = PlanJson.object();
        root.put("at", Instant.now().toEpochMilli());
        root.set("document", PlanJson.write(plan));
        return new Whole(plan, number, JournalRecords.zipped(PlanJson.compact(root)));
    }

    private void takeWhole() throws IOException {
        var ready = coming;
        if (ready == null || !ready.isDone()) {
            return;
        }
        var whole = ready.join();
        coming = null;
        var record = JournalRecords.record(Kind.WHOLE, whole.number, whole.payload);
        if (wholeBytes + record.remaining() > BEGIN_ANEW_BYTES) {
            var fresh = written(base, record);
            channel.close();
            channel = fresh;
            wholeBytes = fresh.size();
        } else {
            append(record);
        }
        since = whole.plan;
        sinceNumber = whole.number;
    }

    private void append(ByteBuffer record) throws IOException {
        channel.truncate(wholeBytes); // what a full disk left of an earlier record
        channel.position(wholeBytes);
        write(channel, record);
        wholeBytes = channel.position();
    }

    /** Waits until all that was appended is on the disk. May be called by another thread. */
    public void sync() throws IOException {
        try {
            channel.force(false);
        } catch (ClosedChannelException _) {
            // the records went to a new file, synced when it took this one's place
        }
    }

    /**
     * Notes that the document now lies in a file; the journal begins anew with it.
     *
     * @param plan as it is by now, perhaps further than what was saved
     */
    public void saved(Origin now, Plan plan) throws IOException {
        var payload = baseOf(now, Begun.SAVED);
        var fresh = written(payload);
        channel.close();
        channel = fresh;
        wholeBytes = fresh.size();
        base = payload;
        since = now.document().plan();
        sinceNumber = 0;
        coming = null;
        if (!plan.equals(since)) {
            append(plan);
        }
    }

    /** Keeps a picture to trace, once. */
    public void keep(String sha256, byte[] bytes) throws IOException {
        var pictures = OwnerOnly.folder(folder.resolve(PICTURES));
        var file = pictures.resolve(sha256);
        if (!Files.exists(file)) {
            WholeFile.<IOException>write(file, out -> out.write(bytes));
            OwnerOnly.file(file);
        }
    }

    /** Closes and removes the journal: its plan is safe in a file, or was given up on purpose. */
    public void discard() throws IOException {
        close();
        remove(folder);
    }

    /** Removes the folder of a journal; its records last, so that a kill while this runs loses nothing else. */
    static void remove(Path folder) throws IOException {
        var pictures = folder.resolve(PICTURES);
        if (Files.isDirectory(pictures)) {
            try (var files = Files.list(pictures)) {
                for (var file : files.toList()) {
                    Files.deleteIfExists(file);
                }
            }
            Files.deleteIfExists(pictures);
        }
        Files.deleteIfExists(folder.resolve(RECORDS + ".new"));
        Files.deleteIfExists(folder.resolve(RECORDS));
        Files.deleteIfExists(folder.resolve(LOCK));
        Files.deleteIfExists(folder);
    }

    @Override
    public void close() throws IOException {
        channel.close();
        lockChannel.close();
    }
}
