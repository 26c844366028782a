package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Arranging;
import honeylamp.edit.Arranging.Along;
import honeylamp.edit.Arranging.Edge;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Grouping;
import honeylamp.edit.Leaning;
import honeylamp.edit.PickedEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What can be done with things of any kinds: bring them into line, space, turn and mirror them. */
record ArrangeCard(WorkspaceModel model, CardFields parts) {
    /** For several things; those of all kinds alike. */
    List<Node> of(Set<ElementId> picked) {
        var out = new ArrayList<Node>();
        if (PickedEdits.middle(model.now().currentStorey(), picked).isEmpty()) {
            return out; // what hangs in walls has ways of its own
        }
        out.add(parts.folding("Bring into line", lines(picked, Along.ACROSS), lines(picked, Along.UP)));
        if (picked.size() > 2) {
            var gaps = Widgets.row();
            for (var along : Along.values()) {
                gaps.getChildren()
                        .add(Widgets.button(
                                along.label(),
                                "gaps-" + id(along),
                                "What lies between the outermost two comes to equal gaps",
                                () -> model.edit(
                                        Arranging.distribute(parts.plan(), model.geometry(), picked, along),
                                        "Equal gaps")));
            }
            out.add(parts.folding("Equal gaps", gaps));
        }
        var atWall = atOneWall(picked);
        if (atWall.size() > 1) {
            out.add(Widgets.button(
                    "Equal gaps along their wall",
                    "gaps-wall",
                    "Equal gaps between them and to both ends of the wall, also when it changes",
                    () -> model.edit(
                            FurnishingEdits.keepEven(parts.plan(), parts.at(), atWall), "Equal gaps along a wall")));
        }
        out.add(parts.folding("Turn and mirror", turning(picked)));
        out.add(together(picked));
        return out;
    }

    /** The picked pieces from left to right, if they all stand at one wall; none otherwise. */
    private List<FurnishingId> atOneWall(Set<ElementId> picked) {
        var network = model.geometry().network();
        var pieces = model.now().currentStorey().furnishings().stream()
                .filter(f -> picked.contains(f.id()))
                .toList();
        var gaps =
                pieces.stream().flatMap(f -> Leaning.gaps(network, f).stream()).toList();
        var isOne = pieces.size() == picked.size()
                && gaps.size() == pieces.size()
                && gaps.stream().map(Leaning.Gaps::wall).distinct().count() == 1;
        return isOne
                ? pieces.stream()
                        .sorted(Comparator.comparing(
                                f -> Leaning.gaps(network, f).orElseThrow().left()))
                        .map(Furnishing::id)
                        .toList()
                : List.of();
    }

    /** Who picks one of what is kept together picks it all; a further click picks the one alone. */
    private Node together(Set<ElementId> picked) {
        var row = new FlowPane(6, 6);
        row.getChildren()
                .add(Widgets.button(
                        "Keep together",
                        "keep-together",
                        "They are picked and moved as one from now on; a second click on one of them picks it alone ("
                                + Keys.KEEP_TOGETHER.text() + ")",
                        model.picked()::keepTogether));
        if (Grouping.isAny(parts.plan(), picked)) {
            row.getChildren()
                    .add(Widgets.button(
                            "Let go of each other",
                            "let-go",
                            "Each is picked by itself again (" + Keys.LET_GO.text() + ")",
                            model.picked()::letGo));
        }
        return parts.folding("As one", row);
    }

    private HBox lines(Set<ElementId> picked, Along along) {
        var row = Widgets.row();
        for (var edge : Edge.values()) {
            if (edge.along() == along) {
                row.getChildren()
                        .add(Widgets.button(
                                edge.label(),
                                "line-" + id(edge),
                                "Moves all to one line through it",
                                () -> model.edit(
                                        Arranging.align(parts.plan(), model.geometry(), picked, edge),
                                        "Bring into line")));
            }
        }
        return row;
    }

    private static String id(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT);
    }

    /** Turning and mirroring about the middle of all. */
    Node turning(Set<ElementId> picked) {
        var about = PickedEdits.middle(model.now().currentStorey(), picked);
        return about.<Node>map(middle -> new VBox(
                        6,
                        parts.angle(
                                "walls-turn",
                                0,
                                deg -> PickedEdits.turn(parts.plan(), parts.at(), picked, middle, deg),
                                "Turn what is picked"),
                        Widgets.row(
                                Widgets.button(
                                        "Left to right",
                                        "mirror-plumb",
                                        "Mirrors what is picked on a plumb line through its middle",
                                        () -> model.edit(
                                                PickedEdits.mirror(
                                                        parts.plan(), parts.at(), picked, PickedEdits.plumb(middle)),
                                                "Mirror")),
                                Widgets.button(
                                        "Top to bottom",
                                        "mirror-level",
                                        "Mirrors what is picked on a level line through its middle",
                                        () -> model.edit(
                                                PickedEdits.mirror(
                                                        parts.plan(), parts.at(), picked, PickedEdits.level(middle)),
                                                "Mirror")))))
                .orElseGet(() -> Widgets.quiet(""));
    }
}
