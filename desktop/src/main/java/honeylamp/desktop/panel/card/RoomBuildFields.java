package honeylamp.desktop.panel.card;

import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.rooms.Room;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.RoomFit;
import honeylamp.plan.RoomMark;
import honeylamp.plan.View;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What a room is built of beside its finishes: its floor's layers, its plinth; and how its walls look from the front. */
record RoomBuildFields(WorkspaceModel model, CardFields parts) {
    /** What the floor is built up of below its covering, and how high its top comes. */
    List<Node> belowFloor(Room room) {
        var fit = room.mark().map(RoomMark::fit).orElse(RoomFit.NONE);
        var out = new ArrayList<Node>();
        out.add(new LayerFields(model, "floor-layer", (layers, action) -> {
                    if (layers.size() > RoomFit.MOST_LAYERS) {
                        model.complain("A floor has at most " + RoomFit.MOST_LAYERS + " layers here.");
                    } else {
                        model.edit(
                                RoomEdits.fit(parts.plan(), parts.at(), room, f -> f.withFloorLayers(layers)), action);
                    }
                })
                .of(fit.floorLayers(), () -> new BuildUpLayer("Screed", Length.ofMm(65))));
        out.add(parts.place(
                "Raw floor higher by",
                "raw-floor",
                fit.rawFloor(),
                v -> Outcome.done(RoomEdits.fit(parts.plan(), parts.at(), room, f -> f.withRawFloor(v))),
                "Raise raw floor"));
        room.mark().flatMap(FloorSteps::top).ifPresent(top -> {
            var units = parts.plan().units();
            var covering = FloorSteps.covering(room.mark().orElseThrow());
            out.add(Widgets.fact("Top above the raw floor of the storey", LengthText.roundedWithUnit(top, units)));
            if (covering.equals(Length.ZERO)) {
                out.add(Widgets.quiet("The covering counts once its pieces have a thickness."));
            }
        });
        return out;
    }

    /** How high the plinth along its walls is. */
    Node plinthHeight(Room room) {
        return parts.distance(
                "Height",
                "plinth-height",
                room.mark().map(RoomMark::fit).orElse(RoomFit.NONE).plinth(),
                v -> Outcome.done(RoomEdits.fit(parts.plan(), parts.at(), room, f -> f.withPlinth(v))),
                "Set plinth height");
    }

    /** How outer corners and free edges of the tiles on its walls are made. */
    List<Node> tileEdge(Room room) {
        return new StripFields(parts)
                .edge(
                        room.mark().map(RoomMark::fit).orElse(RoomFit.NONE).tileEdge(),
                        e -> RoomEdits.fit(parts.plan(), parts.at(), room, f -> f.withTileEdge(e)));
    }

    /** Its walls from the front, on a page of their own. */
    Node elevations(Room room) {
        var all = WallElevation.around(model.shown().storey(), room);
        var box = new VBox(4);
        if (all.isEmpty()) {
            return box;
        }
        box.getChildren()
                .add(Widgets.button(
                        "All walls from the front",
                        "elevations-all",
                        "A new page with the walls of the room as one sees them turning to the right",
                        () -> elevations(room, all.subList(0, Math.min(all.size(), PageEdits.MOST_VIEWS)))));
        box.getChildren()
                .add(Widgets.button(
                        "The room unrolled",
                        "elevations-unrolled",
                        "A new page with all its walls in one row, as one sees them turning to the right",
                        () -> elevations(
                                room,
                                List.of(new View.Subject.Unrolled(
                                        parts.at(), room.mark().orElseThrow().id(), View.Subject.USUAL_DEPTH)))));
        var each = new FlowPane(4, 4);
        for (var i = 0; i < all.size(); i++) {
            var subject = all.get(i);
            each.getChildren()
                    .add(Widgets.button(
                            WallElevation.of(model.shown().storey(), subject)
                                    .map(WallElevation::towards)
                                    .orElse(""),
                            "elevation-" + (i + 1),
                            "A new page with this wall from the front",
                            () -> elevations(room, List.of(subject))));
        }
        box.getChildren().add(each);
        return box;
    }

    /** The room raised, with the walls behind it, from each of its corners. */
    Node cutaway(Room room) {
        var out = new FlowPane(4, 4);
        for (var corner : model.raised().corners(room)) {
            out.getChildren()
                    .add(Widgets.button(
                            corner.from(),
                            "cut-away-" + corner.from(),
                            "The room raised as one sees it from its corner in the " + corner.from()
                                    + ", on a page of its own",
                            () -> model.raised().cutAway(room, corner.eye())));
        }
        out.getChildren()
                .add(Widgets.button(
                        "Stand in it",
                        "room-stand-inside",
                        "The room as one sees it from within a door, on a page of its own",
                        () -> model.raised().standIn(room)));
        return out;
    }

    private void elevations(Room room, List<? extends View.Subject.Front> subjects) {
        parts.elevations(subjects, (room.name().isBlank() ? "Room" : room.name()) + ", walls from the front");
    }
}
