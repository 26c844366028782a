package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.FurnishingKind;
import honeylamp.catalogue.Furnishings;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.store.AtHand;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;

/** The pieces one can put in. */
record FurnishTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Catalogue catalogue)
        implements Content<FurnishTray.Part> {
    /** A picture is seen with so much around it. */
    private static final double AROUND = 1.06;

    /**
     * What is shown.
     *
     * @param placing the piece that is put in next, by its key; empty if none is
     */
    record Part(Optional<String> placing, UnitSystem units, List<AtHand> atHand) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                Optional.of(now.choices().furnishing()).filter(_ -> now.tool() == Tool.PLACE_PIECE),
                now.plan().units(),
                catalogue.atHand());
    }

    @Override
    public List<Node> pinned(Part part) {
        return List.of(catalogue.search());
    }

    @Override
    public List<Node> nodes(Part part) {
        return List.of(catalogue.of(Arrays.stream(FurnishingKind.Group.values())
                .map(group -> new Group(
                        group.label(),
                        Furnishings.all().stream()
                                .filter(k -> k.group() == group)
                                .map(k -> entry(part, k))
                                .toList()))
                .toList()));
    }

    private Entry entry(Part part, FurnishingKind kind) {
        Supplier<Drawing> sample = () -> Samples.of(kind);
        var sizeMm = AROUND * Samples.sizeMm(kind);
        return new Entry(
                kind.key(),
                "piece-" + kind.key(),
                kind.label(),
                LengthText.rounded(kind.width(), part.units()) + " \u00d7 "
                        + LengthText.rounded(kind.depth(), part.units()),
                () -> thumbnails.view(kind.key(), sample, sizeMm),
                () -> thumbnails.large(kind.key(), sample, sizeMm),
                part.placing().equals(Optional.of(kind.key())),
                () -> place(kind));
    }

    private void place(FurnishingKind kind) {
        model.act(
                new Intent.ChooseWithin(model.now().choices().withFurnishing(kind.key())),
                new Intent.TakeUp(Tool.PLACE_PIECE));
        window.focusPlan();
    }
}
