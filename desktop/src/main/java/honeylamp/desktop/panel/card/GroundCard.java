package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.Grounds;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Ground;
import honeylamp.plan.Surface;
import honeylamp.units.AreaText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;

/** Ground around the building: what it is used for, how large it is, how far buildings keep from a boundary. */
record GroundCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Ground ground) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(Grounds.label(ground.use())));
        out.add(Widgets.menu(
                Grounds.label(ground.use()),
                "ground-use",
                "What the ground is used for",
                Arrays.stream(Ground.Use.values()).map(Grounds::label).toList(),
                index -> model.edit(
                        GroundEdits.change(
                                parts.plan(), parts.at(), ground.id(), g -> g.used(Ground.Use.values()[index])),
                        "Use ground")));
        out.add(Widgets.fact("Area", AreaText.both(ground.ring().area())));
        if (ground.use() == Ground.Use.PLOT) {
            out.add(parts.distance(
                    "Setback",
                    "ground-setback",
                    ground.setback(),
                    v -> Outcome.done(GroundEdits.change(parts.plan(), parts.at(), ground.id(), g -> g.withSetback(v))),
                    "Set back"));
            out.add(Widgets.quiet("A building that comes nearer to the boundary than this is a snag."));
        }
        if (ground.use() != Ground.Use.PLOT) {
            out.add(parts.folding(
                    "Laid with something else",
                    parts.covering(List.of(new Surface.Site(ground.id())), "site", Place.GROUND, "Lay ground")
                            .toArray(Node[]::new)));
        }
        out.add(parts.delete());
        return out;
    }
}
