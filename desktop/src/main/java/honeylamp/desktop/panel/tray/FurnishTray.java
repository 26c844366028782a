package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.PieceFinder;
import honeylamp.catalogue.piece.PieceFinder.Found;
import honeylamp.catalogue.piece.Runs;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewOwn;
import honeylamp.desktop.gesture.NewRun;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.edit.OwnPieces;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.OwnPiece;
import honeylamp.store.AtHand;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The pieces one can put in. */
record FurnishTray(
        WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Catalogue catalogue, Library<OwnPiece> kept)
        implements Content<FurnishTray.Part> {
    /** A picture is seen with so much around it. */
    private static final double AROUND = 1.06;

    /**
     * What is shown.
     *
     * @param placing the piece that is put in next, by its key; empty if none is
     * @param run that is laid next; empty if none is
     * @param own how an own piece is drawn; empty if none is
     * @param mine own pieces that are kept, and those of the plan
     * @param drawingWidth how wide what an SVG drawing shows truly is
     */
    record Part(
            Optional<String> placing,
            UnitSystem units,
            List<AtHand> atHand,
            Optional<NewRun> run,
            Optional<NewOwn> own,
            List<OwnPiece> mine,
            Length drawingWidth) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                Optional.of(now.choices().placed().key()).filter(_ -> now.tool() == Tool.PLACE_PIECE),
                now.plan().units(),
                catalogue.atHand(),
                Optional.of(now.choices().run()).filter(_ -> now.tool() == Tool.LAY_RUN),
                Optional.of(now.choices().own()).filter(_ -> now.tool() == Tool.DRAW_OWN),
                OwnPieces.known(now.plan(), kept.all()),
                now.choices().own().drawingWidth());
    }

    @Override
    public Object pinning(Part part) {
        return part;
    }

    @Override
    public List<Node> pinned(Part part) {
        if (part.own.isPresent()) {
            return new OwnTray(model, window).of(part.own.get(), part.units);
        }
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
        if (part.run.isPresent() || part.own.isPresent()) {
            return List.of();
        }
        var mine = part.mine.stream().map(Furnishings::of).toList();
        var all = Stream.concat(mine.stream(), Furnishings.all().stream())
                .map(k -> new Found(k, k.usual(part.units())))
                .toList();
        return List.of(
                catalogue.of(groups(part, all), words -> groups(part, PieceFinder.find(words, part.units(), mine))),
                mine(part));
    }

    /** What comes from drawings and from others. */
    private Node mine(Part part) {
        var choices = model.now().choices();
        return Widgets.section(
                "My things",
                new LengthField(
                        "Drawing, wide",
                        "own-drawing-width",
                        part.drawingWidth,
                        part.units,
                        v -> model.choose(choices.withOwn(choices.own().withDrawingWidth(v))),
                        model::complain),
                Widgets.button(
                        "From a drawing\u2026",
                        "piece-drawing",
                        "An SVG drawing of a piece seen from above, made so wide",
                        window::pieceFromDrawing),
                Widgets.button(
                        "Share them\u2026",
                        "share-pieces",
                        "Those you keep, in a file for others",
                        window::sharePieces),
                Widgets.button(
                        "Bring in\u2026",
                        "bring-in-pieces",
                        "Those somebody shared; one of the same name is replaced",
                        window::bringInPieces));
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
                            () -> choose(run.with(copy -> copy.kind(key).depth(Optional.empty())))));
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
        var stands = new VBox(4);
        for (var stand : NewRun.Stand.values()) {
            stands.getChildren()
                    .add(Widgets.toggle(
                            stand.label(),
                            "run-stand-" + stand.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            "Where it is laid: along faces of a room, or as an island or peninsula",
                            run.stand() == stand,
                            () -> choose(run.withStand(stand))));
        }
        out.add(Widgets.section("It stands", stands));
        if (run.kind().equals(Runs.COUNTER) && run.stand() == NewRun.Stand.AT_WALLS) {
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
        model.choose(model.now().choices().withRun(run));
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
        var drawn = kind.own().map(o -> kind.key() + o.hashCode()).orElse(kind.key());
        DoubleSupplier sizeMm = () -> AROUND * Samples.sizeMm(kind);
        return new Entry(
                kind.key(),
                "piece-" + kind.key().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                kind.label(),
                LengthText.rounded(found.made().width(), part.units()) + " \u00d7 "
                        + LengthText.rounded(found.made().depth(), part.units()),
                () -> thumbnails.view(drawn, sample, sizeMm.getAsDouble()),
                () -> thumbnails.large(drawn, sample, sizeMm.getAsDouble()),
                part.placing().equals(Optional.of(kind.key())),
                () -> place(found, part.units()));
    }

    private void place(Found found, UnitSystem units) {
        var isUsual = found.made().equals(found.kind().usual(units));
        model.act(
                new Intent.ChooseWithin(model.now()
                        .choices()
                        .placing(found.kind())
                        .withMade(isUsual ? Optional.empty() : Optional.of(found.made()))),
                new Intent.TakeUp(Tool.PLACE_PIECE));
        window.focusPlan();
    }
}
