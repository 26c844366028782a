package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Pictures;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.StageSights;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.ToolIcons;
import honeylamp.desktop.panel.part.Watched;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The few tools and the catalogue of the active stage. */
public final class Tray extends VBox {

    /** What stays put takes no more of the tray than this share; else it is scrolled with the rest. */
    private static final double MOST_PINNED = 0.62;

    private final WorkspaceModel model;
    private final WindowActions window;
    private final Map<WorkStage, VBox> panes = new EnumMap<>(WorkStage.class);
    private @Nullable WorkStage shown;
    private final Map<WorkStage, Content<?>> contents = new EnumMap<>(WorkStage.class);

    /** A tray on a model. */
    public Tray(WorkspaceModel model, WindowActions window, Libraries libraries) {
        this.model = model;
        this.window = window;
        var thumbnails = new Thumbnails(
                Executors.newSingleThreadExecutor(
                        Thread.ofPlatform().daemon().name("thumbnails").factory()),
                Platform::runLater);
        for (var stage : WorkStage.values()) {
            contents.put(stage, content(stage, thumbnails, libraries));
        }
        setId("tray");
        getStyleClass().add("tray");
        model.state().subscribe(now -> {
            if (now.stage() != shown) { // each stage is found as it was left
                shown = now.stage();
                var pane = panes.computeIfAbsent(shown, this::pane);
                VBox.setVgrow(pane, Priority.ALWAYS);
                getChildren().setAll(pane);
            }
        });
        model.state().subscribe(now -> {
            var round = now.choices().round();
            setVisible(round.shelf() == Choices.Shelf.OPEN && round.rest() == Choices.Rest.SHOWN);
            setManaged(isVisible());
        });
    }

    /** What a stage offers, made anew only while the stage is worked in. */
    private VBox pane(WorkStage stage) {
        var top = new VBox(10);
        top.getStyleClass().add("tray-top");
        var rest = new VBox(14);
        rest.getStyleClass().add("tray-content");
        var scrolled = new VBox(rest);
        var scroll = new ScrollPane(scrolled);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        var last = new AtomicReference<Content.Made<?>>(content(stage).of(model.now()));
        Watched.in(
                rest,
                model,
                now -> now.stage() == stage
                        ? last.updateAndGet(_ -> content(stage).of(now))
                        : last.get());
        var above = new AtomicReference<>(whole.of(model.now()));
        Watched.in(top, model, now -> now.stage() == stage ? above.updateAndGet(_ -> whole.of(now)) : above.get());
        var pane = new VBox(top, scroll);
        var place = new Later(() -> place(top, pane, scrolled));
        pane.heightProperty().subscribe(_ -> place.ask());
        top.heightProperty().subscribe(_ -> place.ask());
        return pane;
    }

    /** Tools and sizes stay put where there is room for that. */
    private static void place(VBox top, VBox pane, VBox scrolled) {
        var home = top.prefHeight(pane.getWidth()) <= MOST_PINNED * pane.getHeight() ? pane : scrolled;
        if (top.getParent() != home && pane.getHeight() > 0) {
            pane.getChildren().remove(top);
            scrolled.getChildren().remove(top);
            home.getChildren().addFirst(top);
        }
    }

    private Content<?> content(WorkStage stage) {
        return Objects.requireNonNull(contents.get(stage));
    }

    private Content<?> content(WorkStage stage, Thumbnails thumbnails, Libraries libraries) {
        return switch (stage) {
            case UNDERLAY -> new UnderlayTray(model, window);
            case WALLS -> new WallTray(model, window);
            case OPENINGS ->
                new OpeningTray(
                        model,
                        window,
                        thumbnails,
                        catalogue(libraries, "openings", "Find a door or window", Pictures.LOW),
                        libraries.products());
            case FIXED -> new PartTray(model, window, thumbnails, catalogue(libraries, "parts", "Find a fixed part"));
            case SITE -> new SiteTray(model, window, thumbnails, catalogue(libraries, "site", "Find a ground"));
            case ROOMS -> new RoomTray(model, window, libraries.minimumSets());
            case FINISHES ->
                new FinishTray(model, window, thumbnails, catalogue(libraries, "finishes", "Find a finish"));
            case FURNISH ->
                new FurnishTray(
                        model, window, thumbnails, catalogue(libraries, "furnish", "Find a piece"), libraries.pieces());
            case DIMENSIONS -> new DimensionTray(model, libraries.tierSets(), libraries.dimensionStyles());
            case LABELS -> new LabelTray(model, libraries.labelSets());
            case LIGHTING ->
                new LightingTray(
                        model,
                        window,
                        thumbnails,
                        catalogue(libraries, "lighting", "Find a light, switch or outlet"),
                        libraries.fittings());
            case LOOK -> new LookTray(model, window, thumbnails, libraries.looks());
            case SHEET -> new SheetTray(model, window, libraries);
        };
    }

    private Catalogue catalogue(Libraries libraries, String name, String prompt) {
        return catalogue(libraries, name, prompt, Pictures.SQUARE);
    }

    private Catalogue catalogue(Libraries libraries, String name, String prompt, Pictures pictures) {
        return new Catalogue(name, prompt, pictures, libraries.atHand(), model::complain);
    }

    /** The stage's name and tools, and what it offers. */
    private record Whole(WorkStage stage, Tool tool, Optional<Seen> seen, Object pinning) {}

    /** How much of the stage's things is seen. */
    private record Seen(Kind kind, Degree degree, boolean locked) {}

    private final Content<Whole> whole = new Content<>() {
        @Override
        public Whole part(Workspace now) {
            return new Whole(
                    now.stage(),
                    now.tool(),
                    now.stage()
                            .kind()
                            .map(k -> new Seen(
                                    k,
                                    now.view().showing().of(k),
                                    now.view().showing().locked().contains(k))),
                    content(now.stage()).of(now).pinning());
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
            all.addAll(seen(part.seen()));
            all.addAll(content(part.stage()).of(model.now()).pinned());
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
            var keys = tool.keys().map(k -> k.text() + ", ").orElse("")
                    + stage.placeKey(tool).map(k -> "Alt+" + k.getName() + ", ").orElse("");
            var button = Widgets.toggle(
                    tool.label(),
                    "tool-" + id(tool.label()),
                    tool.hint() + " (" + keys + Keys.NEXT_TOOL.text() + " takes the next)",
                    current == tool,
                    () -> {
                        model.use(tool);
                        window.focusPlan();
                    });
            button.setGraphic(ToolIcons.of(tool));
            buttons.add(withKey(button, stage, tool));
        }
        return List.of(new VBox(3, buttons.toArray(Node[]::new)));
    }

    /** The key that takes a tool up stands at the end of its button. */
    private static Node withKey(ToggleButton button, WorkStage stage, Tool tool) {
        var key = new Label(stage.placeKey(tool).map(k -> "Alt+" + k.getName()).orElse(""));
        key.getStyleClass().add("tool-key");
        key.setMouseTransparent(true);
        var both = new StackPane(button, key);
        StackPane.setAlignment(key, Pos.CENTER_RIGHT);
        return both;
    }

    /** How much of the stage's kind of things is seen, and whether they can be picked. */
    private List<Node> seen(Optional<Seen> seen) {
        return seen.<List<Node>>map(now -> {
                    var kind = now.kind();
                    var menu = Widgets.menu(
                            capital(now.degree().label()),
                            "stage-seen",
                            kind.label() + ": how much of them this view shows; what is hidden is not picked",
                            Stream.of(Degree.values())
                                    .map(d -> capital(d.label()))
                                    .toList(),
                            i -> StageSights.see(model, kind, Degree.values()[i]));
                    var lock = Widgets.toggle(
                            "Lock",
                            "stage-lock",
                            "What is locked is seen and not picked",
                            now.locked(),
                            () -> StageSights.lock(model, kind));
                    lock.setMinWidth(USE_PREF_SIZE);
                    lock.setMaxWidth(USE_PREF_SIZE);
                    return List.of(new HBox(4, menu, lock));
                })
                .orElse(List.of());
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    static String id(String label) {
        return label.toLowerCase(Locale.ROOT).replace(' ', '-').replace(",", "");
    }
}
