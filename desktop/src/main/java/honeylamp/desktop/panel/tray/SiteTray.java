package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewPart;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.Ground;
import honeylamp.plan.Structure.Car;
import honeylamp.plan.Wall;
import honeylamp.units.AreaText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** The ground and the bays around the building, as pictures, and what they come to. */
record SiteTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails) implements Content<SiteTray.Part> {
    private static final double GROUND_MM = 2400;

    /**
     * What is shown.
     *
     * @param ground the use of the ground laid next; empty if none is
     * @param car the size of the bay put in next; empty if none is
     * @param grounds with the walls, what the areas follow from, which are too dear to be asked at every move
     */
    record Part(
            Optional<Ground.Use> ground, Optional<Car> car, UnitSystem units, List<Ground> grounds, List<Wall> walls) {}

    @Override
    public Part part(Workspace now) {
        var chosen = now.choices().part();
        return new Part(
                Optional.of(chosen.ground()).filter(_ -> now.tool() == Tool.LAY_GROUND),
                Optional.of(chosen.car()).filter(_ -> now.tool() == Tool.PARKING_BAY),
                now.plan().units(),
                now.currentStorey().grounds(),
                now.currentStorey().walls());
    }

    @Override
    public List<Node> nodes(Part part) {
        var grounds = new FlowPane(8, 8);
        for (var use : Ground.Use.values()) {
            grounds.getChildren()
                    .add(Widgets.tile(
                            Grounds.label(use),
                            "ground-" + use.name().toLowerCase(Locale.ROOT),
                            thumbnails.view(
                                    "ground-" + use.name(), () -> Samples.of(use, GROUND_MM), GROUND_MM / 50 * 1.06),
                            part.ground().equals(Optional.of(use)),
                            () -> take(model.now().choices().part().withGround(use), Tool.LAY_GROUND)));
        }
        var cars = new FlowPane(8, 8);
        for (var car : Car.values()) {
            var bay = PartKinds.bay(car, part.units());
            cars.getChildren()
                    .add(Widgets.tile(
                            PartKinds.label(car),
                            "car-" + car.name().toLowerCase(Locale.ROOT),
                            thumbnails.view("car-" + car.name(), () -> Samples.of(bay), Samples.sizeMm(bay) * 1.08),
                            part.car().equals(Optional.of(car)),
                            () -> take(model.now().choices().part().withCar(car), Tool.PARKING_BAY)));
        }
        var out = new ArrayList<Node>();
        out.add(Widgets.section("Ground", grounds));
        out.add(Widgets.section("Bays for cars", cars));
        out.addAll(areas(SiteAreas.of(model.geometry()), part.units()));
        return out;
    }

    /** The areas of the site, which never count with those of the building. */
    private List<Node> areas(SiteAreas areas, UnitSystem units) {
        if (areas.isEmpty()) {
            return List.of();
        }
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
