package honeylamp.desktop.panel.guide;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The tour: what is spoken of is outlined, and a card says what it is. It lies over the window and holds nothing up. */
public final class TourPane extends Pane {
    private static final double CARD_PX = 320;
    private static final double OUTLINE_PX = 3;

    /** Above what floats at the lower edge. */
    private static final double BELOW_PX = 96;

    private final WorkspaceModel model;
    private final WindowActions window;
    private final List<TourStep> steps = TourStep.all();
    private final Region outline = new Region();
    private final VBox card = new VBox(8);
    private final Later placed = new Later(this::place);
    private int at;

    /** A tour of a window, put away at first. */
    public TourPane(WorkspaceModel model, WindowActions window) {
        this.model = model;
        this.window = window;
        setId("tour");
        setPickOnBounds(false);
        outline.getStyleClass().add("tour-outline");
        outline.setMouseTransparent(true);
        card.getStyleClass().add("tour-card");
        outline.setManaged(false); // both are placed by hand
        card.setManaged(false);
        getChildren().addAll(outline, card);
        setVisible(false);
        widthProperty().subscribe(placed::ask);
        heightProperty().subscribe(placed::ask);
        model.state().subscribe(_ -> {
            if (isVisible()) {
                placed.ask();
            }
        });
    }

    /** Begins at the first step. */
    public void begin() {
        setVisible(true);
        show(0);
    }

    /** Ends it; the plan stays open as it is. */
    public void leave() {
        setVisible(false);
        card.getChildren().clear(); // or its button would take Enter
        window.focusPlan();
    }

    private void show(int step) {
        at = step;
        var now = steps.get(step);
        now.goes().accept(model, window);
        var heading = Widgets.heading(now.heading());
        var words = new Label(now.words());
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.getStyleClass().add("tour-words");
        var count = Widgets.quiet(step + 1 + " of " + steps.size());
        count.setMinWidth(Region.USE_PREF_SIZE);
        var back = Widgets.button("Back", "tour-back", "The step before", () -> show(at - 1));
        back.setDisable(step == 0);
        var isLast = step == steps.size() - 1;
        var next = Widgets.button(
                isLast ? "Done" : "Next", "tour-next", isLast ? "Ends the tour" : "The next step", this::next);
        next.setDefaultButton(true);
        var leave = Widgets.button("Leave", "tour-leave", "Ends the tour; Esc does it too", this::leave);
        card.getChildren().setAll(heading, words, Widgets.row(count, Widgets.spring(), leave, back, next));
        for (var button : List.<Button>of(leave, back, next)) {
            button.setMinWidth(Region.USE_PREF_SIZE);
        }
        next.requestFocus();
        placed.ask();
    }

    private void next() {
        if (at + 1 < steps.size()) {
            show(at + 1);
        } else {
            leave();
        }
    }

    /** Once the window is laid out: around what is spoken of, and the card over the drawing, clear of it. */
    private void place() {
        if (!isVisible() || getScene() == null) {
            return;
        }
        var found = getScene().lookup("#" + steps.get(at).node());
        outline.setVisible(isSeen(found));
        card.setPrefWidth(CARD_PX * larger());
        card.applyCss();
        card.autosize();
        var drawing = sceneToLocal(bounds(getScene().lookup("#plan")));
        var x = drawing.getCenterX() - card.getWidth() / 2;
        var y = getHeight() - BELOW_PX * larger() - card.getHeight();
        if (isSeen(found)) {
            var around = sceneToLocal(bounds(found));
            outline.resizeRelocate(
                    Math.max(0, around.getMinX() - OUTLINE_PX),
                    Math.max(0, around.getMinY() - OUTLINE_PX),
                    Math.min(getWidth(), around.getMaxX() + OUTLINE_PX) - Math.max(0, around.getMinX() - OUTLINE_PX),
                    Math.min(getHeight(), around.getMaxY() + OUTLINE_PX) - Math.max(0, around.getMinY() - OUTLINE_PX));
            if (around.getMinX() >= drawing.getMinX() && around.getMinX() > x && around.getMaxY() > y) {
                x = Math.min(x, around.getMinX() - card.getWidth() - 2 * OUTLINE_PX); // a card of what is picked
            }
        }
        card.relocate(Math.max(0, x), Math.max(0, y));
    }

    /** How much larger words are than usual. */
    private double larger() {
        return window.style().textPercent() / 100.0;
    }

    private static boolean isSeen(@Nullable Node node) {
        return node != null
                && node.isVisible()
                && node.getParent() != null
                && node.getParent().isVisible();
    }

    private static Bounds bounds(Node node) {
        return node.localToScene(node.getBoundsInLocal());
    }
}
