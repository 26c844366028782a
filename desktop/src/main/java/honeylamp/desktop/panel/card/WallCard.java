package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.derive.listing.OuterFaces;
import honeylamp.desktop.gesture.Ends;
import honeylamp.desktop.panel.part.CountField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.Outcome;
import honeylamp.edit.WallCopies;
import honeylamp.edit.WallEdits;
import honeylamp.edit.WallEdits.End;
import honeylamp.edit.WallShaping;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** One wall, or several, as typed values and corrections. */
record WallCard(WorkspaceModel model, CardFields parts) {
    private static final int FIRST_COPIES = 1;

    List<Node> of(Wall wall) {
        var id = wall.id();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading("Wall"));
        if (wall.isCurved()) {
            out.add(Widgets.fact("Length", shown(wall.length())));
            out.add(parts.place(
                    "Rise",
                    "wall-rise",
                    wall.sagitta(),
                    v -> WallEdits.bend(parts.plan(), parts.at(), id, v),
                    "Bend wall"));
        } else {
            out.add(length(wall));
        }
        out.add(parts.length(
                "Height",
                "wall-height",
                wall.height(),
                v -> Outcome.done(WallEdits.setHeight(parts.plan(), parts.at(), List.of(id), v)),
                "Set wall height"));
        model.now()
                .choices()
                .seen()
                .module()
                .ifPresent(m -> out.add(Widgets.fact(
                        "In boards", m.words(wall.length(), parts.plan().units()))));
        out.add(types(List.of(id), wall.type()));
        out.add(works(List.of(id), wall.works()));
        out.add(parts.folding("Body beside the drawn line", sides(wall)));
        out.add(parts.folding("Cut and lengthen", split(wall)));
        out.add(parts.folding("Copies beside it", copies(wall)));
        out.add(parts.folding("Turn and mirror", new ArrangeCard(model, parts).turning(Set.of(id))));
        out.addAll(outside(wall));
        out.add(Widgets.row(
                Widgets.button(
                        "Its chain",
                        "pick-chain",
                        "Picks all walls of its chain (double click)",
                        () -> pick(WallShaping.chain(parts.plan(), parts.at(), id))),
                Widgets.button(
                        "All of its type",
                        "pick-type",
                        "Picks all walls of this type",
                        () -> pick(model.now().currentStorey().walls().stream()
                                .filter(w -> w.type().equals(wall.type()))
                                .map(Wall::id)
                                .toList()))));
        out.add(parts.delete());
        return out;
    }

    /** Its sides that look outside: what covers them, and how they look from the front. */
    private List<Node> outside(Wall wall) {
        var out = new ArrayList<Node>();
        var storey = model.shown().storey();
        for (var side : Swing.values()) {
            if (OuterFaces.looksOut(storey, wall.id(), side)) {
                var id = "outer-" + side.name().toLowerCase(Locale.ROOT);
                var surface = new Surface.OuterSide(wall.id(), side);
                var nodes = new ArrayList<>(parts.covering(List.of(surface), id, Place.WALL, "Finish outer face"));
                nodes.add(Widgets.button(
                        "From the front",
                        id + "-front",
                        "A new page with this face and all in line with it as one sees them from outside",
                        () -> parts.elevations(
                                List.of(new View.Subject.OuterFace(
                                        parts.at(), wall.id(), side, View.Subject.USUAL_DEPTH)),
                                "")));
                out.add(parts.folding(
                        "Outer face to the " + OuterFaces.towards(storey, wall.id(), side),
                        nodes.toArray(Node[]::new)));
            }
        }
        return out;
    }

    private void pick(List<WallId> walls) {
        model.pick(Set.copyOf(walls));
    }

    /** The length, and which end moves when it is typed. */
    private Node length(Wall wall) {
        var ends = Widgets.row();
        var now = model.now().choices().lengthEnd();
        var sides = Ends.of(wall.chord());
        for (var end : End.values()) {
            ends.getChildren()
                    .add(Widgets.toggle(
                            switch (end) {
                                case FROM -> sides.from();
                                case TO -> sides.to();
                                case BOTH -> "Both ends";
                            },
                            "end-" + end.name().toLowerCase(Locale.ROOT),
                            "This end moves when a length is typed",
                            end == now,
                            () -> model.chooseWithin(model.now().choices().withLengthEnd(end))));
        }
        return new VBox(
                6,
                parts.length(
                        "Length",
                        "wall-length",
                        wall.length(),
                        v -> WallEdits.setLength(
                                parts.plan(),
                                parts.at(),
                                wall.id(),
                                v,
                                model.now().choices().lengthEnd()),
                        "Set wall length"),
                ends);
    }

    private Node split(Wall wall) {
        return new VBox(
                6,
                parts.length(
                        "Cut in two at",
                        "wall-split",
                        wall.length().half(),
                        v -> WallShaping.split(parts.plan(), parts.at(), wall.id(), v)
                                .map(Added::plan),
                        "Split wall"),
                parts.place(
                        "Both ends longer by",
                        "wall-grow",
                        Length.ZERO,
                        v -> WallShaping.grow(parts.plan(), parts.at(), wall.id(), v),
                        "Grow wall"));
    }

    private Node copies(Wall wall) {
        var beside = Ends.beside(wall.chord()).ofIt();
        var count = new CountField("How many", "wall-copies", FIRST_COPIES, 200, model::complain);
        return new VBox(
                6,
                count,
                parts.place(
                        beside.from() + " by",
                        "wall-copy-distance",
                        Length.ZERO,
                        v -> WallCopies.parallel(parts.plan(), parts.at(), wall.id(), v, count.count())
                                .map(WallCopies.Several::plan),
                        "Copy wall"),
                Widgets.row(
                        Widgets.button(
                                beside.from(),
                                "wall-along-left",
                                "A wall of the drawn type against the face on this side",
                                () -> along(wall, true)),
                        Widgets.button(
                                beside.to(),
                                "wall-along-right",
                                "A wall of the drawn type against the face on this side",
                                () -> along(wall, false))));
    }

    private void along(Wall wall, boolean left) {
        model.edit(
                WallCopies.along(
                                parts.plan(),
                                parts.at(),
                                wall.id(),
                                left,
                                model.now().choices().wallType())
                        .map(a -> asDrawn(a.plan())),
                "Wall along wall");
    }

    private Node sides(Wall wall) {
        var box = Widgets.row();
        var beside = Ends.beside(wall.chord());
        for (var side : Wall.BodySide.values()) {
            var label = switch (side) {
                case LEFT -> beside.from();
                case CENTRE -> "Centre";
                case RIGHT -> beside.to();
            };
            box.getChildren()
                    .add(Widgets.toggle(
                            label,
                            "body-" + side.name().toLowerCase(Locale.ROOT),
                            side == Wall.BodySide.CENTRE
                                    ? "The drawn line is the middle of the wall"
                                    : "The body lies on this side of the drawn line",
                            side == wall.body(),
                            () -> model.edit(
                                    WallEdits.setBody(parts.plan(), parts.at(), List.of(wall.id()), side),
                                    "Shift wall body")));
        }
        return box;
    }

    /** Several walls: their shared type, and what two of them can do together. */
    List<Node> of(List<WallId> walls) {
        var storey = model.now().currentStorey();
        var types = new HashSet<ElementId.WallTypeId>();
        storey.walls().stream().filter(w -> walls.contains(w.id())).forEach(w -> types.add(w.type()));
        var out = new ArrayList<Node>();
        out.add(types(walls, types.size() == 1 ? types.iterator().next() : null));
        var works = storey.walls().stream()
                .filter(w -> walls.contains(w.id()))
                .map(Wall::works)
                .distinct()
                .toList();
        out.add(works(walls, works.size() == 1 ? works.getFirst() : null));
        if (walls.size() == 2) {
            out.addAll(pair(walls.get(0), walls.get(1)));
        }
        out.add(Widgets.button(
                "Other side of the drawn line",
                "walls-reverse",
                "Puts every body on the other side of its line",
                () -> model.edit(
                        WallShaping.reverseFace(parts.plan(), parts.at(), Set.copyOf(walls)), "Reverse walls")));
        return out;
    }

    private List<Node> pair(WallId one, WallId other) {
        var faces = Widgets.row();
        for (var face : WallShaping.Face.values()) {
            faces.getChildren()
                    .add(Widgets.button(
                            switch (face) {
                                case LEFT -> "Left faces";
                                case MIDDLE -> "Middles";
                                case RIGHT -> "Right faces";
                            },
                            "align-" + face.name().toLowerCase(Locale.ROOT),
                            "Moves the second wall picked onto the line of the first",
                            () -> model.edit(
                                    WallShaping.align(parts.plan(), parts.at(), other, face, one, face),
                                    "Align walls")));
        }
        var count = new CountField("Parts", "divide-parts", 2, 100, model::complain);
        return List.of(
                Widgets.button(
                        "Join into one",
                        "walls-join",
                        "Two walls on one line that meet end to end",
                        () -> model.edit(WallShaping.join(parts.plan(), parts.at(), one, other), "Join walls")),
                parts.folding("Align", faces),
                parts.folding(
                        "Divide between them",
                        count,
                        Widgets.row(
                                Widgets.button(
                                        "Equal centres",
                                        "divide-centres",
                                        "Equal from centre to centre",
                                        () -> divide(one, other, count, WallCopies.Spacing.CENTRES)),
                                Widgets.button(
                                        "Equal widths",
                                        "divide-clear",
                                        "Equal clear widths between faces",
                                        () -> divide(one, other, count, WallCopies.Spacing.CLEAR_WIDTHS)))));
    }

    private void divide(WallId one, WallId other, CountField count, WallCopies.Spacing spacing) {
        model.edit(
                WallCopies.divide(
                                parts.plan(),
                                parts.at(),
                                one,
                                other,
                                count.count(),
                                spacing,
                                model.now().choices().wallType())
                        .map(s -> asDrawn(s.plan())),
                "Divide space");
    }

    /** Walls of the drawn type are in the works what walls drawn next are. */
    private Plan asDrawn(Plan plan) {
        return WallEdits.setWorksOfAdded(
                parts.plan(), plan, parts.at(), model.now().choices().works());
    }

    /** The wall types to choose from, for these walls. */
    Node types(List<WallId> ids, @Nullable WallTypeId now) {
        var box = new VBox(4);
        Plan plan = parts.plan();
        for (var type : plan.wallTypes()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            type.name() + "   " + shown(type.thickness()),
                            "card-type-" + type.id().number(),
                            "Change the type",
                            type.id().equals(now),
                            () -> model.edit(
                                    WallEdits.setType(parts.plan(), parts.at(), ids, type.id()), "Change wall type")));
        }
        return parts.folding("Type", box);
    }

    /** What becomes of walls in the building works. */
    private Node works(List<WallId> ids, Wall.@Nullable Works now) {
        var row = new FlowPane(6, 6);
        for (var works : Wall.Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.label(),
                            "works-" + works.name().toLowerCase(Locale.ROOT),
                            works.meaning(),
                            works == now,
                            () -> model.edit(
                                    WallEdits.setWorks(parts.plan(), parts.at(), ids, works), "Change what stays")));
        }
        return parts.folding("In the works", row);
    }

    private String shown(Length length) {
        return LengthText.rounded(length, parts.plan().units());
    }
}
