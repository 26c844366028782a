package honeylamp.desktop.panel;

import honeylamp.derive.snags.Snag;
import honeylamp.desktop.gesture.Choices.Docked;
import honeylamp.desktop.gesture.look.TryMend;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.SnagSearch.Progress;
import honeylamp.desktop.workspace.SnagSearch.SnagThere;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Mending;
import honeylamp.edit.Mending.Mend;
import honeylamp.guide.Place;
import honeylamp.plan.Element;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.concurrent.Task;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** All snags in a list below the drawing: grouped by kind, one line each; each is shown, and mended where it is safe. */
public final class SnagDock extends VBox {
    private static final double MOST_ROWS = 5.4;
    private static final double CLOSE_PX_PER_MM = 0.25;

    /** A line of the list. */
    private sealed interface Row {
        /** All of a kind; their lines follow unless they are folded. */
        record Group(Snag.Kind kind, int count) implements Row {}

        /** One snag and where it is. */
        record One(SnagThere there, boolean onThisStorey) implements Row {
            Snag.Kind kind() {
                return there.snag().kind();
            }
        }
    }

    private final WorkspaceModel model;
    private final Runnable toPlan;
    private final Consumer<Task<?>> follow;
    private final Consumer<Place> guide;
    private final SnagMends mends;
    private final ListView<Row> list = new ListView<>();
    private final HBox head = new HBox(8);
    private final Set<Snag.Kind> folded = EnumSet.noneOf(Snag.Kind.class);
    private @Nullable Part shown;

    /** What is shown. */
    private record Part(Progress progress, List<Row> rows, int here, int elsewhere) {}

    /**
     * A list on a model, hidden until it is asked for.
     *
     * @param toPlan gives the keyboard to the plan
     * @param follow shows the progress of long work, with a way to end it
     * @param guide opens the guide where a kind of snag is told about
     */
    public SnagDock(WorkspaceModel model, Runnable toPlan, Consumer<Task<?>> follow, Consumer<Place> guide) {
        this.model = model;
        this.toPlan = toPlan;
        this.follow = follow;
        this.guide = guide;
        mends = new SnagMends(model, list::refresh);
        setId("snag-dock");
        setMinHeight(USE_PREF_SIZE); // the drawing gives way, not the list
        getStyleClass().add("snag-dock");
        head.getStyleClass().add("row");
        list.setId("snag-list");
        list.setAccessibleText("Snags");
        list.setCellFactory(_ -> new Line());
        list.setOnKeyPressed(e -> {
            var row = list.getSelectionModel().getSelectedItem();
            if (e.getCode() == KeyCode.ENTER && row != null) {
                taken(row);
                e.consume();
            }
        });
        getChildren().addAll(head, list);
        model.state().subscribe(_ -> update());
        model.shown().search().known().subscribe(_ -> update());
    }

    /** Whether mends are still being worked out. */
    public boolean busy() {
        return mends.busy();
    }

    private void update() {
        var open = model.now().choices().round().docked() == Docked.SNAGS;
        if (isVisible() && !open) {
            untried();
        }
        setVisible(open);
        setManaged(open);
        if (!open) {
            shown = null;
            return;
        }
        var progress = model.shown().search().known().get().progress();
        if (progress == Progress.LOOKING && shown != null && shown.progress == Progress.DONE) {
            return; // what was known stays until more is known
        }
        var next = new Part(
                progress,
                progress == Progress.DONE ? rows() : List.of(),
                model.shown().snags().size(),
                model.shown().snagsElsewhere().size());
        if (next.equals(shown)) {
            return;
        }
        shown = next;
        untried();
        head.getChildren().setAll(progress == Progress.DONE ? summary(next) : searching(progress));
        list.getItems().setAll(next.rows);
        var rows = Math.clamp(next.rows.size(), 0, MOST_ROWS);
        list.setVisible(rows > 0);
        list.setManaged(rows > 0);
        list.prefHeightProperty()
                .bind(list.fixedCellSizeProperty().multiply(rows).add(4));
        list.setMinHeight(USE_PREF_SIZE);
    }

    private List<Row> rows() {
        var all = new ArrayList<Row.One>();
        for (var snag : model.shown().snags()) {
            all.add(new Row.One(new SnagThere(model.now().currentStorey(), snag), true));
        }
        for (var there : model.shown().snagsElsewhere()) {
            all.add(new Row.One(there, false));
        }
        var out = new ArrayList<Row>();
        for (var kind : Snag.Kind.values()) {
            var of = all.stream().filter(r -> r.kind() == kind).toList();
            if (!of.isEmpty()) {
                out.add(new Row.Group(kind, of.size()));
                if (!folded.contains(kind)) {
                    out.addAll(of);
                }
            }
        }
        return out;
    }

    private List<javafx.scene.Node> summary(Part part) {
        var words = part.rows.isEmpty()
                ? "Nothing is wrong with this plan."
                : SnagCounter.counted(part.here, part.elsewhere);
        return List.of(Widgets.heading("Snags"), Widgets.quiet(words), Widgets.spring(), reach(), close());
    }

    /** While snags are looked for, and when the search was ended: the list comes by itself when it is whole. */
    private List<javafx.scene.Node> searching(Progress progress) {
        var search = model.shown().search();
        var looking = progress == Progress.LOOKING;
        var words = looking ? SnagCounter.LOOKING : "The search was ended, so it is not known what is wrong.";
        var button = looking
                ? Widgets.button("End the search", "snags-stop", "The plan stays as it is", search::stop)
                : Widgets.button("Look again", "snags-again", "Looks for what is wrong with the plan", search::again);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return List.of(Widgets.heading("Snags"), Widgets.quiet(words), button, Widgets.spring(), close());
    }

    private Button close() {
        return small(Widgets.button("Close", "snags-close", "Puts the list away", () -> {
            model.chooseWithin(model.now().choices().withDocked(Docked.NOTHING));
            toPlan.run();
        }));
    }

    private static Button small(Button button) {
        button.getStyleClass().add("small");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setMaxWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private LengthField reach() {
        var field = new LengthField(
                "Gaps up to",
                "gap-reach",
                model.now().choices().gapReach(),
                model.now().plan().units(),
                v -> model.chooseWithin(model.now().choices().withGapReach(v)),
                model::complain);
        Tooltip.install(
                field, new Tooltip("Walls that miss each other by no more than this are meant to meet: a gap, a snag"));
        field.setMaxWidth(USE_PREF_SIZE);
        return field;
    }

    /** A group folds or opens, a snag is shown. */
    private void taken(Row row) {
        switch (row) {
            case Row.Group group -> {
                if (!folded.remove(group.kind())) {
                    folded.add(group.kind());
                }
                var at = list.getSelectionModel().getSelectedIndex();
                shown = null;
                update();
                list.getSelectionModel().select(at);
            }
            case Row.One one -> show(one);
        }
    }

    private void show(Row.One one) {
        var snag = one.there.snag();
        var tool = snag.kind().isOfOpenings() // where what is in a leaf's way is shown
                ? Tool.PICK_OPENINGS
                : model.now().tool();
        model.act(
                new Intent.GoTo(one.there.storey().id()),
                new Intent.Show(new Viewport(
                        snag.where(), Math.max(model.now().viewport().pxPerMm(), CLOSE_PX_PER_MM))),
                new Intent.TakeUp(tool),
                new Intent.Pick(Set.copyOf(snag.about())),
                new Intent.Say(Said.news(snag.sentence())));
    }

    /** Nothing is shown of a mend any more. */
    private void untried() {
        if (model.now().gesture() instanceof TryMend tried) {
            model.begin(tried.under());
        }
    }

    /** Pointed at or focused; only a change counts, as buttons come and go beside one that is looked at. */
    private void whenLookedAt(Button button, Runnable show) {
        var looked = button.hoverProperty().or(button.focusedProperty());
        button.setUserData(looked); // else nothing holds it, and it is collected
        looked.subscribe((_, now) -> {
            untried();
            if (now) {
                show.run();
            }
        });
    }

    private Button mend(Snag snag, Mend mend) {
        var button =
                Widgets.button(mend.words(), "mend", "The plan shows what it will do; " + Keys.BRINGS_IT_BACK, () -> {
                    untried();
                    model.edit(mend.plan(), "Mend: " + snag.kind().label());
                    model.say("Mended: " + mend.words() + ".");
                });
        whenLookedAt(button, () -> model.begin(new TryMend(model.now().gesture(), mend.plan())));
        return small(button);
    }

    /** Mends aside, so that it can be ended; the plan may not have changed meanwhile. */
    private void mendAll(Snag.Kind kind) {
        untried();
        var before = model.now().plan();
        var gaps = model.now().choices().gapReach();
        var work = new Task<Optional<Mending.Mended>>() {
            @Override
            protected Optional<Mending.Mended> call() {
                updateTitle("Mending");
                return Mending.everywhere(before, kind, gaps, () -> !isCancelled());
            }
        };
        work.setOnSucceeded(_ -> work.getValue().ifPresent(mended -> {
            if (model.now().plan() == before) {
                mended(mended, kind);
            } else {
                model.complain("The plan changed while it was being mended, so nothing was mended. Mend all again.");
            }
        }));
        work.setOnCancelled(_ -> model.say("Mending ended; nothing was changed."));
        work.setOnFailed(_ -> {
            throw new IllegalStateException("mending all failed", work.getException());
        });
        follow.accept(work);
        Thread.ofPlatform().daemon().name("mend all").start(work);
    }

    /** What was mended is picked, so that it is seen, and said. */
    private void mended(Mending.Mended mended, Snag.Kind kind) {
        var before = model.now().currentStorey().elements();
        if (!mended.done().isEmpty()) {
            model.edit(mended.plan(), "Mend all: " + kind.label());
            model.pick(model.now()
                    .currentStorey()
                    .elements()
                    .all()
                    .filter(e -> before.find(e.id()).filter(b -> !b.equals(e)).isPresent())
                    .map(Element::id)
                    .collect(Collectors.toSet()));
        }
        model.say(mended.sentence(kind));
        toPlan.run();
    }

    /** The line of a group or a snag. */
    private final class Line extends ListCell<Row> {
        Line() {
            setPrefWidth(0); // as wide as the list
            setOnMouseClicked(_ -> {
                if (getItem() != null) {
                    taken(getItem());
                }
            });
        }

        @Override
        protected void updateItem(Row row, boolean empty) {
            super.updateItem(row, empty);
            setText(null);
            setGraphic(empty || row == null ? null : line(row));
        }

        private HBox line(Row row) {
            return switch (row) {
                case Row.Group group -> group(group);
                case Row.One one -> one(one);
            };
        }

        private HBox group(Row.Group group) {
            var sign = new Label(folded.contains(group.kind()) ? "\u25b8" : "\u25be");
            sign.getStyleClass().add("quiet");
            var name = new Label(capital(group.kind().label()) + " \u00b7 " + group.count());
            name.getStyleClass().add("snag-kind");
            var why =
                    Widgets.why("why-" + Place.key(group.kind().label()), () -> guide.accept(Topics.of(group.kind())));
            var row = Widgets.row(sign, name, why, Widgets.spring());
            if (group.count() > 1 && group.kind().mendsByItself()) {
                row.getChildren().add(mendAllButton(group));
            }
            return row;
        }

        /** Pointed at or focused, it shows what it would do. */
        private Button mendAllButton(Row.Group group) {
            var button = Widgets.button(
                    "Mend all " + group.count(),
                    "mend-all-" + group.kind().name().toLowerCase(Locale.ROOT),
                    "The plan shows what it will do; mends what can be mended safely, as one step, and says what it did",
                    () -> mendAll(group.kind()));
            whenLookedAt(
                    button,
                    () -> mends.all(group.kind(), mended -> {
                        if (button.isHover() || button.isFocused()) {
                            untried();
                            model.begin(new TryMend(model.now().gesture(), mended.plan()));
                        }
                    }));
            return small(button);
        }

        private HBox one(Row.One one) {
            var snag = one.there().snag();
            var sentence = new Label(snag.sentence());
            sentence.getStyleClass().add("snag-words");
            sentence.setMinWidth(0);
            sentence.setMaxWidth(Double.MAX_VALUE);
            Tips.on(sentence, snag.sentence());
            HBox.setHgrow(sentence, Priority.ALWAYS);
            var row = Widgets.row();
            row.getStyleClass().add("snag-line");
            if (model.now().plan().storeys().size() > 1) {
                var storey = new Label(one.there().storey().name());
                storey.getStyleClass().add("snag-storey");
                storey.setMinWidth(Region.USE_PREF_SIZE);
                row.getChildren().add(storey);
            }
            row.getChildren().add(sentence);
            if (one.onThisStorey()) {
                mends.of(snag).ifPresent(m -> row.getChildren().add(mend(snag, m)));
            }
            row.getChildren().add(small(Widgets.button("Show", "snag-show", "Goes to the place", () -> show(one))));
            return row;
        }

        private static String capital(String words) {
            return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
        }
    }
}
