package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Family;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.store.AtHand;
import honeylamp.takeoff.TileWords;
import honeylamp.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;

/** The finishes for floors, as pictures. */
record FinishTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Catalogue catalogue)
        implements Content<FinishTray.Part> {
    /** So much of a floor is shown with a sample, in plan mm and in paper mm. */
    private static final double SAMPLE_MM = 1850;

    private static final double PAPER_MM = SAMPLE_MM / 50;

    /**
     * What is shown.
     *
     * @param material the one that is laid next, by its key
     */
    record Part(String material, List<AtHand> atHand, UnitSystem units) {}

    @Override
    public Part part(Workspace now) {
        return new Part(now.choices().material(), catalogue.atHand(), now.plan().units());
    }

    @Override
    public List<Node> pinned(Part part) {
        return List.of(
                catalogue.search(),
                Widgets.button(
                        "Takeoff",
                        "show-takeoff",
                        "Every covered surface with its pieces, cuts and boxes, and what they come to",
                        window::toggleTakeoff));
    }

    @Override
    public List<Node> nodes(Part part) {
        var families = catalogue.of(Arrays.stream(Family.values())
                .map(family -> new Group(
                        family.label(),
                        Materials.all().stream()
                                .filter(m -> m.family() == family)
                                .map(m -> entry(part, m))
                                .toList()))
                .toList());
        return List.of(
                families,
                Widgets.section(
                        "My finishes",
                        Widgets.button(
                                "From a picture\u2026",
                                "finish-picture",
                                "What a photograph shows, on the material chosen; then click where it lies",
                                window::finishFromPicture),
                        Widgets.button(
                                "Share them\u2026",
                                "share-finishes",
                                "Those you keep, in a file for others",
                                window::shareFinishes),
                        Widgets.button(
                                "Bring in\u2026",
                                "bring-in-finishes",
                                "Those somebody shared; one of the same name is replaced",
                                window::bringInFinishes)));
    }

    private Entry entry(Part part, Material material) {
        Supplier<Drawing> sample = () -> Samples.of(material, SAMPLE_MM);
        return new Entry(
                material.key(),
                "finish-" + material.key(),
                material.label(),
                material.laying().isSeamless() ? "" : TileWords.size(material.laying(), part.units()),
                () -> thumbnails.view(material.key(), sample, PAPER_MM),
                () -> thumbnails.large(material.key(), sample, PAPER_MM),
                material.key().equals(part.material()),
                () -> model.choose(model.now().choices().withMaterial(material.key())));
    }
}
