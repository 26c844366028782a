package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Edging;
import honeylamp.edit.Outcome;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.BuildUpLayer.Board;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The layers of a build-up, one below the other, each with its name and thickness.
 *
 * @param id leads the ids of the fields
 * @param put takes the layers after a change, and what the change is called
 */
record LayerFields(WorkspaceModel model, String id, BiConsumer<List<BuildUpLayer>, String> put) {
    private static final Length NEXT = Length.ofMm(12.5);

    /**
     * The layers and a button for one more.
     *
     * @param first what the first one is when it is added
     */
    VBox of(List<BuildUpLayer> layers, Supplier<BuildUpLayer> first) {
        var box = new VBox(4);
        for (var i = 0; i < layers.size(); i++) {
            box.getChildren().add(layer(layers, i));
            box.getChildren().add(boards(layers, i));
        }
        box.getChildren().add(Widgets.button("Add layer", id + "-add", "Layers give the thickness", () -> {
            var more = new ArrayList<>(layers);
            more.add(layers.isEmpty() ? first.get() : new BuildUpLayer("Layer", NEXT));
            put.accept(more, "Add layer");
        }));
        return box;
    }

    private HBox layer(List<BuildUpLayer> layers, int index) {
        var layer = layers.get(index);
        var name = new WordField(
                "Name of layer " + (index + 1),
                id + "-name-" + index,
                layer.name(),
                text -> change(layers, index, layer.withName(text)));
        name.getStyleClass().add("name-field");
        var units = model.now().plan().units();
        var thickness = new TextField(LengthText.full(layer.thickness(), units));
        thickness.setId(id + "-" + index);
        thickness.setAccessibleText("Thickness of layer " + (index + 1));
        thickness.setOnAction(_ -> {
            switch (LengthReader.positive(thickness.getText(), units)) {
                case LengthReading.Good(var v) -> change(layers, index, layer.withThickness(v));
                case LengthReading.Bad(var sentence) -> model.complain(sentence);
            }
        });
        var gone = Widgets.button("\u00d7", id + "-gone-" + index, "Take this layer out", () -> {
            var left = new ArrayList<>(layers);
            left.remove(index);
            put.accept(left, "Take layer out");
        });
        var row = new HBox(4, name, thickness, gone);
        row.getStyleClass().add("row");
        return row;
    }

    /** Whether it comes in boards, and how wide and how long these are. */
    private HBox boards(List<BuildUpLayer> layers, int index) {
        var layer = layers.get(index);
        var row = new HBox(4);
        row.getStyleClass().add("row");
        var toggle = Widgets.toggle(
                "In boards",
                id + "-boards-" + index,
                "It comes in boards; the takeoff counts them",
                layer.board().isPresent(),
                () -> change(
                        layers,
                        index,
                        layer.withBoard(
                                layer.board().isPresent()
                                        ? Optional.empty()
                                        : Optional.of(
                                                Board.usual(model.now().plan().units())))));
        toggle.setMinWidth(Region.USE_PREF_SIZE);
        row.getChildren().add(toggle);
        layer.board()
                .ifPresent(board -> row.getChildren()
                        .addAll(
                                side("Width", index, board.width(), v -> put(layers, index, v, board.length())),
                                Widgets.quiet("\u00d7"),
                                side("Length", index, board.length(), v -> put(layers, index, board.width(), v))));
        return row;
    }

    private TextField side(String name, int index, Length value, Consumer<Length> taken) {
        var units = model.now().plan().units();
        var field = new TextField(LengthText.full(value, units));
        field.setId(id + "-board-" + name.toLowerCase(Locale.ROOT) + "-" + index);
        field.setAccessibleText(name + " of the boards of layer " + (index + 1));
        field.setOnAction(_ -> {
            switch (LengthReader.positive(field.getText(), units)) {
                case LengthReading.Good(var v) -> taken.accept(v);
                case LengthReading.Bad(var sentence) -> model.complain(sentence);
            }
        });
        return field;
    }

    private void put(List<BuildUpLayer> layers, int index, Length width, Length length) {
        switch (Edging.board(width, length, model.now().plan().units())) {
            case Outcome.Done<Board>(var board) ->
                change(layers, index, layers.get(index).withBoard(Optional.of(board)));
            case Outcome.Refused<Board> refused -> model.complain(refused.sentence("That cannot be"));
        }
    }

    private void change(List<BuildUpLayer> before, int index, BuildUpLayer layer) {
        var layers = new ArrayList<>(before);
        layers.set(index, layer);
        put.accept(layers, "Change layer");
    }
}
