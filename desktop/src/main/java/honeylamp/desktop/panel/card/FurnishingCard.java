package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Furnishings;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Sense;
import java.util.List;
import java.util.function.DoubleFunction;
import javafx.scene.Node;

/** A furnishing as typed values. */
record FurnishingCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Furnishing piece) {
        var id = piece.id();
        var label = Furnishings.of(piece.kind()).map(k -> k.label()).orElse(piece.kind());
        DoubleFunction<Plan> turned = deg -> FurnishingEdits.place(parts.plan(), parts.at(), id, piece.at(), deg);
        return List.of(
                Widgets.heading(label),
                parts.length(
                        "Width",
                        "piece-width",
                        piece.width(),
                        v -> Outcome.done(
                                FurnishingEdits.resize(parts.plan(), parts.at(), id, v, piece.depth(), piece.height())),
                        "Size furnishing"),
                parts.length(
                        "Depth",
                        "piece-depth",
                        piece.depth(),
                        v -> Outcome.done(
                                FurnishingEdits.resize(parts.plan(), parts.at(), id, piece.width(), v, piece.height())),
                        "Size furnishing"),
                parts.length(
                        "Height",
                        "piece-height",
                        piece.height(),
                        v -> Outcome.done(
                                FurnishingEdits.resize(parts.plan(), parts.at(), id, piece.width(), piece.depth(), v)),
                        "Size furnishing"),
                parts.angle("piece-turn", piece.turnDeg(), deg -> Outcome.done(turned.apply(deg)), "Turn furnishing"),
                Widgets.toggle(
                        "Mirrored",
                        "piece-mirrored",
                        "Left and right exchanged",
                        piece.sense() == Sense.MIRRORED,
                        () -> model.edit(FurnishingEdits.mirror(parts.plan(), parts.at(), id), "Mirror furnishing")),
                Widgets.row(
                        Widgets.button(
                                "Turn 90\u00b0",
                                "piece-turn-90",
                                "R does it too",
                                () -> model.edit(turned.apply(piece.turnDeg() + 90), "Turn furnishing")),
                        Widgets.button(
                                "Duplicate",
                                "piece-another",
                                "A second one beside it (" + Keys.DUPLICATE.text() + ")",
                                model.picked()::duplicate)),
                parts.delete());
    }
}
