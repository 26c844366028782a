package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.LightWork;
import honeylamp.desktop.workspace.LightWork.Far;
import honeylamp.desktop.workspace.LightWork.State;
import honeylamp.units.Words;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;

/** How far the light of what is seen has come; it can be left at that. */
final class LightFar extends VBox {
    private static final double APART = 4;

    LightFar(LightWork work) {
        super(APART);
        setId("light-far");
        var bar = new ProgressBar();
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setAccessibleText("How far the light is worked out");
        bar.progressProperty().bind(work.known().map(Far::share));
        var words = Widgets.quiet("");
        words.textProperty().bind(work.known().map(LightFar::words));
        var stop = Widgets.button(
                "Leave it at that", "light-stop", "The light stays as it is now, until something changes", work::stop);
        var isGoing = work.known().map(f -> f.state() == State.GOING);
        for (var node : new javafx.scene.Node[] {bar, words, stop}) {
            node.visibleProperty().bind(isGoing);
            node.managedProperty().bind(isGoing);
        }
        getChildren().addAll(bar, words, stop);
    }

    private static String words(Far far) {
        return Words.of("Light: %.0f %% is worked out.", 100 * far.share());
    }
}
