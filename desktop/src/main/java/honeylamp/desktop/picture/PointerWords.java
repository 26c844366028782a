package honeylamp.desktop.picture;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Point;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;

/** What is said beside the pointer, from the top: what was caught, the numbers of the gesture, the next step. */
final class PointerWords {
    private static final double BESIDE_PX = 16;
    private static final double BELOW_PX = 14;

    /** One label lies so far below the one before. */
    private static final double LINE_PX = 22;

    private static final double EDGE_PX = 4;

    private final WorkspaceModel model;
    private final Label caught = label("caught");
    private final Label numbers = label("beside-words");
    private final Label next = label("next-step");

    PointerWords(WorkspaceModel model) {
        this.model = model;
        numbers.setId("beside-words");
        next.setId("next-step");
    }

    private static Label label(String style) {
        var label = new Label();
        label.getStyleClass().add(style);
        label.setMouseTransparent(true);
        label.setVisible(false);
        return label;
    }

    /** What is shown, the lowest first. */
    List<Label> labels() {
        return List.of(numbers, next, caught);
    }

    void hide() {
        labels().forEach(l -> l.setVisible(false));
    }

    /**
     * Says what the gesture says, beside a place of the pane.
     *
     * @param at in px
     * @param isHere whether a pointer is over the pane
     */
    void show(Workspace now, Point at, double paneWidth, double paneHeight, boolean isHere) {
        var readout = model.readout();
        var word = readout.caught();
        put(caught, word, !word.isEmpty(), at, at.y() + BELOW_PX, paneWidth);
        var said = beside(now, readout);
        var below = at.y() + BELOW_PX + (word.isEmpty() ? 0 : LINE_PX);
        put(numbers, said, !said.isEmpty() && isHere, at, below, paneWidth);
        var under = numbers.isVisible() ? numbers.getLayoutY() + numbers.getHeight() : at.y() + BELOW_PX - 2;
        put(next, readout.hint(), isWanted(now, readout.hint()) && isHere, at, under + 2, paneWidth);
        next.setLayoutX(Math.max(EDGE_PX, next.getLayoutX()));
        next.setLayoutY(Math.min(next.getLayoutY(), paneHeight - next.getHeight() - EDGE_PX));
    }

    private static void put(Label label, String text, boolean isShown, Point at, double y, double paneWidth) {
        label.setVisible(isShown);
        label.setText(text);
        label.autosize();
        label.relocate(Math.min(at.x() + BESIDE_PX, paneWidth - label.getWidth() - EDGE_PX), y);
    }

    /** What comes next is said while something is under way. */
    private static boolean isWanted(Workspace now, String hint) {
        return now.choices().seen().nextStep() == Choices.NextStep.BESIDE_POINTER
                && now.gesture().underWay()
                && now.selection().isEmpty() // else its card says what can be done
                && !hint.isEmpty();
    }

    /** While something is drawn its lengths and angles, typed or live, and what the gesture says of itself. */
    private String beside(Workspace now, Readout readout) {
        var shown = now.gesture().underWay()
                ? readout.fields().stream()
                        .filter(f ->
                                f.ask().kind() == Ask.Kind.LENGTH || f.ask().kind() == Ask.Kind.ANGLE)
                        .map(f -> model.typing().get().echo(f.ask()).orElse(f.value()))
                : Stream.<String>empty();
        return Stream.concat(shown, Stream.of(readout.beside()))
                .filter(words -> !words.isBlank())
                .collect(Collectors.joining("   "));
    }
}
