package honeylamp.desktop.panel;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.store.LeftWork;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/** Offers the work that runs which ended early have left: to go on with, to save elsewhere, to leave or drop. */
public final class LeftWorkPane extends VBox {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ROOT);
    private static final int MOST_HEIGHT = 420;

    private final VBox rows = new VBox(14);
    private final Choice choice;
    private List<LeftWork> left = List.of();

    /** What a person can do with left work; each runs {@code done} once the work is dealt with and its row may go. */
    public interface Choice {
        /** Opens it as a document of its own. */
        void goOn(LeftWork.Good work, Runnable done);

        /** Writes it to a file that the person names. */
        void saveElsewhere(LeftWork.Good work, Runnable done);

        /** Removes it for good. */
        void drop(LeftWork work, Runnable done);

        /** The pane has closed. */
        void closed();
    }

    /** A pane, hidden at first. */
    public LeftWorkPane(Choice choice) {
        super(12);
        this.choice = choice;
        setId("left-work");
        getStyleClass().add("finder");
        setMaxSize(600, USE_PREF_SIZE);
        var scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        rows.heightProperty().subscribe(h -> scroll.setPrefViewportHeight(Math.min(MOST_HEIGHT, h.doubleValue())));
        scroll.setMinHeight(0);
        getChildren()
                .addAll(
                        Widgets.heading("Work from a run that ended early"),
                        Widgets.quiet("Nothing is changed until you choose. What you leave is offered again at the next"
                                + " start."),
                        scroll,
                        Widgets.row(Widgets.button("Leave all", "leave-left-work", "Esc does it too", this::close)));
        show(false);
    }

    private void show(boolean is) {
        setVisible(is);
        setManaged(is);
    }

    /** Offers this work, if there is any. */
    public void offer(List<LeftWork> work) {
        left = work;
        update();
        if (!work.isEmpty()) {
            show(true);
            var first = lookup("#go-on-0");
            if (first != null) {
                first.requestFocus();
            }
        }
    }

    private void update() {
        var nodes = new ArrayList<Node>();
        for (var i = 0; i < left.size(); i++) {
            nodes.add(row(left.get(i), i));
        }
        rows.getChildren().setAll(nodes);
        if (left.isEmpty() && isVisible()) {
            close();
        }
    }

    private VBox row(LeftWork work, int index) {
        var drop = Widgets.button(
                "Throw away",
                "drop-left-" + index,
                "This work is then gone for good",
                () -> choice.drop(work, () -> dealt(work)));
        return switch (work) {
            case LeftWork.Good good -> {
                var name = new Label(good.plan().spokenName() + ", " + when(good));
                name.getStyleClass().add("plan-name");
                var goOn = Widgets.button(
                        "Go on with it",
                        "go-on-" + index,
                        "Opens it as it was; the plan in the window is left first",
                        () -> choice.goOn(good, this::goneOn));
                goOn.getStyleClass().add("main-action");
                var elsewhere = Widgets.button(
                        "Save elsewhere…",
                        "save-left-" + index,
                        "Writes it to a file that you name and opens nothing",
                        () -> choice.saveElsewhere(good, () -> dealt(good)));
                var leave = Widgets.button(
                        "Leave it", "leave-left-" + index, "It is offered again at the next start", () -> dealt(good));
                yield new VBox(5, name, Widgets.quiet(about(good)), Widgets.row(goOn, elsewhere, leave, drop));
            }
            case LeftWork.Unreadable(var folder, var sentence) ->
                new VBox(
                        5,
                        Widgets.quiet("A journal gives no plan. " + sentence + " It lies in " + folder + "."),
                        Widgets.row(
                                Widgets.button(
                                        "Leave it",
                                        "leave-left-" + index,
                                        "It is told again at the next start",
                                        () -> dealt(work)),
                                drop));
        };
    }

    private static String when(LeftWork.Good work) {
        var at = LocalDateTime.ofInstant(work.at(), ZoneId.systemDefault());
        return at.toLocalDate().equals(LocalDate.now()) ? "today, " + TIME.format(at) : DAY.format(at);
    }

    private static String about(LeftWork.Good work) {
        var where = work.origin().file().map(f -> "in " + f).orElse("");
        if (where.isEmpty()) {
            return "It was never saved to a file.";
        }
        return work.unsaved()
                ? "It goes further than what was saved " + where + "."
                : "All of it was saved " + where + "; nothing is missing.";
    }

    private void dealt(LeftWork work) {
        left = left.stream().filter(w -> w != work).toList();
        update();
    }

    /** Work is open again; what else there is waits for the next start. */
    private void goneOn() {
        close();
    }

    /** A key of the window, while the pane is open. */
    public void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close();
            e.consume();
        }
    }

    /** Closes the pane; what is still in it is offered again at the next start. */
    public void close() {
        show(false);
        choice.closed();
    }
}
