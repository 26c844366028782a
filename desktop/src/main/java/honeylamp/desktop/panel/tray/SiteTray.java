package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewPart;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.Ground;
import honeylamp.plan.Structure.Car;
import honeylamp.plan.Wall;
import honeylamp.store.AtHand;
import honeylamp.units.AreaText;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;

/** The ground and the bays around the building, as pictures, and what they come to. */
record SiteTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Catalogue catalogue)
        implements Content<SiteTray.Part> {
    private static final double GROUND_MM = 2400;

    /**
     * What is shown.
     *
     * @param ground the use of the ground laid next; empty if none is
     * @param car the size of the bay put in next; empty if none is
     * @param grounds with the walls, what the areas follow from, which are too dear to be asked at every move
     */
    record Part(
            Optional<Ground.Use> ground,
            Optional<Car> car,
            UnitSystem units,
            List<Ground> grounds,
            List<Wall> walls,
            List<AtHand> atHand) {}

    @Override
    public Part part(Workspace now) {
        var chosen = now.choices().part();
        return new Part(
                Optional.of(chosen.ground()).filter(_ -> now.tool() == Tool.LAY_GROUND),
                Optional.of(chosen.car()).filter(_ -> now.tool() == Tool.PARKING_BAY),
                now.plan().units(),
                now.currentStorey().grounds(),
                now.currentStorey().walls(),
                catalogue.atHand());
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        out.add(catalogue.of(List.of(
                new Group(
                        "Ground",
                        Arrays.stream(Ground.Use.values())
                                .map(use -> entry(part, use))
                                .toList()),
                new Group(
                        "Bays for cars",
                        Arrays.stream(Car.values()).map(car -> entry(part, car)).toList()))));
        out.addAll(areas(SiteAreas.of(model.geometry()), part.units()));
        return out;
    }

    private Entry entry(Part part, Ground.Use use) {
        var key = "ground-" + use.name();
        Supplier<Drawing> sample = () -> Samples.of(use, GROUND_MM);
        return new Entry(
                key,
                key.toLowerCase(Locale.ROOT),
                Grounds.label(use),
                "",
                () -> thumbnails.view(key, sample, GROUND_MM / 50 * 1.06),
                () -> thumbnails.large(key, sample, GROUND_MM / 50 * 1.06),
                part.ground().equals(Optional.of(use)),
                () -> take(model.now().choices().part().withGround(use), Tool.LAY_GROUND));
    }

    private Entry entry(Part part, Car car) {
        var bay = PartKinds.bay(car, part.units());
        var key = "car-" + car.name();
        Supplier<Drawing> sample = () -> Samples.of(bay);
        var sizeMm = Samples.sizeMm(bay) * 1.08;
        return new Entry(
                key,
                key.toLowerCase(Locale.ROOT),
                PartKinds.label(car),
                LengthText.rounded(bay.width(), part.units()) + " \u00d7 "
                        + LengthText.rounded(bay.depth(), part.units()),
                () -> thumbnails.view(key, sample, sizeMm),
                () -> thumbnails.large(key, sample, sizeMm),
                part.car().equals(Optional.of(car)),
                () -> take(model.now().choices().part().withCar(car), Tool.PARKING_BAY));
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
