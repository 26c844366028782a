package honeylamp.desktop.panel;

import honeylamp.derive.snags.Snag;
import honeylamp.desktop.gesture.look.TryMend;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.SnagSearch.Progress;
import honeylamp.desktop.workspace.SnagSearch.SnagThere;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Mending;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.concurrent.Task;
import javafx.css.PseudoClass;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.Duration;

/** The counter of snags; opened, it lists them, and each can be shown. */
public final class SnagList extends Button {
    private static final PseudoClass CLEAN = PseudoClass.getPseudoClass("clean");
    private static final double CLOSE_PX_PER_MM = 0.25;

    private final WorkspaceModel model;
    private final PlanPane plan;
    private final Consumer<Task<?>> follow;
    private ContextMenu menu = new ContextMenu();
    private final PauseTransition soon = new PauseTransition(Duration.millis(400));
    private boolean waiting;
    private Thread proposing = Thread.ofPlatform().unstarted(() -> {});

    private static final String LOOKING = "Looking for snags\u2026";
    private static final int MOST_SHOWN = 40;
    private static final int SENTENCE_PX = 360;
    private static final long AT_ONCE_NANOS = 150_000_000;

    /**
     * A counter on a model; "Show" moves the plan pane.
     *
     * @param follow shows the progress of long work, with a way to end it
     */
    public SnagList(WorkspaceModel model, PlanPane plan, Consumer<Task<?>> follow) {
        this.model = model;
        this.plan = plan;
        this.follow = follow;
        setId("snags");
        getStyleClass().add("snags");
        setOnAction(_ -> open());
        soon.setOnFinished(_ -> setText(LOOKING));
        model.state().subscribe(_ -> update());
        model.shown().search().known().subscribe(_ -> {
            update();
            if (menu.isShowing() && waiting) {
                open(); // anew, so that it finds its place: a longer list would grow out of the window
            }
        });
        plan.addEventFilter(javafx.scene.input.MouseEvent.MOUSE_PRESSED, _ -> menu.hide());
    }

    private void update() {
        var count = model.shown().snags().size();
        var elsewhere = model.shown().snagsElsewhere().size();
        switch (model.shown().search().known().get().progress()) {
            case LOOKING -> soon.play(); // what was known stays, unless it takes long
            case STOPPED -> {
                soon.stop();
                setText("Snags not looked for");
            }
            case DONE -> {
                soon.stop();
                var here = count == 0 ? "No snags" : count == 1 ? "1 snag" : count + " snags";
                setText(elsewhere == 0 ? here : here + " here, " + elsewhere + " on other storeys");
                pseudoClassStateChanged(CLEAN, count == 0 && elsewhere == 0);
            }
        }
    }

    private void open() {
        menu.hide();
        menu = new ContextMenu();
        menu.getStyleClass().add("snag-menu");
        menu.setOnHidden(_ -> {
            untried();
            proposing.interrupt(); // nobody waits for the other mends any more
        });
        fill();
        menu.show(this, Side.TOP, 0, -4);
    }

    private void fill() {
        var progress = model.shown().search().known().get().progress();
        waiting = progress != Progress.DONE;
        if (waiting) {
            menu.getItems().add(searching(progress));
            return;
        }
        var snags = model.shown().snags();
        for (var snag : snags.subList(0, Math.min(MOST_SHOWN, snags.size()))) {
            menu.getItems().add(item(snag));
        }
        var elsewhere = model.shown().snagsElsewhere();
        for (var there : elsewhere.subList(0, Math.min(MOST_SHOWN, elsewhere.size()))) {
            menu.getItems().add(item(there));
        }
        if (snags.isEmpty() && elsewhere.isEmpty()) {
            menu.getItems().add(new CustomMenuItem(new Label("Nothing is wrong with this plan.")));
        }
        menu.getItems().addAll(0, mendAll(snags));
        menu.getItems().addFirst(reach());
        proposeMends(snags);
    }

    /** While snags are looked for, and when the search was ended: the list comes by itself when it is whole. */
    private CustomMenuItem searching(Progress progress) {
        var search = model.shown().search();
        var looking = progress == Progress.LOOKING;
        var words = new Label(looking ? LOOKING : "The search was ended, so it is not known what is wrong.");
        var button = looking
                ? Widgets.button("End the search", "snags-stop", "The plan stays as it is", search::stop)
                : Widgets.button("Look again", "snags-again", "Looks for what is wrong with the plan", search::again);
        return new CustomMenuItem(new VBox(6, words, button), false);
    }

    /** A snag of another storey: showing it goes there. */
    private CustomMenuItem item(SnagThere there) {
        return item(
                there.snag(),
                there.storey().name() + ": " + there.snag().kind().label(),
                () -> show(there.storey().id(), there.snag()));
    }

    private CustomMenuItem item(Snag snag) {
        return item(snag, snag.kind().label(), () -> show(model.now().storey(), snag));
    }

    private static CustomMenuItem item(Snag snag, String heading, Runnable show) {
        var kind = Widgets.heading(heading);
        var sentence = new Text(snag.sentence()); // a menu asks a label for the height of one line only
        sentence.setWrappingWidth(SENTENCE_PX);
        sentence.getStyleClass().add("snag-words");
        var buttons = Widgets.row();
        buttons.setUserData(snag);
        var item = new CustomMenuItem(new VBox(4, kind, sentence, buttons));
        buttons.getChildren().add(Widgets.button("Show", "snag-show", "Goes to the place", () -> {
            item.getParentPopup().hide();
            show.run();
        }));
        item.setOnAction(_ -> show.run());
        return item;
    }

    /** Works out the mends: at once while that is quick, the rest while the list is open. */
    private void proposeMends(List<Snag> snags) {
        var plan = model.now().plan();
        var geometry = model.geometry();
        var reach = model.now().choices().gapReach();
        var until = System.nanoTime() + AT_ONCE_NANOS;
        var later = new ArrayList<Snag>();
        for (var snag : snags.subList(0, Math.min(MOST_SHOWN, snags.size()))) {
            if (System.nanoTime() < until) {
                Mending.of(plan, geometry, snag, reach).ifPresent(m -> offer(snag, m));
            } else {
                later.add(snag);
            }
        }
        if (!later.isEmpty()) {
            proposing.interrupt();
            proposing = Thread.ofPlatform().daemon().name("mends").start(() -> {
                for (var snag : later) {
                    if (Thread.interrupted()) {
                        return;
                    }
                    var mend = Mending.of(plan, geometry, snag, reach);
                    Platform.runLater(
                            () -> mend.filter(_ -> model.now().plan() == plan).ifPresent(m -> offer(snag, m)));
                }
            });
        }
    }

    private void offer(Snag snag, Mending.Mend mend) {
        for (var item : menu.getItems()) {
            if (item instanceof CustomMenuItem c
                    && c.getContent() instanceof VBox box
                    && box.getChildren().getLast() instanceof HBox row
                    && row.getUserData() == snag) {
                var button = Widgets.button(
                        mend.words(), "mend", "The plan shows what it will do; " + Keys.BRINGS_IT_BACK, () -> {
                            menu.hide();
                            model.edit(mend.plan(), "Mend: " + snag.kind().label());
                            plan.requestFocus();
                        });
                button.hoverProperty().or(button.focusedProperty()).subscribe(looked -> {
                    untried();
                    if (looked) {
                        model.begin(new TryMend(model.now().gesture(), mend.plan()));
                    }
                });
                row.getChildren().add(button);
            }
        }
    }

    /** Nothing is shown of a mend any more. */
    private void untried() {
        if (model.now().gesture() instanceof TryMend tried) {
            model.begin(tried.under());
        }
    }

    /** One button for each kind that is there more than once. */
    private List<CustomMenuItem> mendAll(List<Snag> snags) {
        var out = new ArrayList<CustomMenuItem>();
        for (var kind : Snag.Kind.values()) {
            var count = snags.stream().filter(s -> s.kind() == kind).count();
            if (count > 1 && kind.mendsByItself()) {
                var button = Widgets.button(
                        "Mend all " + count + ": " + kind.label(),
                        "mend-all-" + kind.name().toLowerCase(java.util.Locale.ROOT),
                        "Mends what can be mended safely, as one step",
                        () -> {
                            menu.hide();
                            mendAll(kind);
                        });
                out.add(new CustomMenuItem(button));
            }
        }
        return out;
    }

    /** Mends aside, so that it can be ended; the plan may not have changed meanwhile. */
    private void mendAll(Snag.Kind kind) {
        var before = model.now().plan();
        var storey = model.now().storey();
        var gaps = model.now().choices().gapReach();
        var work = new Task<Optional<Plan>>() {
            @Override
            protected Optional<Plan> call() {
                updateTitle("Mending");
                return Mending.all(before, storey, kind, gaps, () -> !isCancelled());
            }
        };
        work.setOnSucceeded(_ -> work.getValue().ifPresent(mended -> {
            if (model.now().plan() == before) {
                model.edit(mended, "Mend all: " + kind.label());
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
        plan.requestFocus();
    }

    private CustomMenuItem reach() {
        var field = new LengthField(
                "Ends count as gaps up to",
                "gap-reach",
                model.now().choices().gapReach(),
                model.now().plan().units(),
                v -> {
                    model.chooseWithin(model.now().choices().withGapReach(v));
                    menu.hide();
                },
                model::complain);
        return new CustomMenuItem(field, false);
    }

    private void show(StoreyId storey, Snag snag) {
        var tool = snag.kind().isOfOpenings() // where what is in a leaf's way is shown
                ? Tool.PICK_OPENINGS
                : model.now().tool();
        model.act(
                new Intent.GoTo(storey),
                new Intent.Show(new Viewport(
                        snag.where(), Math.max(model.now().viewport().pxPerMm(), CLOSE_PX_PER_MM))),
                new Intent.TakeUp(tool),
                new Intent.Pick(Set.copyOf(snag.about())),
                new Intent.Say(Said.news(snag.sentence())));
        plan.requestFocus();
    }
}
