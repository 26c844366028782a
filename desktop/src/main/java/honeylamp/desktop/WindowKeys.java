package honeylamp.desktop;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.panel.Commands;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.Stage;
import honeylamp.desktop.workspace.WorkspaceModel;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What keys do in the window. */
record WindowKeys(
        Scene scene, WorkspaceModel model, PlanPane plan, MeasureLine measure, Finder finder, Commands commands) {
    void listen() {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        scene.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
    }

    private void pressed(KeyEvent e) {
        var inText = scene.getFocusOwner() instanceof TextInputControl;
        if (e.isControlDown() && control(e)) {
            e.consume();
        } else if (!inText && !e.isControlDown() && plain(e)) {
            e.consume();
        }
    }

    private boolean control(KeyEvent e) {
        switch (e.getCode()) {
            case N -> commands.newPlan();
            case O -> commands.openPlan();
            case S -> {
                if (e.isShiftDown()) {
                    commands.savePlanAs();
                } else {
                    commands.savePlan();
                }
            }
            case I -> commands.bringInPicture();
            case E -> commands.exportSheet();
            case K -> commands.find();
            case Q -> commands.leave();
            case Z -> {
                if (e.isShiftDown()) {
                    model.redo();
                } else {
                    model.undo();
                }
            }
            case Y -> model.redo();
            case D -> commands.duplicate();
            case PLUS, EQUALS, ADD -> plan.zoom(1.25);
            case MINUS, SUBTRACT -> plan.zoom(0.8);
            default -> {
                return digit(e);
            }
        }
        return true;
    }

    /** Ctrl and a digit goes to a stage; Ctrl+0 to the last. */
    private boolean digit(KeyEvent e) {
        if (!e.getCode().isDigitKey()) {
            return false;
        }
        var digit = e.getCode().ordinal() - KeyCode.DIGIT0.ordinal();
        if (digit < 0 || digit > 9) {
            return false;
        }
        model.go(Stage.values()[(digit + 9) % 10]);
        return true;
    }

    private boolean plain(KeyEvent e) {
        if (measure.takesWords() && e.getCode().isLetterKey()) {
            return false;
        }
        switch (e.getCode()) {
            case ESCAPE -> model.escape();
            case DELETE, BACK_SPACE -> model.deletePicked();
            case L -> model.light(model.now().lamp().next());
            case R -> model.key(Gesture.Key.TURN);
            case F -> model.key(Gesture.Key.FLIP);
            case C -> model.key(Gesture.Key.CLOSE);
            case Q -> square();
            case U -> commands.toggleUnderlays();
            case HOME -> commands.showStorey();
            case END -> commands.showSheet();
            case ENTER -> {
                if (scene.getFocusOwner() != plan) {
                    return false;
                }
                measure.enterFromPlan();
            }
            case TAB -> {
                if (scene.getFocusOwner() != plan || e.isShiftDown()) {
                    return false;
                }
                nextTool();
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void typed(KeyEvent e) {
        if (!(scene.getFocusOwner() instanceof TextInputControl)
                && !e.isControlDown()
                && !finder.isVisible()
                && measure.type(e.getCharacter())) {
            e.consume();
        }
    }

    private void nextTool() {
        var now = model.now();
        model.use(now.stage(), (now.tool() + 1) % now.stage().tools().size());
    }

    private void square() {
        var choices = model.now().choices();
        var other = choices.angle() == Choices.Angle.SQUARE ? Choices.Angle.FREE : Choices.Angle.SQUARE;
        model.chooseWithin(choices.withAngle(other));
    }
}
