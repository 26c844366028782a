package honeylamp.desktop.panel;

import honeylamp.derive.ClearDistances;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.OpeningEdits;
import honeylamp.plan.Opening;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** An opening as typed values, both distances along its wall among them. */
record OpeningCard(WorkspaceModel model, CardParts parts) {
    List<Node> of(Opening opening) {
        var id = opening.id();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(opening.kind().label()));
        out.add(parts.length(
                "Width",
                "opening-card-width",
                opening.width(),
                v -> OpeningEdits.setWidth(parts.plan(), parts.at(), id, v),
                "Set width"));
        model.now().currentStorey().wall(opening.host()).ifPresent(host -> {
            var middle = opening.offset().mm() + opening.width().mm() / 2;
            var stretch = ClearDistances.around(model.geometry().network(), host, middle);
            out.add(parts.distance(
                    "Before",
                    "opening-before",
                    Length.ofMm(Math.max(0, stretch.beforeMm(opening))),
                    v -> OpeningEdits.setBefore(parts.plan(), parts.at(), id, stretch, v),
                    "Move opening"));
            out.add(parts.distance(
                    "After",
                    "opening-after",
                    Length.ofMm(Math.max(0, stretch.afterMm(opening))),
                    v -> OpeningEdits.setAfter(parts.plan(), parts.at(), id, stretch, v),
                    "Move opening"));
        });
        out.add(parts.distance(
                "Sill",
                "opening-sill",
                opening.sill(),
                v -> OpeningEdits.setHeights(parts.plan(), parts.at(), id, v, opening.head()),
                "Set sill"));
        out.add(parts.length(
                "Head",
                "opening-head",
                opening.head(),
                v -> OpeningEdits.setHeights(parts.plan(), parts.at(), id, opening.sill(), v),
                "Set head"));
        if (opening.kind().hasLeaf()) {
            out.add(Widgets.row(
                    Widgets.button(
                            "Other hand",
                            "flip-hand",
                            "R does it too",
                            () -> model.edit(OpeningEdits.flipHand(parts.plan(), parts.at(), id), "Change hand")),
                    Widgets.button(
                            "Other side",
                            "flip-side",
                            "F does it too",
                            () -> model.edit(OpeningEdits.flipSwing(parts.plan(), parts.at(), id), "Change side"))));
        }
        out.add(parts.delete());
        return out;
    }
}
