package honeylamp.desktop.panel.card;

import honeylamp.derive.storeys.UnitCopies.Laid;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.Outcome;
import honeylamp.edit.UnitEdits;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.UnitCopy;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.TextField;

/** Copies of units, and making units of the rooms that are picked. */
record UnitCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Laid laid) {
        var copy = laid.copy();
        var origin = laid.unit().origin();
        return List.of(
                Widgets.heading(laid.unit().name()),
                Widgets.quiet("A copy: it shows what the unit is drawn like, and changes with it."),
                parts.place(
                        "Right of it by",
                        "unit-across",
                        copy.at().x().minus(origin.x()),
                        v -> Outcome.done(changed(
                                copy, c -> c.withAt(new Position(origin.x().plus(v), c.at().y())))),
                        "Move unit"),
                parts.place(
                        "Above it by",
                        "unit-up",
                        copy.at().y().minus(origin.y()),
                        v -> Outcome.done(changed(
                                copy,
                                c -> c.withAt(
                                        new Position(c.at().x(), origin.y().plus(v))))),
                        "Move unit"),
                parts.angle(
                        "unit-turn",
                        copy.turnDeg(),
                        deg -> Outcome.done(changed(copy, c -> c.turnedTo(deg))),
                        "Turn unit"),
                Widgets.toggle(
                        "Mirrored",
                        "unit-mirrored",
                        "Left and right exchanged; words stay readable (F)",
                        copy.sense() == Sense.MIRRORED,
                        () -> model.edit(
                                changed(copy, c -> c.withSense(c.sense().other())), "Mirror unit")),
                Widgets.button("Go to the drawn unit", "unit-go", "Where it can be changed", () -> {
                    model.act(
                            new Intent.GoTo(laid.unit().storey()),
                            new Intent.TakeUp(Tool.NAME_ROOMS),
                            new Intent.Pick(Set.copyOf(laid.unit().rooms())));
                }),
                Widgets.button("Make it rooms of its own", "unit-release", "It no longer changes with the unit", () -> {
                    model.act(
                            new Intent.Edit(UnitEdits.release(parts.plan(), laid), "Release unit"),
                            new Intent.Pick(Set.of()));
                }),
                parts.delete());
    }

    private Plan changed(UnitCopy copy, UnaryOperator<UnitCopy> change) {
        return UnitEdits.change(parts.plan(), copy.id(), change);
    }

    /** A name and a button that make a unit of the picked rooms. */
    List<Node> making(Workspace now) {
        Set<RoomId> rooms = now.selection().stream()
                .filter(RoomId.class::isInstance)
                .map(RoomId.class::cast)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        var field = new TextField("Unit " + (now.plan().repeats().units().size() + 1));
        field.setId("unit-name");
        field.setAccessibleText("Name of the unit");
        Runnable make = () -> {
            switch (UnitEdits.make(parts.plan(), model.geometry(), rooms, field.getText())) {
                case Outcome.Done<Added<UnitId>>(var unit) ->
                    model.act(
                            new Intent.Edit(unit.plan(), "Make unit"),
                            new Intent.ChooseWithin(
                                    now.choices().withPart(now.choices().part().withUnit(Optional.of(unit.id())))),
                            new Intent.TakeUp(Tool.UNITS));
                case Outcome.Refused<Added<UnitId>> no -> model.complain(no.sentence("That cannot be"));
            }
        };
        field.setOnAction(_ -> make.run());
        return List.of(parts.folding(
                rooms.size() == 1 ? "Repeat this room" : "Repeat these rooms",
                field,
                Widgets.button(
                        "Make a unit and place it",
                        "unit-make",
                        "Drawn once, it can stand in several places, turned or mirrored",
                        make),
                Widgets.quiet("Further rooms are added with Shift before.")));
    }
}
