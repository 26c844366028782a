package honeylamp.desktop.panel;

import honeylamp.catalogue.Furnishings;
import honeylamp.catalogue.Materials;
import honeylamp.derive.ClearDistances;
import honeylamp.derive.LabelSpot;
import honeylamp.derive.Room;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** What is picked, as typed values with live effect; with nothing picked, the storey in numbers. */
public final class Card extends VBox {
    private final WorkspaceModel model;
    private @Nullable Object shown;

    private record Shown(Plan plan, Set<ElementId> picked) {}

    /** A card on a model. */
    public Card(WorkspaceModel model) {
        super(12);
        this.model = model;
        setId("card");
        getStyleClass().add("card");
        model.state().subscribe(this::update);
    }

    private void update(Workspace now) {
        if (shown instanceof Shown(var plan, var picked) && plan == now.plan() && picked.equals(now.selection())) {
            return;
        }
        shown = new Shown(now.plan(), now.selection());
        getChildren().setAll(nodes(now));
    }

    private List<Node> nodes(Workspace now) {
        if (now.selection().isEmpty()) {
            return storey(now);
        }
        if (now.selection().size() > 1) {
            return many(now);
        }
        var storey = now.currentStorey();
        return switch (now.selection().iterator().next()) {
            case ElementId.WallId id -> storey.wall(id).map(this::wall).orElse(List.of());
            case ElementId.OpeningId id -> storey.opening(id).map(this::opening).orElse(List.of());
            case ElementId.RoomId id ->
                model.geometry().rooms().stream()
                        .filter(r -> r.mark().map(m -> m.id().equals(id)).orElse(false))
                        .findFirst()
                        .map(this::room)
                        .orElse(List.of());
            case ElementId.FurnishingId id ->
                storey.furnishings().stream()
                        .filter(f -> f.id().equals(id))
                        .findFirst()
                        .map(this::furnishing)
                        .orElse(List.of());
            case ElementId.UnderlayId id ->
                storey.underlays().stream()
                        .filter(u -> u.id().equals(id))
                        .findFirst()
                        .map(this::underlay)
                        .orElse(List.of());
            case ElementId.StructureId _ -> plain("Fixed part");
            case ElementId.DimensionId _ -> plain("Dimension");
            case ElementId.NoteId _ -> plain("Note");
            case ElementId.StoreyId _ -> storey(now);
            case ElementId.WallTypeId _ -> storey(now);
        };
    }

    private List<Node> storey(Workspace now) {
        var geometry = model.geometry();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(now.currentStorey().name()));
        if (geometry.rooms().isEmpty()) {
            out.add(Widgets.quiet(
                    "No room yet. Bring in a picture to trace, or draw walls; rooms form by themselves."));
            return out;
        }
        out.add(fact("Net, inner faces", AreaText.both(geometry.netAreaMm2())));
        out.add(fact("Gross, outer faces", AreaText.both(geometry.grossAreaMm2())));
        out.add(fact("Rooms", Integer.toString(geometry.rooms().size())));
        out.add(Widgets.quiet("Pick something to see and change its numbers here."));
        return out;
    }

    private static VBox fact(String name, String value) {
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        var number = new Label(value);
        number.getStyleClass().add("number");
        return new VBox(1, label, number);
    }

    private List<Node> plain(String name) {
        return List.of(Widgets.heading(name), delete());
    }

    private List<Node> many(Workspace now) {
        var walls = new ArrayList<ElementId.WallId>();
        for (var id : now.selection()) {
            if (id instanceof ElementId.WallId w) {
                walls.add(w);
            }
        }
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(now.selection().size() + " things"));
        if (walls.size() == now.selection().size()) {
            out.add(wallTypes(walls, null));
        }
        out.add(delete());
        return out;
    }

    private Node delete() {
        return Widgets.button(
                "Delete", "card-delete", "Delete does it too; Ctrl+Z brings it back", model::deletePicked);
    }

    private LengthField length(String name, String id, Length value, Function<Length, Plan> change, String action) {
        return new LengthField(name, id, value, model.now().plan().units(), v -> edit(change, v, action), model::say);
    }

    private LengthField distance(String name, String id, Length value, Function<Length, Plan> change, String action) {
        return new LengthField(
                name,
                id,
                value,
                model.now().plan().units(),
                LengthReader::notNegative,
                v -> edit(change, v, action),
                model::say);
    }

    /** Applies an edit whose numbers may be impossible; then the sentence says so and nothing changes. */
    private <V> void edit(Function<V, Plan> change, V value, String action) {
        try {
            model.edit(change.apply(value), action);
        } catch (IllegalArgumentException e) {
            model.say("That cannot be: " + e.getMessage() + ".");
        }
    }

    private Plan plan() {
        return model.now().plan();
    }

    private ElementId.StoreyId at() {
        return model.now().storey();
    }

    private List<Node> wall(Wall wall) {
        var id = wall.id();
        return List.of(
                Widgets.heading("Wall"),
                length(
                        "Length",
                        "wall-length",
                        wall.length(),
                        v -> WallEdits.setLength(plan(), at(), id, v, WallEdits.End.TO),
                        "Set wall length"),
                length(
                        "Height",
                        "wall-height",
                        wall.height(),
                        v -> WallEdits.setHeight(plan(), at(), List.of(id), v),
                        "Set wall height"),
                wallTypes(List.of(id), wall.type()),
                Widgets.section("Body beside the drawn line", sides(wall)),
                delete());
    }

    private Node sides(Wall wall) {
        var box = Widgets.row();
        for (var side : Wall.BodySide.values()) {
            var label = switch (side) {
                case LEFT -> "Left";
                case CENTRE -> "Centre";
                case RIGHT -> "Right";
            };
            box.getChildren()
                    .add(Widgets.toggle(
                            label,
                            "body-" + label,
                            "Seen from its first end",
                            side == wall.body(),
                            () -> model.edit(
                                    WallEdits.setBody(plan(), at(), List.of(wall.id()), side), "Shift wall body")));
        }
        return box;
    }

    private Node wallTypes(List<ElementId.WallId> ids, ElementId.@Nullable WallTypeId now) {
        var box = new VBox(4);
        for (var type : plan().wallTypes()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            type.name() + "   " + LengthText.shown(type.thickness(), plan().units()),
                            "card-type-" + type.id().number(),
                            "Change the type",
                            type.id().equals(now),
                            () -> model.edit(WallEdits.setType(plan(), at(), ids, type.id()), "Change wall type")));
        }
        return Widgets.section("Type", box);
    }

    private List<Node> opening(Opening opening) {
        var id = opening.id();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(opening.kind().label()));
        out.add(length(
                "Width",
                "opening-card-width",
                opening.width(),
                v -> OpeningEdits.setWidth(plan(), at(), id, v),
                "Set width"));
        model.now().currentStorey().wall(opening.host()).ifPresent(host -> {
            var middle = opening.offset().mm() + opening.width().mm() / 2;
            var stretch = ClearDistances.around(model.geometry().network(), host, middle);
            out.add(distance(
                    "Before",
                    "opening-before",
                    Length.ofMm(Math.max(0, stretch.beforeMm(opening))),
                    v -> OpeningEdits.setBefore(plan(), at(), id, stretch, v),
                    "Move opening"));
            out.add(distance(
                    "After",
                    "opening-after",
                    Length.ofMm(Math.max(0, stretch.afterMm(opening))),
                    v -> OpeningEdits.setAfter(plan(), at(), id, stretch, v),
                    "Move opening"));
        });
        out.add(distance(
                "Sill",
                "opening-sill",
                opening.sill(),
                v -> OpeningEdits.setHeights(plan(), at(), id, v, opening.head()),
                "Set sill"));
        out.add(length(
                "Head",
                "opening-head",
                opening.head(),
                v -> OpeningEdits.setHeights(plan(), at(), id, opening.sill(), v),
                "Set head"));
        if (opening.kind().hasLeaf()) {
            out.add(Widgets.row(
                    Widgets.button(
                            "Other hand",
                            "flip-hand",
                            "R does it too",
                            () -> model.edit(OpeningEdits.flipHand(plan(), at(), id), "Change hand")),
                    Widgets.button(
                            "Other side",
                            "flip-side",
                            "F does it too",
                            () -> model.edit(OpeningEdits.flipSwing(plan(), at(), id), "Change side"))));
        }
        out.add(delete());
        return out;
    }

    private List<Node> room(Room room) {
        var name = new TextField(room.name());
        name.setId("room-name");
        name.setPromptText("Name of the room");
        name.setAccessibleText("Name");
        name.setOnAction(_ -> model.edit(RoomEdits.name(plan(), at(), room, name.getText()), "Name room"));
        var clear = LabelSpot.clearSize(
                room.outline(), LabelSpot.freest(room.outline()).centre());
        var units = plan().units();
        var finish = room.mark().map(RoomMark::floor);
        var out = new ArrayList<Node>(List.of(
                Widgets.heading("Room"),
                name,
                fact("Area, inner faces", AreaText.both(room.areaMm2())),
                fact("Perimeter", LengthText.shownWithUnit(Length.ofMm(room.perimeterMm()), units)),
                fact(
                        "Clear, through the freest point",
                        LengthText.shown(Length.ofMm(clear.alongMm()), units) + " \u00d7 "
                                + LengthText.shownWithUnit(Length.ofMm(clear.acrossMm()), units))));
        finish.flatMap(f -> Materials.of(f.material())).ifPresent(m -> out.add(fact("Floor", m.label())));
        finish.filter(f -> Materials.of(f.material()).isPresent())
                .ifPresent(f -> out.add(Widgets.slider(
                        "Direction, degrees",
                        "floor-direction",
                        0,
                        180,
                        f.directionDeg(),
                        (v, going) -> model.slide(
                                RoomEdits.floor(plan(), at(), room, f.turnedTo(5 * Math.rint(v / 5))),
                                "Turn finish",
                                going))));
        finish.filter(f -> Materials.of(f.material()).isPresent()).ifPresent(f -> out.addAll(start(room, f)));
        return out;
    }

    /** The starting point of the pattern, from the plan's origin. */
    private List<Node> start(Room room, Finish finish) {
        var units = plan().units();
        var at = finish.start();
        return List.of(
                new LengthField(
                        "Start across",
                        "start-across",
                        at.x(),
                        units,
                        LengthReader::signed,
                        v -> edit(
                                x -> RoomEdits.floor(plan(), at(), room, finish.startingAt(new Position(x, at.y()))),
                                v,
                                "Move starting point"),
                        model::say),
                new LengthField(
                        "Start up",
                        "start-up",
                        at.y(),
                        units,
                        LengthReader::signed,
                        v -> edit(
                                y -> RoomEdits.floor(plan(), at(), room, finish.startingAt(new Position(at.x(), y))),
                                v,
                                "Move starting point"),
                        model::say));
    }

    private List<Node> furnishing(Furnishing piece) {
        var id = piece.id();
        var label = Furnishings.of(piece.kind()).map(k -> k.label()).orElse(piece.kind());
        var turn = new TextField("%.1f".formatted(piece.turnDeg()));
        turn.setId("piece-turn");
        turn.setAccessibleText("Turn in degrees");
        Consumer<Double> turned =
                deg -> model.edit(FurnishingEdits.place(plan(), at(), id, piece.at(), deg), "Turn furnishing");
        turn.setOnAction(_ -> {
            try {
                turned.accept(Double.parseDouble(turn.getText().strip().replace(',', '.')));
            } catch (NumberFormatException _) {
                model.say("\"" + turn.getText() + "\" is no angle; type degrees, for example 45.");
            }
        });
        var turnName = new Label("Turn");
        turnName.getStyleClass().add("field-name");
        return List.of(
                Widgets.heading(label),
                length(
                        "Width",
                        "piece-width",
                        piece.width(),
                        v -> FurnishingEdits.resize(plan(), at(), id, v, piece.depth(), piece.height()),
                        "Size furnishing"),
                length(
                        "Depth",
                        "piece-depth",
                        piece.depth(),
                        v -> FurnishingEdits.resize(plan(), at(), id, piece.width(), v, piece.height()),
                        "Size furnishing"),
                length(
                        "Height",
                        "piece-height",
                        piece.height(),
                        v -> FurnishingEdits.resize(plan(), at(), id, piece.width(), piece.depth(), v),
                        "Size furnishing"),
                Widgets.row(turnName, Widgets.spring(), turn, Widgets.quiet("\u00b0")),
                Widgets.row(
                        Widgets.button(
                                "Turn 90\u00b0",
                                "piece-turn-90",
                                "R does it too",
                                () -> turned.accept(piece.turnDeg() + 90)),
                        Widgets.button(
                                "Another", "piece-another", "A second one beside it (Ctrl+D)", () -> duplicate(id))),
                delete());
    }

    private void duplicate(ElementId.FurnishingId id) {
        var added = FurnishingEdits.duplicate(plan(), at(), id);
        model.edit(added.plan(), "Another furnishing");
        model.pick(Set.of(added.id()));
    }

    private List<Node> underlay(Underlay underlay) {
        var locked = underlay.lock() == Underlay.Lock.LOCKED;
        var out = new ArrayList<Node>(List.of(
                Widgets.heading("Underlay"),
                fact("Picture", underlay.name()),
                fact("Pixels", underlay.widthPx() + " \u00d7 " + underlay.heightPx()),
                fact("Scale", "%.3f mm per pixel".formatted(underlay.mmPerPixel()))));
        underlay.knownLength()
                .ifPresent(k ->
                        out.add(fact("One pixel of error", "\u00b1%.1f mm in a metre".formatted(k.errorMmPerMetre()))));
        out.add(Widgets.slider(
                "Fade",
                "card-fade",
                0,
                1,
                underlay.fade(),
                (v, going) -> model.slide(UnderlayEdits.fade(plan(), at(), underlay.id(), v), "Fade underlay", going)));
        out.add(Widgets.button(
                locked ? "Unlock" : "Lock",
                "underlay-lock",
                "A locked picture cannot be moved",
                () -> model.edit(
                        UnderlayEdits.lock(
                                plan(), at(), underlay.id(), locked ? Underlay.Lock.FREE : Underlay.Lock.LOCKED),
                        locked ? "Unlock underlay" : "Lock underlay")));
        out.add(delete());
        return out;
    }
}
