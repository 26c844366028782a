package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.FurnishingKind;
import honeylamp.catalogue.Furnishings;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.ToolIcons;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.ElementId;
import honeylamp.plan.RoomMark;
import honeylamp.units.AreaText;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The few tools and the catalogue of the active stage. */
public final class Tray extends VBox {
    private static final int ONE_COLUMN = 7;
    private static final int MAIN_TOOLS = 2;
    private static final int TILE_PX = 74;

    private final WorkspaceModel model;
    private final WindowActions window;
    private final Library<Product> products;
    private final VBox content = new VBox(14);
    private final Thumbnails thumbnails = new Thumbnails(
            Executors.newSingleThreadExecutor(
                    Thread.ofPlatform().daemon().name("thumbnails").factory()),
            Platform::runLater,
            TILE_PX);

    private record Shown(WorkStage stage, Tool tool, Choices choices, Object depends) {}

    private @org.jspecify.annotations.Nullable Shown shown;
    private String searched = "";

    /** A tray on a model. */
    public Tray(WorkspaceModel model, WindowActions window, Library<Product> products) {
        this.model = model;
        this.window = window;
        this.products = products;
        setId("tray");
        getStyleClass().add("tray");
        content.getStyleClass().add("tray-content");
        var scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        model.state().subscribe(this::update);
    }

    private void update(Workspace now) {
        var next = new Shown(now.stage(), now.tool(), now.choices(), depends(now));
        if (!next.equals(shown) && !Widgets.sliding(content)) {
            shown = next;
            Widgets.rebuilt(content, nodes(now));
        }
    }

    /** What a stage's tray shows of the plan, so that it is built anew only when that changes. */
    private static Object depends(Workspace now) {
        return switch (now.stage()) {
            case UNDERLAY ->
                List.of(
                        now.currentStorey().underlays(),
                        now.selection(),
                        now.currentStorey().walls().isEmpty());
            case WALLS ->
                List.of(now.plan().wallTypes(), now.currentStorey().underlays().isEmpty());
            case ROOMS ->
                List.of(
                        now.currentStorey().rooms(),
                        now.currentStorey().walls(),
                        now.currentStorey().furnishings(),
                        now.plan().brief(),
                        now.plan().repeats());
            case FIXED -> List.of(now.storey(), now.plan().storeys().size());
            case SITE ->
                List.of(now.currentStorey().grounds(), now.currentStorey().walls());
            case LIGHT, SHEET -> List.of(now.plan().presentation(), now.worked(), now.frame());
            case LABELS -> now.view().moved();
            case DIMENSIONS -> now.view().movedTiers();
            case OPENINGS, FINISHES, FURNISH -> "";
        };
    }

    private List<Node> nodes(Workspace now) {
        var tools = tools(now);
        var rest = switch (now.stage()) {
            case UNDERLAY -> new UnderlayTray(model, window).nodes();
            case WALLS -> walls(now);
            case OPENINGS -> new OpeningTray(model, window, thumbnails, products).nodes(now);
            case FIXED -> new PartTray(model, window, thumbnails).parts(now);
            case SITE -> new PartTray(model, window, thumbnails).site(now);
            case ROOMS -> rooms(now);
            case FINISHES -> finishes(now);
            case FURNISH -> furnish(now);
            case DIMENSIONS -> dimensions(now);
            case LABELS -> labels(now);
            case LIGHT -> new LightTray(model).nodes();
            case SHEET -> new SheetTray(model, window).nodes();
        };
        var all = new ArrayList<Node>();
        all.add(Widgets.heading(now.stage().label()));
        all.addAll(tools);
        all.addAll(rest);
        return all;
    }

    private List<Node> dimensions(Workspace now) {
        var out = new ArrayList<Node>();
        out.add(
                Widgets.quiet(
                        "Overall and opening tiers follow the plan on all four sides; drag a tier nearer or farther for this view. Measure between two points to add a single dimension; Pick and move takes it up again."));
        if (!now.view().movedTiers().isEmpty()) {
            out.add(Widgets.button(
                    "Tiers where they usually lie",
                    "tiers-back",
                    "Those that were dragged in this view go back to their places",
                    () -> model.edit(
                            ViewEdits.tiersBack(
                                    model.now().plan(), model.now().worked().view()),
                            "Put tiers back")));
        }
        return out;
    }

    private List<Node> labels(Workspace now) {
        var out = new ArrayList<Node>();
        out.add(
                Widgets.quiet(
                        "Room labels find the freest place by themselves; drag one where this view should have it. Write notes where you want more words; Pick and move takes them up again."));
        if (!now.view().moved().isEmpty()) {
            out.add(Widgets.button(
                    "Labels find their place again",
                    "names-back",
                    "Those that were put by hand in this view go where they find room",
                    () -> model.edit(
                            ViewEdits.namesBack(
                                    model.now().plan(), model.now().worked().view()),
                            "Put names back")));
        }
        return out;
    }

    private List<Node> tools(Workspace now) {
        var tools = now.stage().tools();
        if (tools.size() < 2) {
            return List.of();
        }
        var buttons = new ArrayList<Node>();
        for (var tool : tools) {
            var keys = tool.keys().map(k -> k.text() + "; ").orElse("");
            var button = Widgets.toggle(
                    tool.label(),
                    "tool-" + id(tool.label()),
                    tool.hint() + " (" + keys + Keys.NEXT_TOOL.text() + " changes the tool)",
                    now.tool() == tool,
                    () -> {
                        model.use(tool);
                        window.focusPlan();
                    });
            if (tools.size() <= ONE_COLUMN || buttons.size() < MAIN_TOOLS) {
                button.setGraphic(ToolIcons.of(tool)); // half a column has room for the words only
            }
            buttons.add(button);
        }
        if (buttons.size() <= ONE_COLUMN) {
            return List.of(new VBox(4, buttons.toArray(Node[]::new)));
        }
        var grid = new GridPane(4, 4);
        for (var i = 0; i < buttons.size(); i++) {
            GridPane.setHgrow(buttons.get(i), Priority.ALWAYS);
            if (i < MAIN_TOOLS) {
                grid.add(buttons.get(i), 0, i, 2, 1);
            } else {
                buttons.get(i).getStyleClass().add("compact");
                grid.add(buttons.get(i), i % 2, MAIN_TOOLS + (i - MAIN_TOOLS) / 2);
            }
        }
        var half = new ColumnConstraints();
        half.setPercentWidth(50);
        grid.getColumnConstraints().addAll(half, half);
        return List.of(grid);
    }

    private static String id(String label) {
        return label.toLowerCase(Locale.ROOT).replace(' ', '-').replace(",", "");
    }

    private List<Node> walls(Workspace now) {
        var types = new VBox(4);
        for (var type : now.plan().wallTypes()) {
            types.getChildren()
                    .add(Widgets.toggle(
                            type.name() + "   "
                                    + LengthText.rounded(
                                            type.thickness(), now.plan().units()),
                            "wall-type-" + type.id().number(),
                            "New walls are of this type until you change it here (T goes on to the next)",
                            type.id().equals(now.choices().wallType()),
                            () -> model.chooseWithin(model.now().choices().withWallType(type.id()))));
        }
        var faces = choice(
                DrawnFace.values(),
                DrawnFace::label,
                "face-",
                "Which line of the wall you draw (D goes on to the next)",
                now.choices().face(),
                f -> model.chooseWithin(model.now().choices().withFace(f)));
        var angles = Widgets.row(
                Widgets.toggle(
                        "Square",
                        "angle-square",
                        "Level or plumb (Q changes it)",
                        now.choices().angle() == Choices.Angle.SQUARE,
                        () -> model.chooseWithin(model.now().choices().withAngle(Choices.Angle.SQUARE))),
                Widgets.toggle(
                        "Free",
                        "angle-free",
                        "Any direction (Q changes it, Shift for one wall)",
                        now.choices().angle() == Choices.Angle.FREE,
                        () -> model.chooseWithin(model.now().choices().withAngle(Choices.Angle.FREE))));
        var out = new java.util.ArrayList<Node>(List.of(
                Widgets.section("Wall type", types),
                Widgets.section("Drawn face", faces),
                Widgets.section("Angle", angles)));
        if (!now.currentStorey().underlays().isEmpty()) {
            var caught = now.choices().lines() == Choices.Lines.CAUGHT;
            out.add(Widgets.section(
                    "Picture",
                    Widgets.toggle(
                            "Catch its lines",
                            "catch-lines",
                            "The pointer is drawn to the lines of the picture (P changes it, Control frees it for once)",
                            caught,
                            window::toggleLines)));
        }
        out.add(Widgets.toggle(
                "Raised glance",
                "toggle-glance",
                "A small raised picture of the storey in the corner (G)",
                now.choices().glance() == Choices.Glance.SHOWN,
                () -> {
                    window.toggleGlance();
                    window.focusPlan();
                }));
        out.add(Widgets.section(
                "Laser meter", new MeterTray(window.meter()).nodes().toArray(Node[]::new)));
        return out;
    }

    private <T> VBox choice(
            T[] values,
            Function<T, String> label,
            String id,
            String tip,
            T selected,
            java.util.function.Consumer<T> take) {
        var box = new VBox(4);
        for (var value : values) {
            box.getChildren()
                    .add(Widgets.toggle(
                            label.apply(value),
                            id + id(label.apply(value)),
                            tip,
                            value.equals(selected),
                            () -> take.accept(value)));
        }
        return box;
    }

    private List<Node> rooms(Workspace now) {
        var list = new VBox(4);
        for (var room : model.shown().geometry().rooms()) {
            if (room.mark().map(RoomMark::id).filter(ElementId::isCopied).isPresent()) {
                continue; // it is listed where it is drawn
            }
            var name = room.name().isBlank() ? "(no name)" : room.name();
            var button = new Button(
                    "",
                    Widgets.row(
                            new Label(name),
                            Widgets.spring(),
                            new Label(
                                    AreaText.rounded(room.areaMm2(), now.plan().units()))));
            button.getStyleClass().add("list-row");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setAccessibleText(name);
            button.setOnAction(_ -> room.mark().ifPresent(m -> model.pick(Set.of(m.id()))));
            list.getChildren().add(button);
        }
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(Widgets.quiet("Rooms appear by themselves when walls close. Draw walls first."));
        }
        return List.of(
                list,
                Widgets.button(
                        "Schedules", "show-schedules", "Doors, windows and rooms as tables", window::toggleSchedules),
                Widgets.section("Units", new UnitTray(model, window).nodes(now).toArray(Node[]::new)),
                Widgets.section("Brief", new BriefTray(model).nodes().toArray(Node[]::new)));
    }

    private List<Node> finishes(Workspace now) {
        var tiles = new FlowPane(8, 8);
        for (var material : Materials.all()) {
            var picture = thumbnails.view(material.key(), () -> Samples.of(material, 1850), 1850 / 50.0);
            tiles.getChildren()
                    .add(Widgets.tile(
                            material.label(),
                            "finish-" + material.key(),
                            picture,
                            material.key().equals(now.choices().material()),
                            () -> model.choose(model.now().choices().withMaterial(material.key()))));
        }
        return List.of(tiles);
    }

    private List<Node> furnish(Workspace now) {
        var search = new TextField(searched);
        search.setId("furnish-search");
        search.setPromptText("Find a piece, for example bed");
        search.setAccessibleText("Find a piece");
        var groups = new VBox(12);
        fillGroups(groups, now);
        search.textProperty().subscribe(text -> {
            searched = text;
            fillGroups(groups, model.now());
        });
        return List.of(search, groups);
    }

    private void fillGroups(VBox groups, Workspace now) {
        groups.getChildren().clear();
        var placing = now.tool() == Tool.PLACE_PIECE;
        for (var group : FurnishingKind.Group.values()) {
            var tiles = new FlowPane(8, 8);
            for (var kind : Furnishings.all()) {
                if (kind.group() == group && matches(kind)) {
                    tiles.getChildren()
                            .add(Widgets.tile(
                                    kind.label(),
                                    "piece-" + kind.key(),
                                    thumbnails.view(kind.key(), () -> Samples.of(kind), Samples.sizeMm(kind) * 1.06),
                                    placing && kind.key().equals(now.choices().furnishing()),
                                    () -> place(kind)));
                }
            }
            if (!tiles.getChildren().isEmpty()) {
                groups.getChildren().add(Widgets.section(group.label(), tiles));
            }
        }
    }

    private boolean matches(FurnishingKind kind) {
        return kind.label().toLowerCase(Locale.ROOT).contains(searched.strip().toLowerCase(Locale.ROOT));
    }

    private void place(FurnishingKind kind) {
        model.act(
                new Intent.ChooseWithin(model.now().choices().withFurnishing(kind.key())),
                new Intent.TakeUp(Tool.PLACE_PIECE));
        window.focusPlan();
    }
}
