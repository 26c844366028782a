package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.PieceFinder;
import honeylamp.catalogue.piece.PieceFinder.Found;
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
import java.util.function.DoubleSupplier;
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
        return List.of(
                catalogue.search(),
                catalogue.families(Arrays.stream(FurnishingKind.Group.values())
                        .map(FurnishingKind.Group::label)
                        .toList()));
    }

    @Override
    public List<Node> nodes(Part part) {
        var all = Furnishings.all().stream()
                .map(k -> new Found(k, k.usual(part.units())))
                .toList();
        return List.of(catalogue.of(groups(part, all), words -> groups(part, PieceFinder.find(words, part.units()))));
    }

    /** Family by family, that of what is found first before the others. */
    private List<Group> groups(Part part, List<Found> found) {
        return found.stream()
                .map(f -> f.kind().group())
                .distinct()
                .map(group -> new Group(
                        group.label(),
                        found.stream()
                                .filter(f -> f.kind().group() == group)
                                .map(f -> entry(part, f))
                                .toList()))
                .toList();
    }

    private Entry entry(Part part, Found found) {
        var kind = found.kind();
        Supplier<Drawing> sample = () -> Samples.of(kind);
        DoubleSupplier sizeMm = () -> AROUND * Samples.sizeMm(kind);
        return new Entry(
                kind.key(),
                "piece-" + kind.key(),
                kind.label(),
                LengthText.rounded(found.made().width(), part.units()) + " \u00d7 "
                        + LengthText.rounded(found.made().depth(), part.units()),
                () -> thumbnails.view(kind.key(), sample, sizeMm.getAsDouble()),
                () -> thumbnails.large(kind.key(), sample, sizeMm.getAsDouble()),
                part.placing().equals(Optional.of(kind.key())),
                () -> place(found, part.units()));
    }

    private void place(Found found, UnitSystem units) {
        var isUsual = found.made().equals(found.kind().usual(units));
        model.act(
                new Intent.ChooseWithin(model.now()
                        .choices()
                        .placing(found.kind().key())
                        .withMade(isUsual ? Optional.empty() : Optional.of(found.made()))),
                new Intent.TakeUp(Tool.PLACE_PIECE));
        window.focusPlan();
    }
}
