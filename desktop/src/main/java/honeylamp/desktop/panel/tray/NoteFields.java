package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordsArea;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.plan.NoteForm;
import honeylamp.plan.NoteForm.Edge;
import honeylamp.plan.NoteForm.Ground;
import honeylamp.plan.NoteForm.Setting;
import honeylamp.plan.Page.LaidNote;
import honeylamp.plan.Plan;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The notes laid on a page: what they say, how they are set, where they lie. */
record NoteFields(WorkspaceModel model, SheetTray.Part part) {
    Node all() {
        var out = new VBox(
                6,
                Widgets.button(
                        "Lay a note on the page",
                        "page-note",
                        "Paragraphs, headings (#) and lists (-) in a box anywhere on the paper",
                        () -> model.edit(
                                PageEdits.layNote(
                                        plan(),
                                        part.page().id(),
                                        "# Notes\n- Net area of all storeys {total area}\n- Drawn at {scale}"),
                                "Lay note on page")));
        for (var i = 0; i < part.page().boxes().size(); i++) {
            out.getChildren().add(note(i, part.page().boxes().get(i)));
        }
        return out;
    }

    private Plan plan() {
        return model.now().plan();
    }

    private Node note(int at, LaidNote note) {
        return new VBox(
                4,
                words(at, note),
                setting(at, note.form()),
                mm("Width", "laid-note-width-" + at, note.form().widthMm(), w -> widened(at, w)),
                mm("From the left", "laid-note-from-left-" + at, note.leftMm(), v -> put(at, v, note.downMm())),
                mm("From the top", "laid-note-from-top-" + at, note.downMm(), v -> put(at, note.leftMm(), v)),
                Widgets.button(
                        "Take it away",
                        "laid-note-away-" + at,
                        "The page is without it; undo brings it back",
                        () -> model.edit(PageEdits.takeNote(plan(), part.page().id(), at), "Take note away")));
    }

    private Node words(int at, LaidNote note) {
        return new WordsArea("laid-note-" + at, "Words of the note", note.text(), text -> rewrite(at, text));
    }

    private void rewrite(int at, String text) {
        model.edit(PageEdits.rewriteNote(plan(), part.page().id(), at, text), "Rewrite note");
    }

    private Node setting(int at, NoteForm form) {
        var pane = new FlowPane(4, 4);
        for (var setting : Setting.values()) {
            pane.getChildren()
                    .add(Widgets.toggle(
                            setting.label(),
                            "laid-note-" + setting.label().toLowerCase(Locale.ROOT) + "-" + at,
                            "Where lines begin",
                            form.setting() == setting,
                            () -> set(at, f -> f.withSetting(setting))));
        }
        var isEdged = form.edge() == Edge.LINE;
        pane.getChildren()
                .add(Widgets.toggle(
                        Edge.LINE.label(),
                        "laid-note-edge-" + at,
                        "A line around the note, or none",
                        isEdged,
                        () -> set(at, f -> f.withEdge(isEdged ? Edge.NONE : Edge.LINE))));
        var isGrounded = form.ground() == Ground.PAPER;
        pane.getChildren()
                .add(Widgets.toggle(
                        Ground.PAPER.label(),
                        "laid-note-ground-" + at,
                        "Paper under the note, so that it is read over anything",
                        isGrounded,
                        () -> set(at, f -> f.withGround(isGrounded ? Ground.NONE : Ground.PAPER))));
        pane.getChildren()
                .add(Widgets.toggle(
                        "Two columns",
                        "laid-note-columns-" + at,
                        "Side by side, each as wide as is said",
                        form.columns() == 2,
                        () -> set(at, f -> f.withColumns(form.columns() == 2 ? 1 : 2))));
        return pane;
    }

    private void set(int at, UnaryOperator<NoteForm> change) {
        model.edit(PageEdits.setNote(plan(), part.page().id(), at, change), "Set note");
    }

    private Outcome<Plan> widened(int at, double mm) {
        return mm > NoteForm.MOST_WIDTH_MM
                ? Outcome.refused("a column is at most " + (int) NoteForm.MOST_WIDTH_MM + " mm wide")
                : Outcome.done(PageEdits.setNote(plan(), part.page().id(), at, f -> f.withWidthMm(mm)));
    }

    private Outcome<Plan> put(int at, double left, double down) {
        return PageEdits.putNote(plan(), part.page().id(), at, left, down);
    }

    private Node mm(String name, String id, double mm, Function<Double, Outcome<Plan>> change) {
        return PictureFields.paperMm(model, part.units(), name, id, mm, change, "Put note");
    }
}
