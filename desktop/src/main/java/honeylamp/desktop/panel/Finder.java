package honeylamp.desktop.panel;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.NewOpening;
import honeylamp.desktop.panel.guide.GuidePane;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.PlanEdits;
import honeylamp.guide.Place;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.LineRole;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Role;
import honeylamp.plan.Sheet;
import honeylamp.plan.TextRole;
import honeylamp.store.AtHand;
import honeylamp.units.Rounding;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/** Finds by word: commands, tools, openings, pieces, finishes, and what is in the plan. */
public final class Finder extends VBox {
    private static final int MOST_SHOWN = 60;

    /**
     * Something that is found.
     *
     * @param also what else people call it
     */
    private record Found(String name, String kind, String also, Runnable action) {
        Found(String name, String kind, Runnable action) {
            this(name, kind, "", action);
        }

        /** Its very name first, then names in which the words are, then what is only said of it. */
        int rank(String typed) {
            if (name.equalsIgnoreCase(typed.strip())) {
                return 0;
            }
            return FinderWords.fits(typed, name) ? 1 : 2;
        }

        boolean fits(String typed) {
            return FinderWords.fits(typed, name + " " + kind + " " + also);
        }
    }

    private static final double CLOSE_PX_PER_MM = 0.25;

    private final WorkspaceModel model;
    private final WindowActions window;
    private final Library<AtHand> atHand;
    private final GuidePane guide;
    private final TextField words = new TextField();
    private final ListView<Found> list = new ListView<>();

    /** A finder, hidden at first. */
    public Finder(WorkspaceModel model, WindowActions window, Library<AtHand> atHand, GuidePane guide) {
        super(8);
        this.model = model;
        this.window = window;
        this.atHand = atHand;
        this.guide = guide;
        setId("finder");
        getStyleClass().add("finder");
        setVisible(false);
        setManaged(false);
        setMaxSize(460, 380);
        words.setId("finder-words");
        words.setPromptText("Find a command, piece, room or finish");
        words.setAccessibleText("Find");
        words.textProperty().subscribe(_ -> update());
        words.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.setCellFactory(_ -> new Row());
        list.setOnMouseClicked(_ -> run());
        list.setFocusTraversable(false);
        getChildren().addAll(words, list);
    }

    /** Opens the finder with no words. */
    public void open() {
        setVisible(true);
        setManaged(true);
        words.clear();
        update();
        words.requestFocus();
    }

    private void close() {
        setVisible(false);
        setManaged(false);
        window.focusPlan();
    }

    private void key(KeyEvent e) {
        var chosen = list.getSelectionModel();
        switch (e.getCode()) {
            case KeyCode.ESCAPE -> close();
            case KeyCode.ENTER -> run();
            case KeyCode.DOWN ->
                chosen.select(
                        Math.min(chosen.getSelectedIndex() + 1, list.getItems().size() - 1));
            case KeyCode.UP -> chosen.select(Math.max(chosen.getSelectedIndex() - 1, 0));
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void run() {
        var found = list.getSelectionModel().getSelectedItem();
        if (found != null) {
            close();
            found.action.run();
        }
    }

    private void update() {
        var typed = words.getText();
        list.getItems()
                .setAll(all().stream()
                        .filter(f -> f.fits(typed))
                        .sorted(Comparator.comparingInt(f -> f.rank(typed)))
                        .limit(MOST_SHOWN)
                        .toList());
        list.getSelectionModel().select(0);
    }

    private List<Found> all() {
        var out = new ArrayList<Found>();
        for (var command : window.commands().all()) {
            if (command.isFound() && window.commands().isPossible(command)) {
                var also = command.hint() + " " + FinderWords.also(command.id());
                out.add(new Found(command.words(), command.keyText(), also, command.action()));
            }
        }
        for (var stage : WorkStage.values()) {
            for (var tool : stage.tools()) {
                var also = tool.hint() + " " + FinderWords.also(tool.id());
                out.add(new Found(stage.label() + ": " + tool.label(), "stage", also, () -> model.use(tool)));
            }
        }
        out.addAll(ofThePlan());
        out.addAll(settings());
        for (var kind : OpeningKind.values()) {
            out.add(new Found(kind.label(), "opening", kind.family().label(), () -> {
                Catalogue.noteUse(atHand, "openings", kind.name());
                take(
                        model.now()
                                .choices()
                                .withOpening(
                                        NewOpening.of(kind, model.now().plan().units())),
                        Tool.PUT_IN_OPENING);
            }));
        }
        for (var kind : PartKinds.all()) {
            out.add(new Found(kind.label(), "fixed part", () -> {
                Catalogue.noteUse(atHand, "parts", kind.key());
                take(
                        model.now()
                                .choices()
                                .withPart(model.now().choices().part().withKind(kind.key())),
                        Tool.PUT_IN_PART);
            }));
        }
        for (var kind : Furnishings.all()) {
            out.add(new Found(kind.label(), "piece", kind.found(), () -> {
                Catalogue.noteUse(atHand, "furnish", kind.key());
                take(model.now().choices().placing(kind.key()), Tool.PLACE_PIECE);
            }));
        }
        for (var material : Materials.all()) {
            out.add(new Found(material.label(), "finish", () -> {
                Catalogue.noteUse(atHand, "finishes", material.key());
                take(model.now().choices().withMaterial(material.key()), Tool.LAY_FINISH);
            }));
        }
        for (var room : model.geometry().rooms()) {
            room.mark()
                    .filter(m -> !m.name().isBlank())
                    .ifPresent(m -> out.add(new Found(
                            m.name(),
                            "room",
                            () -> model.act(new Intent.TakeUp(Tool.NAME_ROOMS), new Intent.Pick(Set.of(m.id()))))));
        }
        for (var page : guide.pages()) {
            out.add(new Found("Guide: " + page.title(), "guide", "help how", () -> guide.open(Place.of(page.key()))));
        }
        return out;
    }

    /** Storeys, wall types, looks and snags. */
    private List<Found> ofThePlan() {
        var out = new ArrayList<Found>();
        var now = model.now();
        for (var storey : now.plan().storeys()) {
            out.add(new Found(storey.name(), "storey", "floor level", () -> model.goTo(storey.id())));
        }
        for (var type : now.plan().wallTypes()) {
            out.add(new Found(
                    type.name(), "wall type", () -> take(now.choices().withWallType(type.id()), Tool.DRAW_WALLS)));
        }
        for (var look : Looks.all()) {
            out.add(new Found(look.name(), "look", "style preset", () -> model.look(look)));
        }
        for (var snag : model.shown().snags()) {
            out.add(new Found(
                    snag.kind().label(),
                    "snag",
                    "problem wrong " + snag.sentence(),
                    () -> model.act(
                            new Intent.Pick(Set.copyOf(snag.about())),
                            new Intent.Show(new Viewport(
                                    snag.where(),
                                    Math.max(
                                            CLOSE_PX_PER_MM,
                                            model.now().viewport().pxPerMm()))),
                            new Intent.Say(Said.news(snag.sentence())))));
        }
        return out;
    }

    /** What is set elsewhere in the window and in the plan. */
    private List<Found> settings() {
        var out = new ArrayList<Found>();
        var style = window.style();
        for (var room : WindowStyle.Room.values()) {
            out.add(new Found(room.label(), "setting", "window theme", () -> window.style(style.withRoom(room))));
        }
        for (var percent = WindowStyle.LEAST_PERCENT; percent <= WindowStyle.MOST_PERCENT; percent += 25) {
            var each = percent;
            out.add(new Found(
                    Words.of("Words at %d %%", each),
                    "setting",
                    "window text font size",
                    () -> window.style(style.withTextPercent(each))));
        }
        for (var paper : Sheet.Paper.standard()) {
            for (var way : Sheet.Way.values()) {
                var words = way == Sheet.Way.LANDSCAPE ? ", landscape" : ", portrait";
                out.add(new Found(
                        "Paper " + paper.label() + words,
                        "setting",
                        "sheet page size orientation",
                        () -> model.edit(PlanEdits.on(model.now().plan(), paper, way), "Change paper")));
            }
        }
        for (var units : UnitSystem.values()) {
            out.add(new Found(
                    "Lengths in " + (units.isMetric() ? units.sign() : "feet and inches"),
                    "setting",
                    "units measure metric imperial",
                    () -> model.edit(PlanEdits.in(model.now().plan(), units), "Change units")));
        }
        for (var step : Rounding.steps(model.now().plan().units())) {
            out.add(new Found(
                    "Shown lengths rounded to "
                            + new Rounding(model.now().plan().units(), step).words(),
                    "setting",
                    "dimensions precision decimals round",
                    () -> model.edit(PlanEdits.rounded(model.now().plan(), step), "Round shown lengths")));
        }
        for (var face : DrawnFace.values()) {
            out.add(new Found(
                    "Draw the " + face.label().toLowerCase(Locale.ROOT),
                    "setting",
                    "walls drawn line justification",
                    () -> take(model.now().choices().withFace(face), Tool.DRAW_WALLS)));
        }
        for (var role : Role.values()) {
            out.add(look("Colour of " + role.label().toLowerCase(Locale.ROOT), c -> c.withRole(role)));
        }
        for (var line : LineRole.values()) {
            out.add(look("Pen of " + line.label().toLowerCase(Locale.ROOT), c -> c.withLine(line)));
        }
        for (var text : TextRole.values()) {
            out.add(look("Type of " + text.label().toLowerCase(Locale.ROOT), c -> c.withText(text)));
        }
        for (var lamp : Lamp.values()) {
            out.add(new Found("Lamp: " + lamp.label(), "setting", "shade colour draft", () -> model.light(lamp)));
        }
        return out;
    }

    /** A setting of the look, which its stage offers with the field at hand. */
    private Found look(String words, UnaryOperator<Choices> at) {
        return new Found(
                words,
                "setting",
                "look line weight thickness text font colour",
                () -> take(
                        at.apply(model.now().choices()), WorkStage.LOOK.tools().getFirst()));
    }

    private void take(Choices choices, Tool tool) {
        model.act(new Intent.ChooseWithin(choices), new Intent.TakeUp(tool));
    }

    private static final class Row extends ListCell<Found> {
        @Override
        protected void updateItem(Found item, boolean empty) {
            super.updateItem(item, empty);
            if (empty || item == null) {
                setGraphic(null);
                return;
            }
            var kind = new Label(item.kind);
            kind.getStyleClass().add("quiet");
            setGraphic(Widgets.row(new Label(item.name), Widgets.spring(), kind));
        }
    }
}
