package honeylamp.desktop;

import honeylamp.desktop.panel.TopBar;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.output.Progress;
import honeylamp.store.FileTrouble;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Slow work on files, on threads of its own. */
final class Errands {
    private static final Logger LOG = LoggerFactory.getLogger(Errands.class);

    private final WorkspaceModel model;
    private final TopBar top;
    private int underWay;

    Errands(WorkspaceModel model, TopBar top) {
        this.model = model;
        this.top = top;
    }

    /** Whether something is under way. */
    boolean busy() {
        return underWay > 0;
    }

    /** Reads or writes something; tells how far it has come. */
    interface Reading<T> {
        T read(Progress progress) throws Exception;
    }

    /** Work that can be ended and tells how far it has come. */
    static <T> Task<T> work(String title, Reading<T> reading) {
        return new Task<>() {
            @Override
            protected T call() throws Exception {
                updateTitle(title);
                return reading.read(share -> {
                    if (isCancelled()) {
                        throw new Progress.Cancelled();
                    }
                    updateProgress(share, 1);
                });
            }
        };
    }

    /** Reads something and goes on with it, or says why it could not be. */
    <T> void run(String title, Reading<T> reading, Consumer<T> then) {
        follow(
                work(title, reading),
                then,
                () -> model.say("Ended; nothing was opened."),
                e -> model.complainOfFile(title + " failed: " + reason(e) + "."),
                () -> {});
    }

    /** Begins work; what comes of it is told on the interface thread. */
    <T> void follow(Task<T> work, Consumer<T> done, Runnable cancelled, Consumer<Throwable> failed, Runnable last) {
        underWay++;
        Runnable over = () -> {
            underWay--;
            last.run();
        };
        work.setOnSucceeded(_ -> {
            over.run();
            done.accept(work.getValue());
        });
        work.setOnCancelled(_ -> {
            over.run();
            cancelled.run();
        });
        work.setOnFailed(_ -> {
            over.run();
            LOG.warn("{} failed", work.getTitle(), work.getException());
            failed.accept(work.getException());
        });
        top.follow(work);
        Thread.ofPlatform().daemon().name("files").start(work);
    }

    /** Why it failed, for people. */
    static String reason(Throwable e) {
        return e instanceof Exception x ? FileTrouble.reason(x) : String.valueOf(e.getMessage());
    }
}
