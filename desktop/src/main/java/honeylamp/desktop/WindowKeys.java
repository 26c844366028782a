package honeylamp.desktop;

import honeylamp.desktop.command.Command;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.Finder;
import honeylamp.desktop.panel.LeftWorkPane;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.PagePicker;
import honeylamp.desktop.panel.PreviewPane;
import honeylamp.desktop.panel.StartPane;
import honeylamp.desktop.panel.guide.GuidePane;
import honeylamp.desktop.panel.guide.TourPane;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What keys do in the window. */
final class WindowKeys {
    private final Scene scene;
    private final WorkspaceModel model;
    private final PlanPane plan;
    private final MeasureLine measure;
    private final Finder finder;
    private final PagePicker pages;
    private final PreviewPane preview;
    private final LeftWorkPane leftWork;
    private final StartPane start;
    private final TourPane tour;
    private final GuidePane guide;
    private final WindowActions window;
    private final TypingFocus typing;
    private boolean swallowing;

    WindowKeys(
            Scene scene,
            WorkspaceModel model,
            PlanPane plan,
            MeasureLine measure,
            Finder finder,
            PagePicker pages,
            PreviewPane preview,
            LeftWorkPane leftWork,
            StartPane start,
            TourPane tour,
            GuidePane guide,
            WindowActions window) {
        this.scene = scene;
        this.model = model;
        this.plan = plan;
        this.measure = measure;
        this.finder = finder;
        this.pages = pages;
        this.preview = preview;
        this.leftWork = leftWork;
        this.start = start;
        this.tour = tour;
        this.guide = guide;
        this.window = window;
        this.typing = new TypingFocus(scene, window::focusPlan);
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

    /** What is being typed into a field of card or tray is taken. */
    void taken() {
        typing.taken();
    }

    private void pressed(KeyEvent e) {
        swallowing = false;
        if (pages.isVisible()) {
            pages.key(e);
            return;
        }
        if (preview.isVisible()) {
            preview.key(e);
            return;
        }
        if (leftWork.isVisible()) {
            leftWork.key(e);
            return;
        }
        if (start.isVisible()) {
            start.key(e);
            return;
        }
        if (tour.isVisible() && e.getCode() == KeyCode.ESCAPE) {
            tour.leave();
            e.consume();
            return;
        }
        if (guide.hasTheKeys() && e.getCode() == KeyCode.ESCAPE) {
            guide.close();
            e.consume();
            return;
        }
        if (guide.scrollsBy(e.getCode())) {
            return;
        }
        if (inText() && e.getCode() == KeyCode.ESCAPE && typing.escaped() || asked(e)) {
            e.consume();
        }
    }

    private boolean inText() {
        return scene.getFocusOwner() instanceof TextInputControl;
    }

    /** Does what keys ask for: a command, a stage or a tool. */
    private boolean asked(KeyEvent e) {
        var placed = inText() ? Optional.<Tool>empty() : model.now().stage().toolOf(e);
        if (placed.isPresent()) {
            model.use(placed.get());
            swallowing = true;
            return true;
        }
        if (!e.isControlDown() && e.getCode().isLetterKey() && (inText() || measure.takesWords())) {
            return false;
        }
        var command = window.commands().of(e, this::reaches);
        if (command.isPresent()) {
            if (command.get().place() == Command.Place.PLAN) {
                typing.taken(); // saving saves what stands in the field
            }
            if (window.commands().isPossible(command.get())) {
                command.get().action().run();
                swallowing = !e.isControlDown() && isSign(e.getCode());
            }
            return true;
        }
        var stage = WorkStage.of(e);
        stage.ifPresent(model::go);
        var tool = stage.isPresent() || inText() ? Optional.<Tool>empty() : Tool.of(e);
        tool.ifPresent(model::use);
        return stage.isPresent() || tool.isPresent();
    }

    private boolean reaches(Command.Where where) {
        return switch (where) {
            case ANYWHERE -> true;
            case OUTSIDE_TEXT -> !inText();
            case DRAWING -> scene.getFocusOwner() == plan;
        };
    }

    /** The sign of the key that asked for a command must not follow into the measure line. */
    private static boolean isSign(KeyCode code) {
        return code.isLetterKey() || code == KeyCode.EQUALS;
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
                && !start.isVisible()
                && measure.type(e.getCharacter())) {
            e.consume();
        }
    }
}
