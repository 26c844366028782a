package honeylamp.desktop.panel.card;

import honeylamp.desktop.gesture.Choices.Ghost;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The storeys of a plan: which one is worked on, its name and heights, their order, and one seen through another. */
record StoreysCard(WorkspaceModel model, CardFields parts) {
    List<Node> nodes(Workspace now) {
        var out = new ArrayList<Node>();
        out.add(parts.folding("Storeys", list(now), adding(now)));
        out.add(parts.folding("This storey", heights(now).toArray(Node[]::new)));
        out.add(parts.folding(
                "Roof", new RoofFields(model, parts, now.storey()).nodes().toArray(Node[]::new)));
        out.addAll(new SchemesCard(model, parts).nodes(now));
        if (now.plan().storeys().size() > 1) {
            out.add(parts.folding("Seen through it", ghost(now).toArray(Node[]::new)));
        }
        out.add(parts.folding("Lengths of the plan", units(now)));
        return out;
    }

    /** Lengths stay what they are; they are read and shown in other units. */
    private Node units(Workspace now) {
        var row = Widgets.row();
        for (var units : UnitSystem.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            units.isMetric() ? units.sign() : "ft in",
                            "units-" + units.sign(),
                            "Lengths are read and shown so, on the sheets too; no length changes",
                            units == now.plan().units(),
                            () -> model.edit(PlanEdits.in(parts.plan(), units), "Change units")));
        }
        return row;
    }

    private Node list(Workspace now) {
        var box = new VBox(4);
        for (var storey : now.plan().storeys().reversed()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            storey.name(),
                            "storey-" + storey.id().text(),
                            "Work on this storey (" + Keys.STOREY_UP.text() + " and " + Keys.STOREY_DOWN.text()
                                    + " change it)",
                            storey.id().equals(now.storey()),
                            () -> model.goTo(storey.id())));
        }
        return box;
    }

    private Node adding(Workspace now) {
        var name = "Storey " + now.plan().storeys().size();
        return new VBox(
                4,
                Widgets.button("Add storey on top", "add-storey", "An empty storey", () -> {
                    var added = StoreyEdits.addOnTop(now.plan(), name);
                    model.act(new Intent.Edit(added.plan(), "Add storey"), new Intent.GoTo(added.id()));
                }),
                Widgets.button("Copy this one on top", "copy-storey", "With all that is built and placed on it", () -> {
                    var added = StoreyEdits.copyOnTop(now.plan(), now.storey(), name);
                    model.act(new Intent.Edit(added.plan(), "Copy storey"), new Intent.GoTo(added.id()));
                }));
    }

    private List<Node> heights(Workspace now) {
        var storey = now.currentStorey();
        var name = new WordField(
                "Name of the storey",
                "storey-name",
                storey.name(),
                text -> model.edit(StoreyEdits.name(parts.plan(), parts.at(), text), "Name storey"));
        var out = new ArrayList<Node>();
        out.add(name);
        out.add(parts.place(
                "Level",
                "storey-level",
                storey.level(),
                v -> Outcome.done(StoreyEdits.levels(parts.plan(), parts.at(), l -> l.withLevel(v))),
                "Set level"));
        out.add(parts.length(
                "Clear height",
                "storey-height",
                storey.height(),
                v -> Outcome.done(StoreyEdits.levels(parts.plan(), parts.at(), l -> l.withHeight(v))),
                "Set storey height"));
        out.add(parts.length(
                "Plan is cut at",
                "storey-cut",
                storey.levels().cut(),
                v -> Outcome.done(StoreyEdits.levels(parts.plan(), parts.at(), l -> l.withCut(v))),
                "Set cut height"));
        if (now.plan().storeys().size() > 1) {
            out.add(Widgets.row(
                    Widgets.button("Up", "storey-up", "One place up", () -> order(StoreyEdits::raise, "Raise storey")),
                    Widgets.button(
                            "Down", "storey-down", "One place down", () -> order(StoreyEdits::lower, "Lower storey")),
                    Widgets.button("Delete", "storey-delete", "With all on it; " + Keys.BRINGS_IT_BACK, this::delete)));
        }
        return out;
    }

    private void order(BiFunction<Plan, StoreyId, Outcome<Plan>> change, String action) {
        model.edit(change.apply(parts.plan(), parts.at()), action);
    }

    private void delete() {
        var gone = parts.at();
        var next = parts.plan().storeys().stream()
                .filter(s -> !s.id().equals(gone))
                .findFirst()
                .map(Storey::id)
                .orElseThrow();
        switch (StoreyEdits.remove(parts.plan(), gone)) {
            case Outcome.Done<Plan>(var without) ->
                model.act(new Intent.GoTo(next), new Intent.Edit(without, "Delete storey"));
            case Outcome.Refused<Plan> no -> model.complain(no.sentence("That cannot be"));
        }
    }

    private List<Node> ghost(Workspace now) {
        var out = new ArrayList<Node>();
        var ghost = now.choices().ghost();
        for (var storey : now.plan().storeys().reversed()) {
            if (!storey.id().equals(now.storey())) {
                var on = ghost.filter(g -> g.storey().equals(storey.id())).isPresent();
                out.add(Widgets.toggle(
                        storey.name(),
                        "ghost-" + storey.id().text(),
                        "Its walls are seen, faded, while you work",
                        on,
                        () -> show(on ? Optional.empty() : Optional.of(Ghost.of(storey.id())))));
            }
        }
        ghost.filter(g -> !g.storey().equals(now.storey())).ifPresent(g -> {
            out.add(Widgets.slider(
                    "Strength",
                    "ghost-strength",
                    0.1,
                    1,
                    g.strength(),
                    (v, _) -> ghost(x -> new Ghost(x.storey(), v, x.across(), x.up()))));
            out.add(shift(
                    "Across", "ghost-across", g.across(), v -> x -> new Ghost(x.storey(), x.strength(), v, x.up())));
            out.add(shift("Up", "ghost-up", g.up(), v -> x -> new Ghost(x.storey(), x.strength(), x.across(), v)));
        });
        return out;
    }

    private void show(Optional<Ghost> ghost) {
        model.chooseWithin(model.now().choices().withGhost(ghost));
    }

    private void ghost(UnaryOperator<Ghost> change) {
        show(model.now().choices().ghost().map(change));
    }

    private LengthField shift(String name, String id, Length value, Function<Length, UnaryOperator<Ghost>> change) {
        return new LengthField(
                name,
                id,
                value,
                parts.plan().units(),
                LengthReader::signed,
                v -> ghost(change.apply(v)),
                model::complain);
    }

    /** Copies what is picked to another storey, or to several at once, to the same place. */
    Node copying(Workspace now) {
        var targets = StoreyEdits.targets(now.plan(), now.storey());
        return Widgets.menu(
                "Copy what is picked to",
                "copy-picked",
                "Walls with their openings, furnishings and fixed parts, to the same place",
                targets.stream().map(StoreyEdits.Target::name).toList(),
                index -> model.edit(
                        StoreyEdits.copied(
                                parts.plan(),
                                parts.at(),
                                model.now().selection(),
                                targets.get(index).storeys()),
                        targets.get(index).storeys().size() == 1 ? "Copy to storey" : "Copy to storeys"));
    }
}
