package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.Outcome;
import honeylamp.edit.WallTypeEdits;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.HeightRule;
import honeylamp.plan.Plan;
import honeylamp.plan.WallType;
import honeylamp.plan.WallType.Poche;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The wall type drawn with, as typed values: name, build-up, fill, height. */
record WallTypeCard(WorkspaceModel model, CardFields parts, Library<WallType> library) {
    List<Node> of(WallType type) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading("Wall type"));
        out.add(text("Name", "type-name", type.name(), name -> change(type, type.withName(name), "Name wall type")));
        if (type.layers().isEmpty()) {
            out.add(parts.length(
                    "Thickness",
                    "type-thickness",
                    type.thickness(),
                    v -> Outcome.done(WallTypeEdits.change(parts.plan(), type.withThickness(v))),
                    "Set wall thickness"));
        } else {
            out.add(Widgets.fact(
                    "Thickness",
                    LengthText.roundedWithUnit(type.thickness(), parts.plan().units())));
        }
        out.add(parts.folding(
                "Layers, from outside in",
                new LayerFields(model, "layer", (layers, action) -> change(type, type.withLayers(layers), action))
                        .of(type.layers(), () -> new BuildUpLayer("Core", type.thickness()))));
        out.add(parts.folding("Load-bearing", carries(type)));
        out.add(parts.folding("How cut walls are filled", poche(type)));
        out.add(parts.folding("Height", height(type)));
        out.add(Widgets.row(
                Widgets.button("New type like it", "type-new", "A second type that begins like this one", () -> {
                    var added = WallTypeEdits.add(parts.plan(), type.withName(type.name() + " 2"));
                    draw(added, "New wall type");
                }),
                Widgets.button("Delete type", "type-delete", "Only a type no wall is of can go", () -> delete(type))));
        out.add(parts.folding("My library", libraryNodes(type).toArray(Node[]::new)));
        return out;
    }

    private void change(WallType before, WallType after, String action) {
        if (!before.equals(after)) {
            model.edit(WallTypeEdits.change(parts.plan(), after), action);
        }
    }

    private void delete(WallType type) {
        switch (WallTypeEdits.remove(parts.plan(), type.id())) {
            case Outcome.Done<Plan>(var without) ->
                model.act(
                        new Intent.Edit(without, "Delete wall type"),
                        new Intent.ChooseWithin(model.now()
                                .choices()
                                .withWallType(without.wallTypes().getFirst().id())));
            case Outcome.Refused<Plan> no -> model.complain(no.sentence("That cannot be"));
        }
    }

    /** Takes a new type into the plan; the next walls are of it. */
    private void draw(Added<WallTypeId> added, String action) {
        model.act(
                new Intent.Edit(added.plan(), action),
                new Intent.ChooseWithin(model.now().choices().withWallType(added.id())));
    }

    private Node carries(WallType type) {
        return Widgets.row(
                Widgets.toggle(
                        "Load-bearing",
                        "type-carries",
                        "Runs through where it meets light partitions",
                        type.structural(),
                        () -> change(type, type.withStructural(true), "Wall type carries")),
                Widgets.toggle(
                        "Light partition",
                        "type-light",
                        "Bears no load; ends at load-bearing walls",
                        !type.structural(),
                        () -> change(type, type.withStructural(false), "Wall type carries nothing")));
    }

    private Node poche(WallType type) {
        var row = Widgets.row();
        for (var poche : Poche.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            poche.label(),
                            "poche-" + poche.name().toLowerCase(java.util.Locale.ROOT),
                            "How the cut is filled",
                            poche == type.poche(),
                            () -> change(type, type.withPoche(poche), "Fill of cut walls")));
        }
        return row;
    }

    private Node height(WallType type) {
        var box = new VBox(4);
        for (var kind : HeightRule.Kind.values()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            kind.label(),
                            "height-" + kind.name().toLowerCase(java.util.Locale.ROOT),
                            "Sets the height of all walls of this type",
                            kind == type.heightRule().kind(),
                            () -> change(type, type.withHeightRule(WallTypeEdits.rule(kind)), "Height of wall type")));
        }
        box.getChildren()
                .add(parts.distance(
                        type.heightRule().kind() == HeightRule.Kind.TO_NEXT_STOREY ? "Lower by" : "Height",
                        "type-height",
                        type.heightRule().by(),
                        v -> WallTypeEdits.setHeight(parts.plan(), type, v),
                        "Height of wall type"));
        return box;
    }

    private List<Node> libraryNodes(WallType type) {
        var out = new ArrayList<Node>();
        out.add(Widgets.button("Keep this type", "library-keep", "For all your plans", () -> {
            var wrong = library.keep(type);
            if (wrong.isEmpty()) {
                model.say("\"" + type.name() + "\" is in your library now.");
            } else {
                model.complain(wrong);
            }
        }));
        for (var kept : library.all()) {
            var name = new Label(kept.name() + "   "
                    + LengthText.rounded(kept.thickness(), parts.plan().units()));
            out.add(Widgets.row(
                    name,
                    Widgets.spring(),
                    Widgets.button("Use", "library-use-" + kept.id().number(), "Takes it into this plan", () -> {
                        var added = WallTypeEdits.add(parts.plan(), kept);
                        draw(added, "Wall type from library");
                    })));
        }
        return out;
    }

    private Node text(String label, String id, String value, java.util.function.Consumer<String> take) {
        return new WordField(label, id, value, text -> {
            if (text.isEmpty()) {
                model.complain("A wall type needs a name.");
            } else {
                take.accept(text);
            }
        });
    }
}
