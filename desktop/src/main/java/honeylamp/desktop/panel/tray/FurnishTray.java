package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.PieceFinder;
import honeylamp.catalogue.piece.PieceFinder.Found;
import honeylamp.catalogue.piece.Runs;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewRun;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.store.AtHand;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The pieces one can put in. */
record FurnishTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Catalogue catalogue)
        implements Content<FurnishTray.Part> {
    /** A picture is seen with so much around it. */
    private static final double AROUND = 1.06;

    /**
     * What is shown.
     *
     * @param placing the piece that is put in next, by its key; empty if none is
     * @param run that is laid next; empty if none is
     */
    record Part(Optional<String> placing, UnitSystem units, List<AtHand> atHand, Optional<NewRun> run) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                Optional.of(now.choices().furnishing()).filter(_ -> now.tool() == Tool.PLACE_PIECE),
                now.plan().units(),
                catalogue.atHand(),
                Optional.of(now.choices().run()).filter(_ -> now.tool() == Tool.LAY_RUN));
    }

    @Override
    public List<Node> pinned(Part part) {
        if (part.run.isPresent()) {
            return run(part.run.get(), part.units);
        }
        return List.of(
                catalogue.search(),
                catalogue.families(Arrays.stream(FurnishingKind.Group.values())
                        .map(FurnishingKind.Group::label)
                        .toList()));
    }

    @Override
    public List<Node> nodes(Part part) {
        if (part.run.isPresent()) {
            return List.of();
        }
        var all = Furnishings.all().stream()
                .map(k -> new Found(k, k.usual(part.units())))
                .toList();
        return List.of(catalogue.of(groups(part, all), words -> groups(part, PieceFinder.find(words, part.units()))));
    }

    /** What run is laid next. */
    private List<Node> run(NewRun run, UnitSystem units) {
        var kinds = new VBox(4);
        for (var key : List.of(Runs.COUNTER, Runs.ON_WALL, Runs.TALL, Runs.CLOSET)) {
            kinds.getChildren()
                    .add(Widgets.toggle(
                            Furnishings.of(key).orElseThrow().label(),
                            "run-" + key,
                            "Lays such a run next",
                            run.kind().equals(key),
                            () -> choose(new NewRun(key, run.corner(), Optional.empty()))));
        }
        var out = new ArrayList<Node>(List.of(
                kinds,
                new LengthField(
                        "Depth",
                        "run-depth",
                        run.deep(units),
                        units,
                        v -> choose(run.withDepth(Optional.of(v))),
                        model::complain)));
        if (run.kind().equals(Runs.COUNTER)) {
            var corners = new VBox(4);
            for (var corner : NewRun.Corner.values()) {
                corners.getChildren()
                        .add(Widgets.toggle(
                                corner.label(),
                                "run-corner-" + corner.name().toLowerCase(Locale.ROOT),
                                "What stands where two counters meet",
                                run.corner() == corner,
                                () -> choose(run.withCorner(corner))));
            }
            out.add(Widgets.section("In corners", corners));
        }
        return out;
    }

    private void choose(NewRun run) {
        model.act(new Intent.ChooseWithin(model.now().choices().withRun(run)));
        window.focusPlan();
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
