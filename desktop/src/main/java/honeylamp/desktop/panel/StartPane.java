package honeylamp.desktop.panel;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.Templates;
import honeylamp.demo.Demo;
import honeylamp.demo.Gallery;
import honeylamp.demo.Shipped;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Pictures;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.PlanEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import honeylamp.store.RecentPlan;
import honeylamp.units.UnitSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Where work begins: a new plan in its units on its paper, a picture, measures, a template, a recent plan, the gallery, a demo. */
public final class StartPane extends StackPane {
    private static final double TILE_PX = 150;
    private static final double TILE_HIGH_PX = 106;

    private final Choice choice;
    private final Libraries libraries;
    private final Pictures pictures = new Pictures(TILE_PX, TILE_HIGH_PX);
    private final TextField name = new TextField();
    private final VBox rows = new VBox(18);
    private List<Plan> own = List.of();
    private Set<String> found = Set.of();
    private int reading;
    private UnitSystem units = UnitSystem.MM;
    private Paper paper = Paper.A3;
    private Way way = Way.LANDSCAPE;
    private boolean paperChosen;

    /** What a person can begin with. */
    public interface Choice {
        /** Begins a plan that is in no file yet; {@code then} runs when it is open. */
        void begin(Plan plan, Runnable then);

        /** Opens a plan of a file. */
        void open(Path file);

        /** Asks for a plan file. */
        void openOther();

        /** Asks for a picture to trace. */
        void bringInPicture();

        /** Asks for a file of measures. */
        void bringInSurvey();

        /** A building model of another program becomes a plan. */
        void bringInModel();

        /** Opens a plan that ships with the program. */
        void openShipped(Shipped plan);

        /** Begins the tour of the demo. */
        void tour();

        /** Opens the guide. */
        void guide();

        /** Something could not be done; the sentence says why. */
        void complain(String sentence);

        /** The pane has closed. */
        void closed();
    }

    /** A pane, hidden at first. */
    public StartPane(Choice choice, Libraries libraries) {
        this.choice = choice;
        this.libraries = libraries;
        setId("start-view");
        getStyleClass().add("start");
        name.setId("start-name");
        name.setPromptText("Name, for example the street");
        name.setAccessibleText("Name of the plan");
        name.setPrefColumnCount(20);
        rows.getStyleClass().add("start-rows");
        rows.setMaxWidth(860);
        var middle = new StackPane(rows);
        middle.setAlignment(Pos.TOP_CENTER);
        var scroll = new ScrollPane(middle);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        getChildren().add(scroll);
        show(false);
    }

    private void show(boolean is) {
        setVisible(is);
        setManaged(is);
    }

    /** Opens the pane; a person's own templates and what is left of recent plans come as soon as they are read. */
    public void open() {
        paperChosen = false;
        update();
        show(true);
        name.requestFocus();
        reading++;
        Thread.ofPlatform().daemon().name("templates").start(() -> {
            var templates = libraries.templates().all();
            var there = libraries.recent().all().stream()
                    .map(RecentPlan::file)
                    .filter(f -> Files.exists(Path.of(f)))
                    .collect(Collectors.toSet());
            Platform.runLater(() -> {
                reading--;
                own = templates;
                found = there;
                update();
            });
        });
    }

    /** Whether templates are still being read. */
    public boolean busy() {
        return reading > 0;
    }

    /** Closes the pane. */
    public void close() {
        if (isVisible()) {
            show(false);
            choice.closed();
        }
    }

    /** A key of the window, while the pane is open. */
    public void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close();
            e.consume();
        }
    }

    private void update() {
        var title = new Label("Honey Lamp");
        title.getStyleClass().add("start-title");
        var back = Widgets.button("Back to the drawing", "start-close", "Esc does it too", this::close);
        back.setMaxWidth(USE_PREF_SIZE);
        var out = new ArrayList<Node>();
        out.add(Widgets.row(title, Widgets.spring(), back));
        if (libraries.recent().all().isEmpty()) {
            out.add(newcomer());
        }
        out.add(new VBox(8, Widgets.heading("A new plan"), line(), begin()));
        out.add(Widgets.section("Begin with a template", templates()));
        out.add(Widgets.section("Recent plans", recent()));
        out.add(Widgets.section("Gallery: finished plans, each made of its measures", shipped(Gallery.values())));
        out.add(Widgets.section("Demos", shipped(Demo.values())));
        var focused = getScene() == null ? null : getScene().getFocusOwner();
        var id = focused == null ? null : focused.getId();
        rows.getChildren().setAll(out);
        if (id != null && rows.lookup("#" + id) instanceof Node again) {
            again.requestFocus();
        }
    }

    /** For who has no plan yet. */
    private Node newcomer() {
        var tour = Widgets.button("Take the tour", "start-tour", "Two minutes on the demo; left at any step", () -> {
            close();
            choice.tour();
        });
        var guide = Widgets.button("Read the guide", "start-guide", "By task, and by stage", () -> {
            close();
            choice.guide();
        });
        var words = new Label("New here? A tour of the demo shows the window in two minutes.");
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        words.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(words, Priority.ALWAYS);
        for (var button : List.of(tour, guide)) {
            button.setMinWidth(USE_PREF_SIZE);
        }
        var row = Widgets.row(words, tour, guide);
        row.getStyleClass().add("newcomer");
        return row;
    }

    /** Name, units and paper in one line. */
    private Node line() {
        var line = new FlowPane(6, 6);
        line.getChildren().add(name);
        for (var each : UnitSystem.values()) {
            line.getChildren()
                    .add(toggle(
                            each.isMetric() ? each.sign() : "ft in",
                            "start-units-" + each.sign(),
                            "Lengths are read and shown so; every other unit is understood too",
                            each == units,
                            () -> {
                                if (each.isMetric() != units.isMetric()) {
                                    paper = each.isMetric() ? Paper.A3 : Paper.TABLOID;
                                }
                                units = each;
                            }));
        }
        line.getChildren().add(gap());
        var sizes = units.isMetric() ? List.of(Paper.A4, Paper.A3) : List.of(Paper.LETTER, Paper.TABLOID);
        for (var each : sizes) {
            line.getChildren()
                    .add(toggle(
                            each.label(),
                            "start-paper-" + each.label(),
                            "The paper it is drawn for; the Sheet stage has others",
                            each == paper,
                            () -> {
                                paper = each;
                                paperChosen = true;
                            }));
        }
        line.getChildren().add(gap());
        for (var each : Way.values()) {
            var words = each == Way.LANDSCAPE ? "Landscape" : "Portrait";
            line.getChildren().add(toggle(words, "start-way-" + words, "How the paper lies", each == way, () -> {
                way = each;
                paperChosen = true;
            }));
        }
        return line;
    }

    private static Node gap() {
        var gap = new HBox();
        gap.setMinWidth(8);
        return gap;
    }

    private Node toggle(String words, String id, String tip, boolean on, Runnable set) {
        return Widgets.toggle(words, id, tip, on, () -> {
            set.run();
            update();
        });
    }

    private Node begin() {
        var empty = Widgets.button("Empty plan", "start-empty", "Begins to draw", () -> begin(fresh(), () -> {}));
        empty.setDefaultButton(true);
        var picture = Widgets.button(
                "Bring in a picture\u2026",
                "start-picture",
                "A scan, a photo or a page to trace",
                () -> begin(fresh(), choice::bringInPicture));
        var measures = Widgets.button(
                "From measures\u2026", "start-measures", "A survey: readings in a CSV or JSON file", () -> {
                    close();
                    choice.bringInSurvey();
                });
        var model = Widgets.button(
                "From a model\u2026", "start-model", "Walls and rooms that another program wrote as IFC4", () -> {
                    close();
                    choice.bringInModel();
                });
        var open = Widgets.button("Open a plan\u2026", "start-open", "A plan that was saved", () -> {
            close();
            choice.openOther();
        });
        var ways = new FlowPane(6, 6, empty, picture, measures, model, open); // large words need a second line
        ways.getChildren().forEach(n -> ((Button) n).setMinWidth(USE_PREF_SIZE));
        return ways;
    }

    private Plan fresh() {
        return PlanEdits.named(PlanEdits.on(NewPlan.in(units), paper, way), name.getText());
    }

    private void begin(Plan plan, Runnable then) {
        choice.begin(plan, () -> {
            name.clear();
            close();
            then.run();
        });
    }

    private Node templates() {
        var tiles = new FlowPane(10, 10);
        var all = Templates.all();
        for (var i = 0; i < all.size(); i++) {
            var template = all.get(i);
            var tile = words(template.name(), template.about(), "start-template-" + i);
            tile.setOnAction(_ -> begin(onPaper(template.plan().apply(units)), () -> {}));
            tiles.getChildren().add(tile);
        }
        for (var i = 0; i < own.size(); i++) {
            var template = own.get(i);
            var sheet = template.presentation().pages().getFirst().sheet();
            var tile = tile(
                    template.name(),
                    "Your own; " + template.units().sign() + ", "
                            + sheet.paper().label(),
                    "start-own-" + i,
                    pictures.view("template " + template.name(), () -> Optional.of(Preview.png(template))),
                    () -> begin(onPaper(template), () -> {}));
            tiles.getChildren()
                    .add(withOff(tile, "start-own-off-" + i, "Deletes the template " + template.name(), () -> {
                        own = own.stream().filter(t -> t != template).toList();
                        reading++; // its file is looked for and deleted aside
                        Thread.ofPlatform().name("templates").start(() -> {
                            var problem = libraries.templates().forget(template);
                            Platform.runLater(() -> {
                                reading--;
                                forgotten(problem);
                            });
                        });
                    }));
        }
        return tiles;
    }

    /** A template under the typed name; on the paper that was chosen, or else on its own. */
    private Plan onPaper(Plan template) {
        return PlanEdits.named(paperChosen ? PlanEdits.on(template, paper, way) : template, name.getText());
    }

    private static Button words(String heading, String about, String id) {
        var title = new Label(heading);
        title.getStyleClass().add("start-name");
        var tile = new Button("", new VBox(2, title, quiet(about)));
        tile.setId(id);
        tile.getStyleClass().add("start-tile");
        tile.setAccessibleText(heading + ". " + about);
        return tile;
    }

    private static Label quiet(String words) {
        var label = new Label(words); // in one line: a tile asks for the height of its words before it knows its width
        label.getStyleClass().add("quiet");
        return label;
    }

    private Node recent() {
        var all = libraries.recent().all().reversed();
        if (all.isEmpty()) {
            return Widgets.quiet("Plans that you open or save are offered here.");
        }
        var tiles = new FlowPane(10, 10);
        for (var i = 0; i < all.size(); i++) {
            var plan = all.get(i);
            tiles.getChildren()
                    .add(withOff(
                            recent(plan, i),
                            "start-recent-off-" + i,
                            "Takes " + plan.name() + " off this list; its file stays",
                            () -> forgotten(libraries.recent().forget(plan))));
        }
        return tiles;
    }

    private void forgotten(String problem) {
        if (!problem.isEmpty()) {
            choice.complain(problem);
        }
    }

    /** A tile with a small button at its corner that takes it away; so does Delete on the tile. */
    private Node withOff(Button tile, String id, String tip, Runnable off) {
        Runnable taken = () -> {
            off.run();
            update();
        };
        var button = Widgets.button("\u00d7", id, tip, taken);
        button.getStyleClass().add("small");
        button.setMaxWidth(USE_PREF_SIZE);
        button.setMinWidth(USE_PREF_SIZE);
        tile.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DELETE) {
                taken.run();
                e.consume();
            }
        });
        var both = new StackPane(tile, button);
        StackPane.setAlignment(button, Pos.TOP_RIGHT);
        return both;
    }

    private Button recent(RecentPlan plan, int place) {
        var file = Path.of(plan.file());
        var folder = file.getParent();
        var where = reading > 0 || found.contains(plan.file()) ? String.valueOf(folder) : "no longer in " + folder;
        return tile(
                plan.name(),
                where,
                "start-recent-" + place,
                pictures.view(plan.file(), () -> PlanFile.preview(file)),
                () -> {
                    close();
                    choice.open(file);
                });
    }

    private Node shipped(Shipped[] plans) {
        var tiles = new FlowPane(10, 10);
        tiles.setRowValignment(VPos.TOP);
        for (var plan : plans) {
            tiles.getChildren()
                    .add(tile(
                            plan.label(),
                            plan.about(),
                            "start-" + plan.key(),
                            pictures.view(
                                    "shipped " + plan.key(),
                                    () -> Optional.of(
                                            Preview.png(plan.document().plan()))),
                            () -> {
                                close();
                                choice.openShipped(plan);
                            }));
        }
        return tiles;
    }

    private static Button tile(String heading, String about, String id, Node picture, Runnable action) {
        var title = new Label(heading);
        title.getStyleClass().add("start-name");
        var where = quiet(about);
        var tile = new Button("", new VBox(4, picture, title, where));
        tile.setId(id);
        tile.getStyleClass().addAll("start-tile", "pictured");
        tile.setAccessibleText(heading + ". " + about);
        Tips.on(tile, heading + "\n" + about); // a long name is cut short on the tile
        tile.setOnAction(_ -> action.run());
        return tile;
    }
}
