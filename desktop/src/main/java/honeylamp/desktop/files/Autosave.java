package honeylamp.desktop.files;

import honeylamp.plan.Plan;
import honeylamp.store.Journal;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Writes every plan to the journal on a thread of its own, in order. */
public final class Autosave implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);
    private static final int CLOSING_SECONDS = 10;

    private final ExecutorService writer = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().name("autosave").factory());
    private final Journal journal;

    private Autosave(Journal journal) {
        this.journal = journal;
    }

    /** Autosave to a journal file. */
    public static Autosave to(Path file) {
        try {
            return new Autosave(Journal.open(file));
        } catch (IOException e) {
            throw new UncheckedIOException("the autosave journal " + file + " cannot be written", e);
        }
    }

    /** What an earlier run left unsaved. */
    public static Optional<Plan> leftBehind(Path file) {
        try {
            return Journal.recover(file);
        } catch (IOException e) {
            LOG.warn("the autosave journal {} cannot be read", file, e);
            return Optional.empty();
        }
    }

    /** Writes a plan soon. */
    public void write(Plan plan) {
        writer.execute(() -> {
            try {
                journal.append(plan);
            } catch (IOException e) {
                LOG.error("autosave failed; save the plan to a file", e);
            }
        });
    }

    /** Waits for what is being written, then removes the journal: the plan is safe or was given up. */
    public void finish() {
        close();
        try {
            journal.discard();
        } catch (IOException e) {
            LOG.warn("the autosave journal could not be removed", e);
        }
    }

    @Override
    public void close() {
        writer.shutdown();
        try {
            if (!writer.awaitTermination(CLOSING_SECONDS, TimeUnit.SECONDS)) {
                LOG.warn("autosave did not finish in {} s", CLOSING_SECONDS);
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
