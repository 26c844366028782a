package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
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
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The few tools and the catalogue of the active stage. */
public final class Tray extends VBox {
    private static final int TILE_PX = 62;

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
        model.state().subscribe(now -> {
            var round = now.choices().round();
            setVisible(round.shelf() == Choices.Shelf.OPEN && round.rest() == Choices.Rest.SHOWN);
            setManaged(isVisible());
        });
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
            var fold = Widgets.button(
                    "Fold",
                    "tray-fold",
                    window.commands().of("shelf").tip("Folds the tray away; its stage opens it again"),
                    window.commands().of("shelf").action());
            fold.setMinWidth(USE_PREF_SIZE);
            fold.getStyleClass().add("small");
            all.add(Widgets.row(Widgets.heading(part.stage().label()), Widgets.spring(), fold));
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
            button.setGraphic(ToolIcons.of(tool));
            buttons.add(button);
        }
        return List.of(new VBox(3, buttons.toArray(Node[]::new)));
    }

    static String id(String label) {
        return label.toLowerCase(Locale.ROOT).replace(' ', '-').replace(",", "");
    }
}
