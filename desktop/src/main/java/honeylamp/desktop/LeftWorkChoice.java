package honeylamp.desktop;

import honeylamp.desktop.panel.LeftWorkPane;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.FileTrouble;
import honeylamp.store.LeftWork;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What is done with work that an earlier run has left. */
final class LeftWorkChoice implements LeftWorkPane.Choice {
    private static final Logger LOG = LoggerFactory.getLogger(LeftWorkChoice.class);

    private final WorkspaceModel model;
    private final FileDesk files;
    private final Runnable showSheet;
    private final Runnable focusPlan;

    LeftWorkChoice(WorkspaceModel model, FileDesk files, Runnable showSheet, Runnable focusPlan) {
        this.model = model;
        this.files = files;
        this.showSheet = showSheet;
        this.focusPlan = focusPlan;
    }

    @Override
    public void goOn(LeftWork.Good work, Runnable done) {
        if (!work.stillLeft()) {
            model.complain("Another window has gone on with this work already.");
            done.run();
            return;
        }
        files.leaving(() -> {
            model.resume(work.origin(), work.plan(), () -> gone(work));
            showSheet.run();
            model.say(
                    work.unsaved()
                            ? "The work is back. " + Keys.UNDO.text() + " shows the plan without what was in no file."
                            : "The plan is back as it was saved.");
            done.run();
        });
    }

    /** Its journal is no longer needed: this window's own holds it. */
    private static void gone(LeftWork work) {
        try {
            work.remove();
        } catch (IOException e) {
            LOG.warn("the journal in {} cannot be removed; it will be offered again", work.folder(), e);
        }
    }

    @Override
    public void saveElsewhere(LeftWork.Good work, Runnable done) {
        files.saveElsewhere(work.document(), () -> {
            gone(work);
            done.run();
        });
    }

    @Override
    public void drop(LeftWork work, Runnable done) {
        try {
            work.remove();
            done.run();
        } catch (IOException e) {
            model.complain("It cannot be thrown away: " + FileTrouble.reason(e) + " (" + work.folder() + ").");
        }
    }

    @Override
    public void closed() {
        focusPlan.run();
    }
}
