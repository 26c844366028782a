package honeylamp.desktop.panel;

import honeylamp.desktop.gesture.Choices.Docked;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.util.Duration;

/** The counter of snags; pressed, it opens their list below the drawing, or closes it. */
public final class SnagCounter extends Button {
    private static final PseudoClass CLEAN = PseudoClass.getPseudoClass("clean");

    /** While snags are looked for. */
    static final String LOOKING = "Looking for snags\u2026";

    private final WorkspaceModel model;
    private final Tooltip about = new Tooltip("What is probably wrong, in a list below the drawing");
    private final PauseTransition soon = new PauseTransition(Duration.millis(400));

    /** A counter on a model. */
    public SnagCounter(WorkspaceModel model) {
        this.model = model;
        setId("snags");
        getStyleClass().add("snags");
        setMinWidth(USE_PREF_SIZE);
        setTooltip(about);
        setOnAction(_ -> {
            var choices = model.now().choices();
            model.chooseWithin(
                    choices.withDocked(choices.round().docked() == Docked.SNAGS ? Docked.NOTHING : Docked.SNAGS));
        });
        soon.setOnFinished(_ -> setText(LOOKING));
        model.state().subscribe(_ -> update());
        model.shown().search().known().subscribe(_ -> update());
    }

    private void update() {
        switch (model.shown().search().known().get().progress()) {
            case LOOKING -> soon.play(); // what was known stays, unless it takes long
            case STOPPED -> {
                soon.stop();
                setText("Snags not looked for");
            }
            case DONE -> {
                soon.stop();
                var here = model.shown().snags().size();
                var elsewhere = model.shown().snagsElsewhere().size();
                setText(elsewhere == 0 ? counted(here, 0) : here + " + " + elsewhere + " snags");
                pseudoClassStateChanged(CLEAN, here == 0 && elsewhere == 0);
                about.setText(counted(here, elsewhere) + ": what is probably wrong, in a list below the drawing");
                setAccessibleText(about.getText());
                return;
            }
        }
        Widgets.named(this, getText());
    }

    /** How many there are, in words. */
    static String counted(int here, int elsewhere) {
        var words = here == 0 ? "No snags" : here == 1 ? "1 snag" : here + " snags";
        return elsewhere == 0 ? words : words + " here, " + elsewhere + " on other storeys";
    }
}
