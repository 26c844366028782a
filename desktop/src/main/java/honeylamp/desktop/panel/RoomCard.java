package honeylamp.desktop.panel;

import honeylamp.catalogue.Materials;
import honeylamp.derive.LabelSpot;
import honeylamp.derive.Room;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.TextField;

/** A room: its name, its numbers, how its floor lies. */
record RoomCard(WorkspaceModel model, CardParts parts) {
    List<Node> of(Room room) {
        var name = new TextField(room.name());
        name.setId("room-name");
        name.setPromptText("Name of the room");
        name.setAccessibleText("Name");
        name.setOnAction(_ -> model.edit(RoomEdits.name(parts.plan(), parts.at(), room, name.getText()), "Name room"));
        var clear = LabelSpot.clearSize(
                room.outline(), LabelSpot.freest(room.outline()).centre());
        var units = parts.plan().units();
        var finish = room.mark().map(RoomMark::floor);
        var out = new ArrayList<Node>(List.of(
                Widgets.heading("Room"),
                name,
                Widgets.fact("Area, inner faces", AreaText.both(room.areaMm2())),
                Widgets.fact("Perimeter", LengthText.shownWithUnit(Length.ofMm(room.perimeterMm()), units)),
                Widgets.fact(
                        "Clear, through the freest point",
                        LengthText.shown(Length.ofMm(clear.alongMm()), units) + " \u00d7 "
                                + LengthText.shownWithUnit(Length.ofMm(clear.acrossMm()), units))));
        finish.flatMap(f -> Materials.of(f.material())).ifPresent(m -> out.add(Widgets.fact("Floor", m.label())));
        finish.filter(f -> Materials.of(f.material()).isPresent())
                .ifPresent(f -> out.add(Widgets.slider(
                        "Direction, degrees",
                        "floor-direction",
                        0,
                        180,
                        f.directionDeg(),
                        (v, going) -> model.slide(
                                RoomEdits.floor(parts.plan(), parts.at(), room, f.turnedTo(5 * Math.rint(v / 5))),
                                "Turn finish",
                                going))));
        finish.filter(f -> Materials.of(f.material()).isPresent()).ifPresent(f -> out.addAll(start(room, f)));
        return out;
    }

    /** The starting point of the pattern, from the plan's origin. */
    private List<Node> start(Room room, Finish finish) {
        var at = finish.start();
        return List.of(
                parts.place(
                        "Start across",
                        "start-across",
                        at.x(),
                        x -> RoomEdits.floor(
                                parts.plan(), parts.at(), room, finish.startingAt(new Position(x, at.y()))),
                        "Move starting point"),
                parts.place(
                        "Start up",
                        "start-up",
                        at.y(),
                        y -> RoomEdits.floor(
                                parts.plan(), parts.at(), room, finish.startingAt(new Position(at.x(), y))),
                        "Move starting point"));
    }
}
