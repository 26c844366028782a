package honeylamp.desktop;

import honeylamp.catalogue.OpeningSizes;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.NewOpening;
import honeylamp.desktop.panel.Commands;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.LeftWorkPane;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.PagePicker;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.Stage;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What keys do in the window. */
final class WindowKeys {
    private static final List<String> PARTS = List.of("#plan", "#card", "#trail", "#tray");
    private static final double STEP_PX = 12;
    private static final double FINE_STEP_PX = 1;

    private final Scene scene;
    private final WorkspaceModel model;
    private final PlanPane plan;
    private final MeasureLine measure;
    private final Finder finder;
    private final PagePicker pages;
    private final LeftWorkPane leftWork;
    private final Commands commands;
    private final TypingFocus typing;
    private boolean swallowing;

    WindowKeys(
            Scene scene,
            WorkspaceModel model,
            PlanPane plan,
            MeasureLine measure,
            Finder finder,
            PagePicker pages,
            LeftWorkPane leftWork,
            Commands commands) {
        this.scene = scene;
        this.model = model;
        this.plan = plan;
        this.measure = measure;
        this.finder = finder;
        this.pages = pages;
        this.leftWork = leftWork;
        this.commands = commands;
        this.typing = new TypingFocus(scene, commands::focusPlan);
        plan.pointedAt(typing::pointed);
    }

    void listen() {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        scene.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> {
            if (e.getCode() == KeyCode.SPACE) {
                plan.releaseHere();
            }
        });
    }

    private void pressed(KeyEvent e) {
        if (pages.isVisible()) {
            pages.key(e);
            return;
        }
        if (leftWork.isVisible()) {
            leftWork.key(e);
            return;
        }
        var inText = scene.getFocusOwner() instanceof TextInputControl;
        if (e.getCode() == KeyCode.F6) {
            nextPart();
            e.consume();
        } else if (inText && e.getCode() == KeyCode.ESCAPE && typing.escaped()) {
            e.consume();
        } else if (scene.getFocusOwner() == plan && pointing(e)
                || e.isControlDown() && !(inText && isTextKey(e)) && control(e)) {
            e.consume();
        } else if (!inText && !e.isControlDown() && plain(e)) {
            e.consume();
        }
    }

    /** Ctrl and A, C or X belong to the text field that has the keyboard. */
    private static boolean isTextKey(KeyEvent e) {
        return e.getCode() == KeyCode.A || e.getCode() == KeyCode.C || e.getCode() == KeyCode.X;
    }

    /** The pointer led by keys: arrows move it, finer with Shift; Space presses, and drags while held. */
    private boolean pointing(KeyEvent e) {
        var step = e.isShiftDown() ? FINE_STEP_PX : STEP_PX;
        switch (e.getCode()) {
            case LEFT, KP_LEFT -> plan.steer(-step, 0);
            case RIGHT, KP_RIGHT -> plan.steer(step, 0);
            case UP, KP_UP -> plan.steer(0, -step);
            case DOWN, KP_DOWN -> plan.steer(0, step);
            case SPACE -> plan.pressHere();
            default -> {
                return false;
            }
        }
        return true;
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
            case V -> {
                if (scene.getFocusOwner() instanceof TextInputControl) {
                    return false;
                }
                // where pictures are worked on a picture is meant, whatever was copied of a plan before
                if (model.now().stage() == Stage.UNDERLAY || !model.picked().paste()) {
                    commands.pastePicture();
                }
            }
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
            case D -> model.picked().duplicate();
            case A -> model.picked().all();
            case C -> model.picked().copy();
            case X -> model.picked().cut();
            case PLUS, EQUALS, ADD -> plan.zoom(1.25);
            case MINUS, SUBTRACT -> plan.zoom(0.8);
            default -> {
                return digit(e);
            }
        }
        return true;
    }

    /** Ctrl and a digit goes to a stage; Ctrl+0 to the last; with Shift to those between. */
    private boolean digit(KeyEvent e) {
        var stage = Stage.of(e);
        stage.ifPresent(model::go);
        return stage.isPresent();
    }

    private boolean plain(KeyEvent e) {
        if (measure.takesWords() && e.getCode().isLetterKey()) {
            return false;
        }
        switch (e.getCode()) {
            case ESCAPE -> model.escape();
            case DELETE, BACK_SPACE -> model.picked().delete();
            case L -> model.light(model.now().lamp().next());
            case R -> model.key(Gesture.Key.TURN);
            case F -> model.key(Gesture.Key.FLIP);
            case C -> model.key(Gesture.Key.CLOSE);
            case Q -> square();
            case N -> model.key(Gesture.Key.NEXT);
            case D ->
                model.chooseWithin(model.now()
                        .choices()
                        .withFace(model.now().choices().face().next()));
            case T -> next();
            case W -> nextWidth();
            case M -> model.use(Tool.MEASURE);
            case G -> commands.toggleGlance();
            case EQUALS -> put(model.now().measured());
            case H -> put(model.now().measured().map(Length::half));
            case U -> commands.toggleUnderlays();
            case B -> commands.toggleBeside();
            case P -> commands.toggleLines();
            case PAGE_UP -> model.climb(1);
            case PAGE_DOWN -> model.climb(-1);
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
                if (!model.now().gesture().underWay() || !measure.focusFirst()) {
                    nextTool();
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void typed(KeyEvent e) {
        if (swallowing) {
            swallowing = false;
            e.consume();
            return;
        }
        if (!(scene.getFocusOwner() instanceof TextInputControl)
                && !e.isControlDown()
                && !e.getCharacter().isBlank()
                && !finder.isVisible()
                && !pages.isVisible()
                && !leftWork.isVisible()
                && measure.type(e.getCharacter())) {
            e.consume();
        }
    }

    /** The keyboard goes on to the next part of the window that takes it. */
    private void nextPart() {
        var parts = PARTS.stream().map(scene::lookup).toList();
        var at = 0;
        for (Node node = scene.getFocusOwner(); node != null; node = node.getParent()) {
            at = Math.max(at, parts.indexOf(node));
        }
        for (var i = 1; i <= parts.size(); i++) {
            var first = firstStop(parts.get((at + i) % parts.size()));
            if (first.isPresent()) {
                first.get().requestFocus();
                return;
            }
        }
    }

    private static Optional<Node> firstStop(Node node) {
        if (!node.isVisible() || node.isDisabled()) {
            return Optional.empty();
        }
        if (node.isFocusTraversable()) {
            return Optional.of(node);
        }
        return node instanceof Parent p
                ? p.getChildrenUnmodifiable().stream()
                        .flatMap(c -> firstStop(c).stream())
                        .findFirst()
                : Optional.empty();
    }

    private void nextTool() {
        model.use(model.now().tool().next());
    }

    /** Puts a length into the measure line; the sign of the key that asked for it must not follow it there. */
    private void put(Optional<Length> length) {
        length.ifPresent(l -> {
            measure.put(l);
            swallowing = true;
        });
    }

    /** What is drawn or put in next changes only by this key or in the tray, and the pointer says what it is. */
    private void next() {
        if (model.now().stage() == Stage.OPENINGS) {
            nextKind();
        } else {
            nextType();
        }
    }

    private void nextKind() {
        var now = model.now();
        var kinds = OpeningKind.values();
        var kind = kinds[(now.choices().opening().kind().ordinal() + 1) % kinds.length];
        model.chooseWithin(
                now.choices().withOpening(NewOpening.of(kind, now.plan().units())));
    }

    private void nextWidth() {
        var now = model.now();
        if (now.stage() == Stage.OPENINGS) {
            var opening = now.choices().opening();
            var width = OpeningSizes.after(opening.kind(), now.plan().units(), opening.width());
            model.chooseWithin(now.choices().withOpening(opening.wide(width)));
        }
    }

    private void nextType() {
        var types = model.now().plan().wallTypes();
        var at = types.stream()
                .map(WallType::id)
                .toList()
                .indexOf(model.now().choices().wallType());
        model.chooseWithin(model.now()
                .choices()
                .withWallType(types.get((at + 1) % types.size()).id()));
    }

    private void square() {
        var choices = model.now().choices();
        var other = choices.angle() == Choices.Angle.SQUARE ? Choices.Angle.FREE : Choices.Angle.SQUARE;
        model.chooseWithin(choices.withAngle(other));
    }
}
