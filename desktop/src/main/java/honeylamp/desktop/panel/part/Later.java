package honeylamp.desktop.panel.part;

import javafx.application.Platform;

/** Work put off until the toolkit is done with what it is at: nodes must not change places while it reads them. */
public final class Later {
    private final Runnable work;
    private boolean asked;

    /** Puts off this work. */
    public Later(Runnable work) {
        this.work = work;
    }

    /** Asks for the work to be done soon; asked for again before that it is done once. */
    public void ask() {
        if (!asked) {
            asked = true;
            Platform.runLater(() -> {
                asked = false;
                work.run();
            });
        }
    }
}
