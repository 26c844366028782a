package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewLighting;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.takeoff.brightness.LightingReport;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/** The five steps of a lighting plan with how far each is, as the plan itself says; a press shows what belongs to it. */
record LightingSteps(WorkspaceModel model, WindowActions window) {
    private static final List<String> NAMES =
            List.of("Base", "Activities", "Where light comes from", "Fittings", "Switches, sockets, walk");

    Node node(NewLighting.Step shown, boolean isOnView) {
        return live(
                "lighting-steps",
                report -> IntStream.range(0, NAMES.size())
                        .<Node>mapToObj(i -> row(i, report.map(r -> r.steps().get(i)), shown, isOnView))
                        .toList());
    }

    /** Nodes that are made anew when more is known of the storey worked on. */
    VBox live(String id, Function<Optional<LightingReport>, List<Node>> nodes) {
        var box = new VBox(4);
        box.setId(id);
        var known = model.shown().lighting().known();
        known.when(box.sceneProperty().map(Objects::nonNull).orElse(false))
                .map(now -> now.map(k -> k.answer())) // the same answer once more changes nothing under the pointer
                .subscribe(report -> box.getChildren().setAll(nodes.apply(report)));
        return box;
    }

    private ToggleButton row(int nth, Optional<LightingReport.Step> step, NewLighting.Step shown, boolean isOnView) {
        var isDone = step.filter(LightingReport.Step::isDone).isPresent();
        var button = button(nth, shown, isOnView);
        button.setText((isDone ? "\u2713 " : "\u2013 ") + NAMES.get(nth) + "\n"
                + step.map(LightingReport.Step::words).orElse("\u2026"));
        button.setAccessibleText(NAMES.get(nth)
                + (isDone ? ", done: " : ", not done: ")
                + step.map(LightingReport.Step::words).orElse("unknown"));
        button.setMinWidth(0);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setWrapText(true);
        button.setTextAlignment(TextAlignment.LEFT);
        button.getStyleClass().add("lighting-step");
        return button;
    }

    private ToggleButton button(int nth, NewLighting.Step shown, boolean isOnView) {
        if (nth == 0) {
            return Widgets.toggle(
                    NAMES.getFirst(),
                    "lighting-view",
                    "The storey in light grey with lights in full, on a page of its own; a second press goes back",
                    isOnView,
                    window.commands().of("lighting-view").action());
        }
        var step = NewLighting.Step.values()[nth - 1];
        return Widgets.toggle(
                NAMES.get(nth),
                "lighting-show-" + step.name().toLowerCase(Locale.ROOT),
                "Shows what belongs to this step",
                step == shown,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withLighting(model.now().choices().lighting().withStep(step))));
    }
}
