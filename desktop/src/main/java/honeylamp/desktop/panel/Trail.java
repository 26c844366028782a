package honeylamp.desktop.panel;

import honeylamp.derive.snags.Snag;
import honeylamp.derive.traced.ScaleFit;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.StageIcons;
import honeylamp.desktop.panel.part.StageSights;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The stages in the order people work, each with its state in words. */
public final class Trail extends VBox {
    private static final PseudoClass ACTIVE = PseudoClass.getPseudoClass("active");

    private final WorkspaceModel model;
    private final Map<WorkStage, Label> states = new EnumMap<>(WorkStage.class);
    private final Map<WorkStage, Button> buttons = new EnumMap<>(WorkStage.class);

    /** A trail on a model. */
    public Trail(WorkspaceModel model) {
        super(0);
        this.model = model;
        setId("trail");
        getStyleClass().add("trail");
        for (var stage : WorkStage.values()) {
            getChildren().add(button(stage));
        }
        model.state().subscribe(_ -> update());
        model.shown().search().known().subscribe(_ -> update());
    }

    private Button button(WorkStage stage) {
        var state = new Label();
        state.getStyleClass().add("stage-state");
        state.setId("state-" + key(stage));
        states.put(stage, state);
        var name = new Label(stage.label());
        name.getStyleClass().add("stage-name");
        var icon = new StackPane(StageIcons.of(stage));
        icon.getStyleClass().add("stage-icon-box");
        var words = new VBox(name, state);
        words.setAlignment(Pos.CENTER);
        var whole = new VBox(1, icon, words);
        whole.setAlignment(Pos.CENTER);
        var button = new Button("", whole);
        button.setId("stage-" + key(stage));
        button.getStyleClass().add("stage");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(_ -> taken(stage));
        var tip = new Tooltip();
        tip.textProperty()
                .bind(Bindings.concat(
                        stage.label(),
                        stage.keys().map(k -> "  (" + k.text() + ")").orElse(""),
                        "\n",
                        state.textProperty(),
                        "\nPressed again it opens the tray"));
        button.setTooltip(tip);
        button.setAccessibleText(stage.label());
        stage.kind().ifPresent(kind -> button.setContextMenu(sights(kind)));
        buttons.put(stage, button);
        return button;
    }

    /** The second button shows, fades, hides and locks what the stage works on. */
    private ContextMenu sights(Kind kind) {
        var menu = new ContextMenu();
        menu.setOnShowing(_ -> {
            var now = model.now();
            menu.getItems().clear();
            for (var degree : Degree.values()) {
                var item = new CheckMenuItem(kind.label() + " " + degree.label());
                item.setSelected(now.view().showing().of(kind) == degree);
                item.setOnAction(_ -> StageSights.see(model, kind, degree));
                menu.getItems().add(item);
            }
            var lock = new CheckMenuItem("Locked");
            lock.setSelected(now.view().showing().locked().contains(kind));
            lock.setOnAction(_ -> StageSights.lock(model, kind));
            menu.getItems().addAll(new SeparatorMenuItem(), lock);
        });
        menu.getItems().add(new CheckMenuItem(kind.label())); // a menu without items does not open
        return menu;
    }

    /** A stage is taken up; pressed again it opens its tray. */
    private void taken(WorkStage stage) {
        if (stage == model.now().stage()) {
            model.chooseWithin(model.now().choices().withShelf(Choices.Shelf.OPEN));
        } else {
            model.go(stage);
        }
    }

    private static String key(WorkStage stage) {
        return stage.label().toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    private void update() {
        var now = model.now();
        buttons.forEach((stage, button) -> button.pseudoClassStateChanged(ACTIVE, stage == now.stage()));
        states.forEach((stage, label) ->
                label.setText(sight(stage).orElseGet(() -> state(stage, now.currentStorey()))));
    }

    /** What is not shown in full, or not to be picked, says so in place of its count. */
    private Optional<String> sight(WorkStage stage) {
        var now = model.now();
        return stage.kind().flatMap(kind -> {
            var degree = now.view().showing().of(kind);
            return degree != Degree.SHOWN
                    ? Optional.of(degree.label())
                    : Optional.of("locked")
                            .filter(_ -> now.view().showing().locked().contains(kind));
        });
    }

    private String state(WorkStage stage, Storey storey) {
        var geometry = model.geometry();
        return switch (stage) {
            case UNDERLAY -> {
                var known = storey.underlays().stream()
                        .filter(u -> ScaleFit.of(u).isPresent())
                        .count();
                yield storey.underlays().isEmpty() ? "none" : scaleState(storey.underlays(), known);
            }
            case WALLS -> {
                var gaps = model.shown().snags().stream()
                        .filter(s -> s.kind().isGap())
                        .count();
                yield gaps > 0
                        ? gaps + (gaps == 1 ? " open end" : " open ends")
                        : count(storey.walls().size(), "wall");
            }
            case OPENINGS -> count(storey.openings().size(), "opening");
            case FIXED -> count(storey.structures().size() - bays(storey), "part");
            case SITE -> site(storey);
            case ROOMS -> {
                var named = geometry.rooms().stream()
                        .filter(r -> !r.name().isBlank())
                        .count();
                yield geometry.rooms().isEmpty()
                        ? "none yet"
                        : named + " of " + geometry.rooms().size() + " named";
            }
            case FINISHES -> {
                var laid = geometry.rooms().stream()
                        .filter(r -> r.mark()
                                .flatMap(m -> honeylamp.catalogue.Materials.of(
                                        m.floor().material()))
                                .isPresent())
                        .count();
                yield geometry.rooms().isEmpty()
                        ? "none yet"
                        : laid + " of " + geometry.rooms().size() + " laid";
            }
            case FURNISH -> count(storey.furnishings().size(), "piece");
            case DIMENSIONS -> storey.walls().isEmpty() ? "none yet" : "by themselves";
            case LABELS -> count(storey.notes().size(), "note");
            case LIGHTING -> count(storey.fittings().size(), "fitting");
            case LOOK -> model.shown().view().look().name();
            case SHEET -> {
                if (model.shown().allSnags().stream().anyMatch(s -> s.kind() == Snag.Kind.OFF_SHEET)) {
                    yield "plan too large";
                }
                var sheet = model.shown().page().page().sheet();
                yield sheet.paper().label()
                        + (model.shown().view().view().isFilling()
                                ? ", no scale"
                                : ", 1:" + (int) Math.rint(model.now().frame().scale()));
            }
        };
    }

    private static int bays(Storey storey) {
        return (int) storey.structures().stream()
                .filter(s -> s.form() instanceof Structure.ParkingBay)
                .count();
    }

    private static String site(Storey storey) {
        var bays = bays(storey);
        var grounds = storey.grounds().size();
        return bays > 0 && grounds > 0
                ? grounds + " + " + count(bays, "bay")
                : count(bays + grounds, bays > 0 ? "bay" : "outline");
    }

    private static String scaleState(List<Underlay> underlays, long known) {
        var doubtful = underlays.stream()
                .flatMap(u -> ScaleFit.of(u).stream())
                .anyMatch(f -> f.worstPercent() > ScaleFit.WARNING_PERCENT);
        return doubtful ? "lengths disagree" : known == 0 ? "no known length" : "true to scale";
    }

    private static String count(int n, String noun) {
        return n == 0 ? "none yet" : n + " " + noun + (n == 1 ? "" : "s");
    }
}
