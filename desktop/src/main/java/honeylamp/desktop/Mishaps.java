package honeylamp.desktop;

import honeylamp.desktop.workspace.WorkspaceModel;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The one place that meets what nobody else has caught: the window goes on with the newest plan, which is in
 * the journal, and a sentence says so.
 */
final class Mishaps {
    private static final Logger LOG = LoggerFactory.getLogger(Mishaps.class);

    private Mishaps() {}

    /** Meets them from now on, on every thread. */
    static void meet(WorkspaceModel model) {
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> {
            LOG.error("nobody caught this on {}", thread.getName(), e);
            Platform.runLater(() -> say(model, e));
        });
    }

    private static void say(WorkspaceModel model, Throwable e) {
        try {
            model.dropped("Something went wrong in the program (" + words(e)
                    + "). The plan is as it was before, and is kept; go on, and save it under another name if this"
                    + " comes again.");
        } catch (RuntimeException again) {
            LOG.error("it could not even be said", again);
        }
    }

    private static String words(Throwable e) {
        var said = e.getMessage();
        return said == null || said.isBlank() ? e.getClass().getSimpleName() : said;
    }
}
