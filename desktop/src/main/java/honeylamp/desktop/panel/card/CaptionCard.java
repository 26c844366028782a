package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Dimension;
import honeylamp.plan.Note;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import javafx.scene.Node;

/** A note by its words, a single dimension by what it measures and how far off its line lies. */
record CaptionCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Note note) {
        var words = new WordField("Words of the note", "note-words", note.text(), text -> {
            if (text.isEmpty()) {
                model.complain("A note needs words. Delete it if it is no longer wanted.");
            } else if (!text.equals(note.text())) {
                model.edit(NoteEdits.rewrite(parts.plan(), parts.at(), note.id(), text), "Rewrite note");
            }
        });
        return List.of(Widgets.heading("Note"), words, parts.delete());
    }

    List<Node> of(Dimension dimension) {
        var units = parts.plan().units();
        var mm = dimension.line().length();
        return List.of(
                Widgets.heading("Dimension"),
                Widgets.fact("Measures", LengthText.roundedWithUnit(Length.ofMm(mm), units)),
                parts.place(
                        "Line off by",
                        "dimension-offset",
                        dimension.offset(),
                        v -> Outcome.done(NoteEdits.aside(parts.plan(), parts.at(), dimension.id(), v)),
                        "Move dimension line"),
                Widgets.quiet("Its ends follow the walls they lie on."),
                parts.delete());
    }
}
