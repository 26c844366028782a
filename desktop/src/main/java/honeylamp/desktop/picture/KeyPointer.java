package honeylamp.desktop.picture;

import javafx.scene.Group;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/** The pointer while arrow keys lead it: where it is, in pixels of the pane, and the ring that shows it. */
final class KeyPointer extends Group {
    private static final double RING_PX = 7;
    private static final double TICK_PX = 5;

    private double mouseScreenX = Double.NaN;
    private double mouseScreenY = Double.NaN;
    private boolean pressing;

    KeyPointer() {
        setId("key-pointer");
        setMouseTransparent(true);
        setVisible(false);
        var ring = new Circle(RING_PX);
        ring.getStyleClass().add("key-pointer");
        getChildren().add(ring);
        for (var way : new int[][] {{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
            var tick = new Line(
                    way[0] * RING_PX, way[1] * RING_PX, way[0] * (RING_PX + TICK_PX), way[1] * (RING_PX + TICK_PX));
            tick.getStyleClass().add("key-pointer");
            getChildren().add(tick);
        }
    }

    /** Whether the keys lead, not the mouse. */
    boolean leads() {
        return isVisible();
    }

    void lead(double x, double y) {
        setTranslateX(x);
        setTranslateY(y);
        setVisible(true);
    }

    /** Space went down; a repeat of a key held down is no second press. */
    boolean press() {
        var first = !pressing;
        pressing = true;
        return first;
    }

    /** Space went up. */
    boolean release() {
        var was = pressing;
        pressing = false;
        return was;
    }

    boolean pressing() {
        return pressing;
    }

    /**
     * Whether the mouse truly moved. The toolkit repeats the last move of a resting mouse whenever the
     * layout changes; while keys lead, that must not pull the pointer back.
     */
    boolean yieldsTo(MouseEvent move) {
        var unknown = Double.isNaN(mouseScreenX); // the first report is where the mouse rests already
        var rests = unknown || move.getScreenX() == mouseScreenX && move.getScreenY() == mouseScreenY;
        mouseScreenX = move.getScreenX();
        mouseScreenY = move.getScreenY();
        if (rests && leads()) {
            return false;
        }
        setVisible(false);
        return true;
    }
}
