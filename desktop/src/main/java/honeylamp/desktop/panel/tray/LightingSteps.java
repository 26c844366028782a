package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewLighting;
import honeylamp.desktop.panel.part.SteadyBox;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.takeoff.brightness.LightingReport;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;

/** The five steps of a lighting plan with how far each is, as the plan itself says; a press shows what belongs to it. */
record LightingSteps(WorkspaceModel model, WindowActions window) {
    private static final List<String> NAMES =
            List.of("Base", "Activities", "Light wanted", "Fittings", "Switches, sockets");

    private static final List<String> TIPS = List.of(
            "What is done where, and the way one faces there",
            "Where light should come from, room by room, and how bright it is",
            "Lights, singly and in rows",
            "What switches them, power and data, and the ways of the night",
            "Spacing, reach, sockets, light that is wanted, usual heights");

    /** The steps keep their places: only their words change when more is known, so that no press misses its mark. */
    Node node(NewLighting.Step shown, boolean isOnView) {
        var box = new VBox(3);
        box.setId("lighting-steps");
        var rows = IntStream.range(0, NAMES.size())
                .mapToObj(i -> new Row(i, button(i, shown, isOnView)))
                .toList();
        rows.forEach(row -> box.getChildren().add(row.button));
        known(
                box,
                report -> rows.forEach(row -> row.tell(report.map(r -> r.steps().get(row.nth)))));
        return box;
    }

    /** Nodes that are made anew when more is known of the storey worked on, but not under a press. */
    Node live(String id, Function<Optional<LightingReport>, List<Node>> nodes) {
        var box = new SteadyBox(id);
        known(box, report -> box.show(nodes.apply(report)));
        return box;
    }

    /** Tells what is known now, and whenever it changes while a node is in the window. */
    private void known(Node node, Consumer<Optional<LightingReport>> tell) {
        model.shown()
                .lighting()
                .known()
                .when(node.sceneProperty().map(Objects::nonNull).orElse(false))
                .map(now -> now.map(k -> k.answer())) // the same answer once more changes nothing
                .subscribe(tell);
    }

    /** A step: a tick, its name, and under it in one line how far it is. */
    private record Row(int nth, ToggleButton button, Label name, Label words) {
        Row(int nth, ToggleButton button) {
            this(nth, button, new Label(), new Label());
            words.getStyleClass().add("step-words");
            button.setGraphic(new VBox(name, words));
            button.setText(""); // its words are in two sizes
            button.setMinWidth(0);
            button.setMaxWidth(Double.MAX_VALUE);
            button.getStyleClass().add("lighting-step");
        }

        void tell(Optional<LightingReport.Step> step) {
            var isDone = step.filter(LightingReport.Step::isDone).isPresent();
            name.setText((isDone ? "\u2713 " : "\u2013 ") + NAMES.get(nth));
            words.setText(step.map(LightingReport.Step::words).orElse("\u2026"));
            button.setAccessibleText(NAMES.get(nth)
                    + (isDone ? ", done: " : ", not done: ")
                    + (step.isPresent() ? words.getText() : "unknown"));
        }
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
                TIPS.get(nth - 1),
                step == shown,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withLighting(model.now().choices().lighting().withStep(step))));
    }
}
