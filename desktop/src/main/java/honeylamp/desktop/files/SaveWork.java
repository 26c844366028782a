package honeylamp.desktop.files;

import honeylamp.output.Progress;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import java.nio.file.Path;
import javafx.concurrent.Task;

/** Saves a plan off the interface thread; can be cancelled and tells how far it has come. */
public final class SaveWork extends Task<Origin> {
    private static final double PICTURED = 0.7;

    private final PlanDocument document;
    private final Path file;

    /** The work of saving a document to a file. */
    public SaveWork(PlanDocument document, Path file) {
        this.document = document;
        this.file = file;
        updateTitle("Saving");
    }

    @Override
    protected Origin call() throws Exception {
        var preview = Preview.png(document.plan(), share -> at(PICTURED * share));
        PlanFile.save(document, preview, file, share -> at(PICTURED + (1 - PICTURED) * share));
        return Origin.in(file, document);
    }

    private void at(double share) throws Progress.Cancelled {
        if (isCancelled()) {
            throw new Progress.Cancelled();
        }
        updateProgress(share, 1);
    }
}
