package honeylamp.desktop.panel.card;

import honeylamp.catalogue.piece.Runs;
import honeylamp.catalogue.piece.Runs.ClosetUse;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.edit.Added;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnRegions;
import honeylamp.edit.RunEdits;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Run;
import honeylamp.plan.Run.Edge;
import honeylamp.plan.Run.Front;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.CutOut;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** What a run of units is made up of: units asked for by their widths and places, the rest as it fills itself. */
record RunFields(CardFields parts, Furnishing piece, Run run) {
    private static final List<Kind> FILLINGS = List.of(Kind.DOORS, Kind.DRAWERS, Kind.OPEN);
    private static final List<Kind> INSIDE = List.of(Kind.RAIL, Kind.RAILS, Kind.SHELVES);

    Node of() {
        var layout = RunLayout.of(run, piece.width());
        var nodes = new ArrayList<Node>();
        nodes.add(add());
        for (var i = 0; i < run.units().size(); i++) {
            nodes.addAll(unit(layout, i));
        }
        nodes.add(filling());
        if (piece.kind().equals(Runs.COUNTER)) {
            nodes.add(edges());
            nodes.add(Widgets.button(
                    "Splash-back",
                    "run-splash-back",
                    "Tiles the wall behind it, up to what hangs above; an own region of its wall",
                    this::splashBack));
        }
        if (isCloset()) {
            nodes.add(fronts());
            nodes.add(usual());
        }
        var told = Widgets.quiet(told(layout));
        told.setId("run-told");
        nodes.add(told);
        nodes.add(OneSurface.row(
                reach("Reach left", "run-reach-left", Side.LEFT), reach("Reach right", "run-reach-right", Side.RIGHT)));
        return parts.folding("Units, from left to right", nodes.toArray(Node[]::new));
    }

    private void splashBack() {
        var model = parts.model();
        switch (OwnRegions.behind(parts.plan(), model.geometry(), piece, Finish.of("tile-white"))) {
            case Outcome.Refused<Added<RegionId>> no -> model.complain(no.sentence("That cannot be"));
            case Outcome.Done<Added<RegionId>>(var added) ->
                model.act(
                        new Intent.Edit(added.plan(), "Tile splash-back"),
                        new Intent.TakeUp(Tool.PICK_REGIONS),
                        new Intent.Pick(Set.of(added.id())));
        }
    }

    private boolean isCloset() {
        return piece.kind().equals(Runs.CLOSET);
    }

    private Node add() {
        var may = Runs.may(piece.kind());
        return Widgets.menu(
                "Add a unit",
                "run-add",
                "A sink goes below the window there is, others where the run fills itself",
                may.stream().map(Kind::label).toList(),
                i -> parts.model()
                        .edit(
                                RunEdits.ask(parts.model().geometry(), parts.plan(), piece, run, may.get(i)),
                                "Add " + may.get(i).label().toLowerCase(Locale.ROOT)));
    }

    private List<Node> unit(RunLayout layout, int index) {
        var unit = run.units().get(index);
        var part = layout.parts().stream()
                .filter(p -> p.asked().filter(unit::equals).isPresent())
                .findFirst();
        var out = new ArrayList<Node>();
        var gone = Widgets.button(
                "\u00d7",
                "run-gone-" + index,
                "Takes this unit out",
                () -> parts.model().edit(put(unit, Optional.empty()), "Take unit out"));
        out.add(Widgets.row(
                Widgets.quiet(unit.kind().label() + (part.isEmpty() ? ": no room for it" : "")),
                Widgets.spring(),
                gone));
        out.add(parts.length(
                "Width",
                "run-width-" + index,
                unit.width(),
                v -> put(unit, Optional.of(unit.withWidth(v))),
                "Size unit"));
        out.add(parts.distance(
                "Middle from left",
                "run-at-" + index,
                RunEdits.seen(piece, part.map(RunLayout.Part::middle).orElse(unit.at())),
                v -> put(unit, Optional.of(unit.withAt(RunEdits.seen(piece, v)))),
                "Move unit"));
        part.flatMap(p -> p.cutOut(piece.depth())).ifPresent(cut -> out.addAll(cutOut(unit, cut, index)));
        return out;
    }

    private List<Node> cutOut(RunUnit unit, CutOut cut, int index) {
        var ledge = new Length((piece.depth().nanometres() - cut.depth().nanometres()) / 2);
        return List.of(
                parts.length(
                        "Cut-out, wide",
                        "run-cut-width-" + index,
                        cut.width(),
                        v -> cut(unit, new CutOut(v, cut.depth())),
                        "Size cut-out"),
                parts.length(
                        "Cut-out, deep",
                        "run-cut-depth-" + index,
                        cut.depth(),
                        v -> cut(unit, new CutOut(cut.width(), v)),
                        "Size cut-out"),
                Widgets.quiet(LengthText.roundedWithUnit(ledge, units()) + " before and behind it"));
    }

    private Outcome<Plan> cut(RunUnit unit, CutOut cut) {
        return RunEdits.cutOut(parts.model().geometry(), parts.plan(), piece, run, unit, cut);
    }

    private Outcome<Plan> put(RunUnit old, Optional<RunUnit> unit) {
        return RunEdits.put(parts.model().geometry(), parts.plan(), piece, run, old, unit);
    }

    private void make(Run other) {
        parts.model().edit(RunEdits.make(parts.plan(), parts.at(), piece.id(), other), "Make run up");
    }

    private Node filling() {
        var row = OneSurface.row();
        for (var kind : isCloset() ? INSIDE : FILLINGS) {
            row.getChildren()
                    .add(Widgets.toggle(
                            kind.label(),
                            "run-filling-" + kind.name().toLowerCase(Locale.ROOT),
                            "What fills it between the units that were asked for",
                            run.filling() == kind,
                            () -> make(run.withFilling(kind))));
        }
        return row;
    }

    private Node fronts() {
        var row = OneSurface.row();
        for (var front : Front.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            front.label(),
                            "run-front-" + front.name().toLowerCase(Locale.ROOT),
                            "How it is closed",
                            run.front() == front,
                            () -> make(run.withFront(front))));
        }
        return row;
    }

    private Node edges() {
        var row = OneSurface.row();
        for (var edge : Edge.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            edge.label(),
                            "run-edge-" + edge.name().toLowerCase(Locale.ROOT),
                            "How the front edge of its counter is made",
                            run.edge() == edge,
                            () -> make(run.withEdge(edge))));
        }
        return new VBox(2, Widgets.quiet("Edge of the counter"), row);
    }

    private Node usual() {
        return Widgets.menu(
                "Usual closets",
                "run-usual",
                "Makes it up as such closets usually are",
                ClosetUse.labels(),
                i -> make(ClosetUse.values()[i].in(run, piece.width())));
    }

    private Node reach(String label, String id, Side side) {
        return Widgets.button(
                label,
                id,
                "Lengthens it to what stands there",
                () -> parts.model()
                        .edit(RunEdits.reach(parts.model().geometry(), parts.plan(), piece, side), "Lengthen run"));
    }

    /** All that makes it up, from left to right. */
    private String told(RunLayout layout) {
        return RunEdits.seen(piece, layout).stream()
                .map(p -> p.kind().label() + " " + LengthText.rounded(p.width(), units()))
                .collect(Collectors.joining(", "));
    }

    private UnitSystem units() {
        return parts.plan().units();
    }
}
