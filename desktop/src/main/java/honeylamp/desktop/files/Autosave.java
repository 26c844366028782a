package honeylamp.desktop.files;

import honeylamp.desktop.workspace.ActionLog;
import honeylamp.plan.Plan;
import honeylamp.store.FileTrouble;
import honeylamp.store.Journal;
import honeylamp.store.Origin;
import honeylamp.store.OwnerOnly;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Keeps a journal of the open document, on a thread of its own. An action waits until the one before it is
 * written, so that a kill loses at most the last; a disk that does not answer is waited for only briefly,
 * and then the newest plan is what gets written. What cannot be written is tried again until it can.
 */
public final class Autosave implements ActionLog, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT);
    private static final long LONGEST_WAIT_MS = 500;
    private static final long RETRY_MS = 2_000;
    private static final long SYNC_REST_MS = 20;
    private static final long CLOSING_MS = 10_000;

    private final Path home;
    private final Consumer<String> trouble;
    private final Thread writer = Thread.ofPlatform().name("autosave").unstarted(this::run);
    private final Thread syncer =
            Thread.ofPlatform().daemon().name("autosave sync").unstarted(this::syncing);

    // what is wanted on the disk; guarded by this
    private @Nullable Origin opened; // to begin a journal with
    private @Nullable Origin saved; // to begin it anew with
    private @Nullable Plan newest; // not written yet
    private final Map<String, byte[]> brought = new LinkedHashMap<>(); // not written yet, before the plan with them
    private final Map<String, byte[]> opening = new LinkedHashMap<>(); // not written yet, in the file opened too
    private @Nullable Runnable whenKept; // told once all that waits is written
    private boolean failing;
    private boolean closing;
    private boolean unsynced;

    private @Nullable Origin begun; // writer only: what the journal should have begun with
    private @Nullable Plan last; // writer only: the newest plan it was told
    private volatile @Nullable Journal journal; // set by the writer only

    private Autosave(Path home, Consumer<String> trouble) {
        this.home = home;
        this.trouble = trouble;
    }

    /**
     * An autosave that keeps its journals in the folder {@code journals} of a home.
     *
     * @param trouble told why the work is not being kept, and an empty text when it is again; on a thread of its own
     */
    public static Autosave in(Path home, Consumer<String> trouble) {
        var made = new Autosave(home, trouble);
        made.writer.start();
        made.syncer.start();
        return made;
    }

    /** Where the journals of a home are kept. */
    public static Path journals(Path home) {
        return home.resolve("journals");
    }

    @Override
    public synchronized void opened(Origin origin) {
        opened = origin;
        saved = null;
        newest = null;
        whenKept = null;
        brought.clear();
        opening.clear();
        opening.putAll(origin.document().assets());
        notifyAll();
    }

    @Override
    public synchronized void resumed(Origin origin, Plan plan, Runnable kept) {
        opened(origin);
        newest = plan;
        whenKept = kept;
        notifyAll();
    }

    @Override
    public synchronized void saved(Origin origin) {
        saved = origin;
        notifyAll();
    }

    @Override
    public synchronized void brought(String sha256, byte[] bytes) {
        brought.put(sha256, bytes);
        notifyAll();
    }

    @Override
    public synchronized void acted(Plan plan) {
        var until = System.nanoTime() + LONGEST_WAIT_MS * 1_000_000;
        try {
            while (pending() && !failing && System.nanoTime() < until) {
                wait(Math.max(1, (until - System.nanoTime()) / 1_000_000));
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
        newest = plan;
        notifyAll();
    }

    /** Whether something waits that must not be lost; pictures of a file opened may come after. */
    private boolean pending() {
        return opened != null || saved != null || !brought.isEmpty() || newest != null;
    }

    private void run() {
        while (awaitWork()) {
            try {
                write();
                told("");
            } catch (IOException e) {
                LOG.warn("autosave failed", e);
                told("Your work is not being kept against a crash: " + FileTrouble.reason(e) + " (" + home
                        + "). Save it to a file; autosave goes on by itself as soon as it can.");
            }
        }
    }

    /** Waits for something to write; false when all is written and the window has closed. */
    private synchronized boolean awaitWork() {
        try {
            if (failing && !closing) {
                wait(RETRY_MS);
            }
            while (!pending() && opening.isEmpty() && !closing) {
                wait();
            }
        } catch (InterruptedException _) {
            return false;
        }
        return (pending() || !opening.isEmpty() && !closing) && !(closing && failing);
    }

    /** Writes one thing that waits; it stays waiting if that fails. */
    private void write() throws IOException {
        var next = next();
        next.work.run();
        Runnable kept = null;
        synchronized (this) {
            next.taken.run();
            notifyAll();
            if (!pending() && opening.isEmpty()) {
                kept = whenKept;
                whenKept = null;
            }
        }
        if (kept != null) {
            kept.run();
        }
    }

    private interface Writing {
        void run() throws IOException;
    }

    private record Next(Writing work, Runnable taken) {}

    private synchronized Next next() {
        var toBegin = opened;
        if (toBegin != null) {
            return new Next(() -> begin(toBegin), () -> opened = opened == toBegin ? null : opened);
        }
        var toSave = saved;
        if (toSave != null) {
            return new Next(() -> resave(toSave), () -> saved = saved == toSave ? null : saved);
        }
        var first = !brought.isEmpty() ? brought : newest == null ? opening : Map.<String, byte[]>of();
        for (var picture : first.entrySet()) {
            return new Next(
                    () -> current().keep(picture.getKey(), picture.getValue()), () -> first.remove(picture.getKey()));
        }
        var toAppend = newest;
        return toAppend == null
                ? new Next(() -> {}, () -> {})
                : new Next(() -> append(toAppend), () -> newest = newest == toAppend ? null : newest);
    }

    private void begin(Origin origin) throws IOException {
        begun = origin;
        last = origin.document().plan();
        var old = journal;
        journal = null;
        if (old != null) {
            old.discard();
        }
        journal = fresh(origin, Journal.Begun.OPENED);
    }

    private Journal fresh(Origin origin, Journal.Begun stage) throws IOException {
        OwnerOnly.folder(home);
        OwnerOnly.folder(journals(home));
        var name =
                NAME.format(LocalDateTime.now()) + "-" + ProcessHandle.current().pid() + "-"
                        + UUID.randomUUID().toString().substring(0, 8);
        return Journal.begin(journals(home).resolve(name), origin, stage);
    }

    private void resave(Origin origin) throws IOException {
        begun = origin;
        var at = last == null ? origin.document().plan() : last;
        var now = journal;
        if (now == null) {
            journal = fresh(origin, Journal.Begun.SAVED);
            current().append(at);
        } else {
            now.saved(origin, at);
        }
    }

    private void append(Plan plan) throws IOException {
        last = plan;
        current().append(plan);
        synchronized (this) {
            unsynced = true;
            notifyAll();
        }
    }

    /** The journal; begun now if that could not be done before. */
    private Journal current() throws IOException {
        var known = journal;
        if (known != null) {
            return known;
        }
        if (begun == null) {
            throw new IOException("no document was opened");
        }
        var made = fresh(begun, Journal.Begun.OPENED);
        journal = made;
        return made;
    }

    /** Puts on the disk what was written, so that actions do not wait for it. */
    private void syncing() {
        try {
            while (true) {
                synchronized (this) {
                    while (!unsynced) {
                        wait();
                    }
                    unsynced = false;
                }
                var now = journal;
                if (now != null) {
                    now.sync();
                }
                Thread.sleep(SYNC_REST_MS);
            }
        } catch (InterruptedException _) {
            // the window closes
        } catch (IOException e) {
            LOG.warn("the journal cannot be synced", e);
            told("Your work is not being kept against a loss of power: " + FileTrouble.reason(e) + ".");
        }
    }

    private void told(String sentence) {
        synchronized (this) {
            var was = failing;
            failing = !sentence.isEmpty();
            notifyAll();
            if (!was && !failing) {
                return;
            }
        }
        trouble.accept(sentence);
    }

    /** Waits for what is being written, then removes the journal: the plan is safe or was given up. */
    public void finish() {
        close();
        var kept = journal;
        journal = null;
        if (kept != null) {
            try {
                kept.discard();
            } catch (IOException e) {
                LOG.warn("the autosave journal could not be removed", e);
            }
        }
    }

    @Override
    public void close() {
        synchronized (this) {
            closing = true;
            notifyAll();
        }
        try {
            writer.join(CLOSING_MS);
            syncer.interrupt();
            syncer.join(CLOSING_MS);
            var kept = journal;
            if (kept != null) {
                kept.sync();
                kept.close();
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        } catch (IOException e) {
            LOG.warn("the autosave journal could not be closed", e);
        }
    }
}
