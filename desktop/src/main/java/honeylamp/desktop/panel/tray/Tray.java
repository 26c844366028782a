package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.ToolIcons;
import honeylamp.desktop.panel.part.Watched;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
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
    private final Map<WorkStage, Content<?>> contents = new EnumMap<>(WorkStage.class);

    /** A tray on a model. */
    public Tray(WorkspaceModel model, WindowActions window, Library<Product> products) {
        this.model = model;
        this.window = window;
        var thumbnails = new Thumbnails(
                Executors.newSingleThreadExecutor(
                        Thread.ofPlatform().daemon().name("thumbnails").factory()),
                Platform::runLater,
                TILE_PX);
        for (var stage : WorkStage.values()) {
            contents.put(stage, content(stage, thumbnails, products));
        }
        setId("tray");
        getStyleClass().add("tray");
        var content = new VBox(14);
        content.getStyleClass().add("tray-content");
        var scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        Watched.in(content, model, whole::of);
    }

    private Content<?> content(WorkStage stage, Thumbnails thumbnails, Library<Product> products) {
        return switch (stage) {
            case UNDERLAY -> new UnderlayTray(model, window);
            case WALLS -> new WallTray(model, window);
            case OPENINGS -> new OpeningTray(model, window, thumbnails, products);
            case FIXED -> new PartTray(model, window, thumbnails);
            case SITE -> new SiteTray(model, window, thumbnails);
            case ROOMS -> new RoomTray(model, window);
            case FINISHES -> new FinishTray(model, thumbnails);
            case FURNISH -> new FurnishTray(model, window, thumbnails);
            case DIMENSIONS -> new DimensionTray(model);
            case LABELS -> new LabelTray(model);
            case LIGHT -> new LightTray(model);
            case SHEET -> new SheetTray(model, window);
        };
    }

    /** The stage's name and tools, and what it offers. */
    private record Whole(WorkStage stage, Tool tool, Content.Made<?> rest) {}

    private final Content<Whole> whole = new Content<>() {
        @Override
        public Whole part(Workspace now) {
            return new Whole(
                    now.stage(),
                    now.tool(),
                    Objects.requireNonNull(contents.get(now.stage())).of(now));
        }

        @Override
        public List<Node> nodes(Whole part) {
            var all = new ArrayList<Node>();
            all.add(Widgets.heading(part.stage().label()));
            all.addAll(tools(part.stage(), part.tool()));
            all.addAll(part.rest().nodes());
            return all;
        }
    };

    private List<Node> tools(WorkStage stage, Tool current) {
        var tools = stage.tools();
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
                    current == tool,
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

    static String id(String label) {
        return label.toLowerCase(Locale.ROOT).replace(' ', '-').replace(",", "");
    }
}
