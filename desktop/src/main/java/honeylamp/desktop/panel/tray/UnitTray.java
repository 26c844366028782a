package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnitEdits;
import honeylamp.plan.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The units of the plan: named here, taken up to be placed. */
record UnitTray(WorkspaceModel model, WindowActions window) implements Content<UnitTray.Part> {
    /** A unit, in how many places it stands besides where it is drawn, and whether it is placed next. */
    record Row(Unit unit, long copies, boolean placing) {}

    /** What is shown. */
    record Part(List<Row> units) {}

    @Override
    public Part part(Workspace now) {
        var next = now.tool() == Tool.UNITS ? now.choices().part().unit() : Optional.empty();
        return new Part(now.plan().repeats().units().stream()
                .map(u -> new Row(
                        u,
                        now.plan().repeats().copies().stream()
                                .filter(c -> c.unit().equals(u.id()))
                                .count(),
                        next.equals(Optional.of(u.id()))))
                .toList());
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        part.units().forEach(r -> out.add(row(r)));
        if (out.isEmpty()) {
            out.add(Widgets.quiet("Rooms that come again, such as flats of one kind, are drawn once: pick them"
                    + " and make a unit of them in the card."));
        }
        return out;
    }

    private Node row(Row row) {
        var unit = row.unit();
        var copies = row.copies();
        var name = new WordField(
                "Name of the unit",
                "unit-name-" + unit.id().text(),
                unit.name(),
                text -> model.edit(UnitEdits.name(model.now().plan(), unit.id(), text), "Name unit"));
        var place = Widgets.toggle(
                "Place",
                "unit-place-" + unit.id().text(),
                "Lets it stand in one more place; it stands in " + (copies + 1) + " now",
                row.placing(),
                () -> {
                    var choices = model.now().choices();
                    model.act(
                            new Intent.ChooseWithin(
                                    choices.withPart(choices.part().withUnit(Optional.of(unit.id())))),
                            new Intent.TakeUp(Tool.UNITS));
                    window.focusPlan();
                });
        place.setMinWidth(Region.USE_PREF_SIZE);
        var places = new Label(copies == 0 ? "stands once" : "stands in " + (copies + 1) + " places");
        places.getStyleClass().add("quiet");
        return new VBox(6, name, Widgets.row(places, Widgets.spring(), place));
    }
}
