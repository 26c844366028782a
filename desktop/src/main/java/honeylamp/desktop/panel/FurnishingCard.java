package honeylamp.desktop.panel;

import honeylamp.catalogue.Furnishings;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.plan.Furnishing;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

/** A furnishing as typed values. */
record FurnishingCard(WorkspaceModel model, CardParts parts) {
    List<Node> of(Furnishing piece) {
        var id = piece.id();
        var label = Furnishings.of(piece.kind()).map(k -> k.label()).orElse(piece.kind());
        var turn = new TextField("%.1f".formatted(piece.turnDeg()));
        turn.setId("piece-turn");
        turn.setAccessibleText("Turn in degrees");
        Consumer<Double> turned = deg ->
                model.edit(FurnishingEdits.place(parts.plan(), parts.at(), id, piece.at(), deg), "Turn furnishing");
        turn.setOnAction(_ -> {
            try {
                turned.accept(Double.parseDouble(turn.getText().strip().replace(',', '.')));
            } catch (NumberFormatException _) {
                model.complain("\"" + turn.getText() + "\" is no angle; type degrees, for example 45.");
            }
        });
        var turnName = new Label("Turn");
        turnName.getStyleClass().add("field-name");
        return List.of(
                Widgets.heading(label),
                parts.length(
                        "Width",
                        "piece-width",
                        piece.width(),
                        v -> FurnishingEdits.resize(parts.plan(), parts.at(), id, v, piece.depth(), piece.height()),
                        "Size furnishing"),
                parts.length(
                        "Depth",
                        "piece-depth",
                        piece.depth(),
                        v -> FurnishingEdits.resize(parts.plan(), parts.at(), id, piece.width(), v, piece.height()),
                        "Size furnishing"),
                parts.length(
                        "Height",
                        "piece-height",
                        piece.height(),
                        v -> FurnishingEdits.resize(parts.plan(), parts.at(), id, piece.width(), piece.depth(), v),
                        "Size furnishing"),
                Widgets.row(turnName, Widgets.spring(), turn, Widgets.quiet("\u00b0")),
                Widgets.row(
                        Widgets.button(
                                "Turn 90\u00b0",
                                "piece-turn-90",
                                "R does it too",
                                () -> turned.accept(piece.turnDeg() + 90)),
                        Widgets.button(
                                "Another", "piece-another", "A second one beside it (Ctrl+D)", model::duplicatePicked)),
                parts.delete());
    }
}
