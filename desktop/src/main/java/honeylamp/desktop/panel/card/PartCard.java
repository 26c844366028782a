package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.listing.StairFacts;
import honeylamp.derive.snags.BayClearance;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.StructureEdits;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Structure.Car;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** A stair, another fixed part, or a parking bay, as typed values. */
record PartCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Structure part) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(PartKinds.label(part.form())));
        switch (part.form()) {
            case Stair stair -> stair(out, part, stair);
            case Block block -> block(out, part, block);
            case ParkingBay bay -> bay(out, part, bay);
        }
        out.add(parts.angle(
                "part-turn",
                part.turnDeg(),
                deg -> Outcome.done(StructureEdits.change(parts.plan(), part.id(), x -> x.turnedTo(deg))),
                "Turn fixed part"));
        out.add(parts.delete());
        return out;
    }

    private Plan formed(Structure part, Structure.Form form) {
        return StructureEdits.form(parts.plan(), part.id(), form);
    }

    private LengthField size(
            Structure part, String name, String id, Length value, Function<Length, Structure.Form> change) {
        return parts.length(name, id, value, v -> Outcome.done(formed(part, change.apply(v))), "Size fixed part");
    }

    private void stair(List<Node> out, Structure part, Stair stair) {
        var facts = facts(part, stair);
        out.add(chips(
                Stair.Shape.values(),
                "shape-",
                shape -> PartKinds.label(stair.shaped(shape)),
                stair.shape(),
                shape -> change(part, stair.shaped(shape), "Change stair")));
        out.add(chips(
                Stair.Leads.values(),
                "leads-",
                l -> l == Stair.Leads.UP ? "Leads up" : "Leads down",
                stair.leads(),
                l -> change(part, stair.withLeads(l), "Change stair")));
        if (stair.shape() != Stair.Shape.STRAIGHT) {
            out.add(chips(
                    Stair.Turn.values(),
                    "hand-",
                    t -> t == Stair.Turn.LEFT ? "Turns left" : "Turns right",
                    stair.turn(),
                    t -> change(part, stair.turn() == t ? stair : stair.mirrored(), "Mirror stair")));
        }
        out.add(count(
                "Risers",
                "stair-risers",
                stair.risers(),
                n -> StructureEdits.risers(parts.plan(), part.id(), stair, n)));
        out.add(size(part, "Going", "stair-going", stair.going(), g -> stair.stepped(stair.risers(), g)));
        out.add(size(part, "Flight", "stair-flight", stair.flight(), w -> stair.wide(w, stair.well())));
        if (stair.shape().turning() > 0) {
            out.add(count(
                    "Lower treads",
                    "stair-lower",
                    stair.lower(),
                    n -> StructureEdits.turningAfter(parts.plan(), part.id(), stair, n)));
        }
        if (stair.shape() == Stair.Shape.HALF || stair.shape() == Stair.Shape.SPIRAL) {
            out.add(parts.distance(
                    stair.shape() == Stair.Shape.SPIRAL ? "Newel" : "Well",
                    "stair-well",
                    stair.well(),
                    w -> Outcome.done(formed(part, stair.wide(stair.flight(), w))),
                    "Size stair"));
        }
        out.add(size(part, "Rise", "stair-rise", stair.rise(), stair::withRise));
        out.add(Widgets.button(
                "Steps from floor to floor",
                "stair-steps",
                "As many risers of about 175 mm (7 in) as the height asks for, and the going that fits a stride",
                () -> model.edit(StructureEdits.stepped(parts.plan(), parts.at(), part.id()), "Step stair anew")));
        out.add(Widgets.fact("Riser", shown(stair.riserMm())));
        out.add(Widgets.fact("2R + T", shown(stair.strideMm()) + (facts.easy() ? ", easy" : "")));
        facts.climb().ifPresent(c -> {
            out.add(Widgets.fact("Walking line", shown(c.walkMm())));
            out.add(Widgets.fact("Floor above open from", "step " + c.openFromStep()));
        });
        out.add(parts.folding(
                "Treads",
                parts.covering(steps(part, Surface.Tread::new), "treads", Place.FLOOR, "Finish treads")
                        .toArray(Node[]::new)));
        out.add(parts.folding(
                "Risers",
                parts.covering(steps(part, Surface.Riser::new), "risers", Place.FLOOR, "Finish risers")
                        .toArray(Node[]::new)));
    }

    private void block(List<Node> out, Structure part, Block block) {
        out.add(size(part, "Width", "part-width", block.width(), v -> sized(block, v, block.depth(), block.height())));
        out.add(size(
                part,
                block.kind() == Structure.Kind.RAMP ? "Length" : "Depth",
                "part-depth",
                block.depth(),
                v -> sized(block, block.width(), v, block.height())));
        var height = switch (block.kind()) {
            case BEAM, OVERHANG -> "Underside at";
            case TRAY_CEILING -> "Ceiling at";
            case SLOPING_CEILING -> "Low side at";
            case DORMER -> "Eaves at";
            case RAMP -> "Climbs";
            case GALLERY -> "Floor at";
            case POST, BALCONY, VOID, LIFT_SHAFT, FIREPLACE, CHIMNEY, ROOFLIGHT -> "Height";
        };
        if (block.kind() != Structure.Kind.VOID && block.kind() != Structure.Kind.ROOFLIGHT) {
            out.add(size(
                    part, height, "part-height", block.height(), v -> sized(block, block.width(), block.depth(), v)));
        }
        if (block.kind() == Structure.Kind.RAMP) {
            out.add(Widgets.fact("Slope", Words.of("1 in %.1f", block.climbsOneIn())));
        }
        if (block.kind().runsThrough()) {
            out.add(Widgets.quiet("It stands in every storey its height reaches."));
        }
    }

    private static Block sized(Block block, Length width, Length depth, Length height) {
        return new Block(block.kind(), width, depth, height);
    }

    private void bay(List<Node> out, Structure part, ParkingBay bay) {
        out.add(chips(
                Car.values(),
                "bay-car-",
                PartKinds::label,
                bay.car(),
                car -> change(part, bay.withCar(car), "Change car")));
        out.add(size(part, "Width", "part-width", bay.width(), v -> bay.withWidth(v)));
        out.add(size(part, "Length", "part-depth", bay.depth(), v -> bay.withDepth(v)));
        var clear = BayClearance.of(model.geometry(), part, bay);
        out.add(Widgets.fact("Clear width", shown(clear.clearMm())));
        out.add(Widgets.fact("Wanted", shown(clear.wantedMm())));
        out.add(Widgets.fact("Walls beside it", Integer.toString(clear.walls())));
    }

    private void change(Structure part, Structure.Form form, String action) {
        model.edit(formed(part, form), action);
    }

    private String shown(double mm) {
        return LengthText.rounded(Length.ofMm(mm), parts.plan().units());
    }

    private static <T extends Enum<T>> FlowPane chips(
            T[] values, String id, Function<T, String> label, T selected, Consumer<T> take) {
        var out = new FlowPane(6, 6);
        for (var value : values) {
            out.getChildren()
                    .add(Widgets.toggle(
                            label.apply(value),
                            id + value.name().toLowerCase(Locale.ROOT),
                            label.apply(value),
                            value == selected,
                            () -> take.accept(value)));
        }
        return out;
    }

    /** A whole number that remakes the stair. */
    private Node count(String name, String id, int value, IntFunction<Outcome<Plan>> change) {
        var field = new TextField(Integer.toString(value));
        field.setId(id);
        field.setAccessibleText(name);
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(field);
        field.setOnAction(_ -> {
            if (field.getText().strip().matches("[0-9]{1,3}")) {
                model.edit(change.apply(Integer.parseInt(field.getText().strip())), "Change stair");
            } else {
                model.complain("\"" + field.getText().strip() + "\" is no count; type a whole number.");
            }
        });
        var unit = new Label("");
        unit.getStyleClass().addAll("quiet", "unit");
        var row = new HBox(6, label, Widgets.spring(), field, unit);
        row.getStyleClass().add("field-row");
        return row;
    }

    /** The treads or the risers of a stair, from its foot. */
    private List<Surface> steps(Structure part, BiFunction<StructureId, Integer, Surface> kind) {
        var facts = facts(part, (Stair) part.form());
        var count = kind.apply(part.id(), 1) instanceof Surface.Tread ? facts.treads() : facts.risers();
        return IntStream.rangeClosed(1, count)
                .mapToObj(i -> kind.apply(part.id(), i))
                .toList();
    }

    private StairFacts facts(Structure part, Stair stair) {
        return StairFacts.of(parts.plan(), model.now().currentStorey(), part, stair);
    }
}
