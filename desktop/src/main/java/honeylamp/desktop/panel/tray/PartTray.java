package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.PartKinds.PartKind;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewPart;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.Ground;
import honeylamp.plan.Structure.Car;
import honeylamp.units.AreaText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** The fixed parts of the building, and the ground and bays around it, as pictures. */
record PartTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails) {
    private static final double GROUND_MM = 2400;

    List<Node> parts(Workspace now) {
        var out = new ArrayList<Node>();
        for (var group : PartKinds.Group.values()) {
            var tiles = new FlowPane(8, 8);
            PartKinds.all().stream()
                    .filter(k -> k.group() == group)
                    .forEach(k -> tiles.getChildren().add(tile(now, k)));
            out.add(Widgets.section(group.label(), tiles));
        }
        return out;
    }

    private Node tile(Workspace now, PartKind kind) {
        var form = PartKinds.usual(kind, now.plan(), now.storey());
        return Widgets.tile(
                kind.label(),
                "part-" + kind.key(),
                thumbnails.view("part-" + kind.key(), () -> Samples.of(form), Samples.sizeMm(form) * 1.08),
                now.tool() == Tool.PUT_IN_PART
                        && kind.key().equals(now.choices().part().kind()),
                () -> take(model.now().choices().part().withKind(kind.key()), Tool.PUT_IN_PART));
    }

    List<Node> site(Workspace now) {
        var chosen = now.choices().part();
        var grounds = new FlowPane(8, 8);
        for (var use : Ground.Use.values()) {
            grounds.getChildren()
                    .add(Widgets.tile(
                            Grounds.label(use),
                            "ground-" + use.name().toLowerCase(Locale.ROOT),
                            thumbnails.view(
                                    "ground-" + use.name(), () -> Samples.of(use, GROUND_MM), GROUND_MM / 50 * 1.06),
                            now.tool() == Tool.LAY_GROUND && use == chosen.ground(),
                            () -> take(model.now().choices().part().withGround(use), Tool.LAY_GROUND)));
        }
        var cars = new FlowPane(8, 8);
        for (var car : Car.values()) {
            var bay = PartKinds.bay(car, now.plan().units());
            cars.getChildren()
                    .add(Widgets.tile(
                            PartKinds.label(car),
                            "car-" + car.name().toLowerCase(Locale.ROOT),
                            thumbnails.view("car-" + car.name(), () -> Samples.of(bay), Samples.sizeMm(bay) * 1.08),
                            now.tool() == Tool.PARKING_BAY && car == chosen.car(),
                            () -> take(model.now().choices().part().withCar(car), Tool.PARKING_BAY)));
        }
        var out = new ArrayList<Node>();
        out.add(Widgets.section("Ground", grounds));
        out.add(Widgets.section("Bays for cars", cars));
        out.addAll(areas(now));
        return out;
    }

    /** The areas of the site, which never count with those of the building. */
    private List<Node> areas(Workspace now) {
        var areas = SiteAreas.of(model.geometry());
        if (areas.isEmpty()) {
            return List.of();
        }
        var units = now.plan().units();
        var facts = new ArrayList<Node>();
        if (areas.plotMm2() > 0) {
            facts.add(Widgets.fact("Plot", AreaText.rounded(areas.plotMm2(), units)));
            facts.add(Widgets.fact("Built on", AreaText.rounded(areas.builtMm2(), units)));
        }
        areas.surfacesMm2()
                .forEach((use, mm2) -> facts.add(Widgets.fact(Grounds.label(use), AreaText.rounded(mm2, units))));
        return List.of(Widgets.section("Site, not counted with the building", facts.toArray(Node[]::new)));
    }

    private void take(NewPart part, Tool tool) {
        model.act(new Intent.ChooseWithin(model.now().choices().withPart(part)), new Intent.TakeUp(tool));
        window.focusPlan();
    }
}
