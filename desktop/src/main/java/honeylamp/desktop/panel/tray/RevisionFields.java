package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.RevisionEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Revision;
import honeylamp.units.DateText;
import java.time.LocalDate;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What was changed since the plan was first sent: each with its mark and date. */
record RevisionFields(WorkspaceModel model, SheetTray.Part part) {
    Node all() {
        var out = new VBox(6, PageFields.words("What was changed", "revision-add", "", words -> {
            if (!words.isBlank()) {
                model.edit(RevisionEdits.add(plan(), DateText.of(LocalDate.now()), words), "Add revision");
            }
        }));
        var all = part.presentation().revisions();
        for (var i = all.size() - 1; i >= 0; i--) {
            out.getChildren().add(revision(i, all.get(i)));
        }
        return out;
    }

    private Plan plan() {
        return model.now().plan();
    }

    private Node revision(int at, Revision revision) {
        var mark = new WordField(
                "Mark", "revision-mark-" + at, revision.mark(), v -> edit(RevisionEdits.mark(plan(), at, v)));
        mark.setPrefColumnCount(3);
        var date = new WordField(
                "Date", "revision-date-" + at, revision.date(), v -> edit(RevisionEdits.date(plan(), at, dated(v))));
        date.setPrefColumnCount(11);
        return new VBox(
                4,
                new FlowPane(6, 6, mark, date),
                new WordField(
                        "What was changed",
                        "revision-words-" + at,
                        revision.words(),
                        v -> edit(RevisionEdits.rewrite(plan(), at, v))),
                Widgets.button(
                        "Take " + revision.mark() + " away",
                        "revision-away-" + at,
                        "Undo brings it back",
                        () -> model.edit(RevisionEdits.take(plan(), at), "Take revision away")));
    }

    private static String dated(String typed) {
        return DateText.read(typed, LocalDate.now()).map(DateText::of).orElse(typed);
    }

    private void edit(Outcome<Plan> outcome) {
        model.edit(outcome, "Change revision");
    }
}
